import {
  EYE_AMOUNTS,
  LOOK_LABELS,
  answerLabel,
  clubLabel,
  isBendOpen,
  isStartOpen,
  leadWords,
  withAmount,
} from '@loxos/core';
import type { EyeStrike, Look, LookShows, Plan } from '@loxos/core';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { changeBalls } from '../ball-actions.ts';

const isStrike = (shows: LookShows): shows is EyeStrike => shows in EYE_AMOUNTS.strikeToeMm;

/** What an answer of how much it was says of a start or a bend. */
const SIZES = { 'a little': 1, much: 2 } as const;
const SIZED = { 'how far': 'start', 'how much': 'bend' } as const;

interface AnswerProps {
  readonly label: string;
  readonly leads: string;
  readonly onClick: () => void;
}

const AnswerButton = ({ label, leads, onClick }: AnswerProps) => (
  <button
    type="button"
    onClick={onClick}
    className="min-h-14 flex-1 rounded-xl border-2 border-line px-2 leading-tight hover:border-ink"
  >
    <span className="block text-lg font-semibold">{label}</span>
    <span className="text-sm text-soft">{leads}</span>
  </button>
);

/** How far off line they start, or how much they bend: one answer for all of which nobody said it. */
function HowMuch({ lesson, look, ballIds }: HowMuchProps) {
  const of = SIZED[look.kind as keyof typeof SIZED];
  const isOpen = of === 'start' ? isStartOpen : isBendOpen;
  const counted = new Set(ballIds);
  const open = lesson.balls.filter((ball) => counted.has(ball.id) && isOpen(ball));
  return (
    <div className="flex gap-2">
      {(['a little', 'much'] as const).map((shows) => {
        const answer = look.answers.find((one) => one.shows === shows);
        const size = SIZES[shows];
        return (
          <AnswerButton
            key={shows}
            label={answerLabel({ shows })}
            leads={answer === undefined ? '' : leadWords(answer)}
            onClick={() =>
              changeBalls(
                open.map((ball) => ({ ball, changes: withAmount(ball, of, size) })),
                of === 'start' ? 'how far off line' : 'how much they bend',
              )
            }
          />
        );
      })}
    </div>
  );
}
interface HowMuchProps {
  readonly lesson: Lesson;
  readonly look: Look;
  readonly ballIds: readonly string[];
}

const GOES: Readonly<
  Partial<Record<NonNullable<Plan['look']>['kind'], readonly [string, string]>>
> = {
  post: ['watch', 'Tap them with the post laid'],
  balls: ['watch', 'Bring more balls in'],
  stick: ['set', 'Put down where the body aims'],
};

/** The one look that tells most, as a question; each answer says where it leads, and a strike is put down with one tap. */
export function LookAsk({
  lesson,
  plan,
  isOfMany = false,
}: {
  lesson: Lesson;
  plan: Plan;
  /** Whether other clubs are shown beside it: then it says which it asks of. */
  isOfMany?: boolean;
}) {
  const { look, ballIds } = plan;
  if (look === null) return null;
  const counted = new Set(ballIds);
  const see = (strike: EyeStrike): void =>
    changeBalls(
      lesson.balls
        .filter(({ id, strikeToeMm }) => counted.has(id) && strikeToeMm == null)
        .map((ball) => ({ ball, changes: { strikeToeMm: EYE_AMOUNTS.strikeToeMm[strike] } })),
      'the strike seen',
    );
  const goes = GOES[look.kind];
  return (
    <div role="group" aria-label={LOOK_LABELS[look.kind]} className="mt-2 space-y-2">
      {isOfMany && <p>{clubLabel(plan.club, null)}:</p>}
      {look.kind === 'strike' && (
        <div className="flex gap-2">
          {look.answers.flatMap((answer) =>
            isStrike(answer.shows)
              ? [
                  <AnswerButton
                    key={answer.shows}
                    label={answerLabel(answer)}
                    leads={leadWords(answer)}
                    onClick={() => see(answer.shows as EyeStrike)}
                  />,
                ]
              : [],
          )}
        </div>
      )}
      {look.kind in SIZED && <HowMuch lesson={lesson} look={look} ballIds={ballIds} />}
      {goes !== undefined && (
        <Link
          to={`/lessons/${lesson.id}/${goes[0]}`}
          className="inline-flex min-h-11 items-center rounded-lg border-2 border-line px-4 font-semibold hover:border-ink"
        >
          {goes[1]}
        </Link>
      )}
    </div>
  );
}
