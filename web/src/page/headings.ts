import type { PageContent } from '@loxos/core';
import { shortDay } from '../ui/day-text.ts';

const OF_A_LESSON = {
  record: 'Your record',
  numbers: 'Before and after',
  before: 'Before',
  after: 'After',
  verdict: 'So far',
  next: '',
} as const;
const OF_A_REPORT = {
  numbers: 'What became of the numbers',
  before: 'At first',
  after: 'Now',
  verdict: 'All in all',
  next: 'What comes next',
} as const;

/** Returns what the parts of a page are called: on the screen and on paper. */
export function headingsOf({ period }: Pick<PageContent, 'period'>) {
  if (period == null) return OF_A_LESSON;
  const record = `From ${shortDay(period.from)} to ${shortDay(period.to)}`;
  return { record, ...OF_A_REPORT };
}
