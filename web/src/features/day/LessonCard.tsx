import { daysBetween, homeworkWords } from '@loxos/core';
import { Link } from 'react-router';
import type { GivenTo, LessonSummary } from '../../api/client.ts';
import { dayOf, timeOf } from '../../ui/academy-time.ts';
import { ballsText } from '../../ui/balls-text.ts';

/** Returns what a lesson is about: what was given last and how long before, the homework done. */
export function sinceWords(given: GivenTo | undefined, startsAt: string): string {
  if (given === undefined || given.lessonAt >= startsAt) return '';
  const days = daysBetween(dayOf(given.lessonAt), dayOf(startsAt));
  const before = days < 1 ? '' : `Given ${days} ${days === 1 ? 'day' : 'days'} before: `;
  const { homeworkDone: done, homeworkDue: due } = given;
  const homework = due === 0 ? '' : ` ${homeworkWords(done, due)}`;
  return `${before}${given.points[0] ?? ''}${homework}`.trim();
}

/** A lesson of the day's timeline. */
export function LessonCard({
  lesson,
  given,
}: {
  lesson: LessonSummary;
  given?: GivenTo | undefined;
}) {
  const { player, ballCount } = lesson;
  const next = ballCount === 0 ? 'watch' : 'read';
  const since = sinceWords(given, lesson.startsAt);
  const word = since === '' ? null : (given?.lastWord ?? null);
  return (
    <li className="grid grid-cols-[4.25rem_1fr] gap-3">
      <span className="border-r-2 border-line pt-3 pr-2 text-right font-mono text-lg">
        {timeOf(lesson.startsAt)}
      </span>
      <Link to={`/lessons/${lesson.id}/${next}`} className="panel px-4 py-2.5 hover:border-ink">
        <span className="flex items-baseline justify-between gap-3">
          <span className="text-lg font-semibold">{player.name}</span>
          <span className="shrink-0 text-soft">
            {player.hand === 'left' && 'left-handed · '}
            {ballCount === 0 ? 'no balls yet' : ballsText(ballCount)}
          </span>
        </span>
        {lesson.asked !== '' && <span className="block">“{lesson.asked}”</span>}
        {since !== '' && <span className="block text-soft">{since}</span>}
        {word !== null && <span className="block">Wrote back: “{word.text}”</span>}
      </Link>
    </li>
  );
}
