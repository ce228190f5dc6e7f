import { EYE_AMOUNTS, LOOK_LABELS, answerLabel, clubLabel, leadWords } from '@loxos/core';
import type { EyeStrike, LookShows, Plan } from '@loxos/core';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { changeBalls } from '../ball-actions.ts';

const isStrike = (shows: LookShows): shows is EyeStrike => shows in EYE_AMOUNTS.strikeToeMm;

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
                  <button
                    key={answer.shows}
                    type="button"
                    onClick={() => see(answer.shows as EyeStrike)}
                    className="min-h-14 flex-1 rounded-xl border-2 border-line px-2 leading-tight hover:border-ink"
                  >
                    <span className="block text-lg font-semibold">{answerLabel(answer)}</span>
                    <span className="text-sm text-soft">{leadWords(answer)}</span>
                  </button>,
                ]
              : [],
          )}
        </div>
      )}
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
