import { keptOfYouWords, keptWords, monthsText } from './kept.ts';
import type { KeptFor } from './kept.ts';

const KEPT: KeptFor = {
  academy: 'Saltmarsh',
  personalFor: 'coaches',
  goneMonths: null,
  copies: { daily: 11, asked: 23, beforeUpdate: 3, beforeRestore: 4 },
  doorRecordDays: 365,
  idleHours: 72,
  sessionDays: 170,
  pageDays: 90,
};
const all = (kept: Partial<KeptFor> = {}): string[] =>
  keptWords({ ...KEPT, ...kept }).flatMap(({ sentences }) => sentences);

it('says what is in force, figure by figure', () => {
  const text = all().join(' ');
  expect(text).toContain('the last 11 days, and 23 that were asked for');
  expect(text).toContain('before an update 3, before a restore 4');
  expect(text).toContain('goes back a year');
  expect(text).toContain('signed out after 3 days, any after 170 days');
  expect(text).toContain('ends after 90 days');
  expect(text).toContain('until an owner erases them');
  expect(all({ goneMonths: 24 }).join(' ')).toContain('without a lesson for 2 years is named');
  expect(all({ idleHours: 1 }).join(' ')).toContain('signed out after an hour,');
});

it('says who reads what is personal as the academy chose', () => {
  expect(all().join(' ')).toContain('read by every coach.');
  expect(all({ personalFor: 'own-coach' }).join(' ')).toContain('own coach alone.');
  expect(all({ personalFor: 'own-coach' }).join(' ')).not.toContain('by every coach.');
});

it('is as short as everything else: 18 words, two figures a sentence', () => {
  const told = [
    ...all({ goneMonths: 18, personalFor: 'own-coach' }),
    ...keptOfYouWords('Saltmarsh', 'Friday 5 June'),
  ];
  for (const one of told.flatMap((text) => text.split(/(?<=\.) /))) {
    expect(one.split(' ').length).toBeLessThanOrEqual(18);
    expect((one.match(/\d+/g) ?? []).length).toBeLessThanOrEqual(2);
  }
});

it('says months as people do', () => {
  expect([6, 12, 18, 24].map(monthsText)).toEqual(['6 months', 'a year', '18 months', '2 years']);
});
