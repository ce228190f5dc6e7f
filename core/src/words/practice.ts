/** What practice between visits comes to, in words: homework and numbers, stations and their dose. */
import { DOSE } from '../drills/dose.ts';
import type { HomeworkHeld } from '../record/homework-held.ts';
import type { FollowedFigure } from '../record/points.ts';
import type { StationRecord } from '../record/station.ts';
import { shortFigure } from './labels.ts';
import { sizeText } from './record.ts';
import type { RecordWording } from './record.ts';
import { capital, countOf } from './sentence.ts';

/** Returns what goes with homework done: an association with its error, never a cause. */
export function homeworkHeldWords(
  figure: FollowedFigure,
  { done, dropped, nearer }: HomeworkHeld,
  { units }: Pick<RecordWording, 'units'>,
): string {
  const times = `homework done before ${countOf(done, 'visit')}, dropped before ${dropped}`;
  if (nearer === null) return `Not enough to say whether homework goes with it: ${times}.`;
  const { by, half95 } = nearer;
  const name = shortFigure(figure).toLowerCase();
  if (Math.abs(by) <= half95)
    return `No clear link between homework and the ${name} of the next visit: ${times}.`;
  const size = sizeText(figure, by, half95, units);
  const [low, high] = [Math.abs(by) - half95, Math.abs(by) + half95].map((end) =>
    sizeText(figure, end, 0, units),
  );
  const way = by > 0 ? 'nearer' : 'further off';
  return `After homework the ${name} came ${size} ${way} than without it (${low} to ${high}). ${capital(times)}. They go together; that one makes the other is not shown.`;
}

/** Returns how a station goes: what was good, and the dose. */
export function stationRecordWords({ good, of, days, last, dose }: StationRecord): string {
  const over = days === 1 ? 'one day' : `${days} days`;
  const text = `${good} of ${of} good over ${over}, last ${last.good} of ${last.of}`;
  if (dose === null) return text;
  const at = `step ${dose.now + 1} of ${DOSE.steps}`;
  const { atStep } = dose;
  switch (dose.state) {
    case 'stuck':
      return `${text}. Stuck at ${at}: ${atStep.good} of ${atStep.of} in ${atStep.days} days, and ${DOSE.moveOnAt} of ${DOSE.setOf} move on`;
    case 'climbed':
      return `${text}. Climbed from step ${dose.first + 1} to ${at}`;
    case 'back':
      return `${text}. Back from step ${dose.first + 1} to ${at}`;
    case 'as it was':
      return `${text}, at ${at}`;
  }
}
