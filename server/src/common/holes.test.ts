/** The command that asks for known holes (`npm run holes`): what it takes for open. */
import { judged } from '../../../scripts/judge-holes.mjs';

const advisory = (id: string) => ({
  name: 'a-package',
  title: 'Reads what it should not',
  url: `https://registry.example/advisories/${id}`,
});
const KNOWN = {
  'a-package': { via: [advisory('A-1'), advisory('A-2')] },
  // One that has it through another is not named twice.
  above: { via: ['a-package'] },
};
const until = (id: string, day: string) => ({ id, why: 'not reached from here', until: day });
const ids = (of: readonly { id: string }[]) => of.map(({ id }) => id);

it('takes every hole for open that nobody has looked at', () => {
  const { open, excused } = judged(KNOWN, [until('A-2', '2027-01-01')], '2026-12-01');
  expect(ids(open)).toEqual(['A-1']);
  expect(ids(excused)).toEqual(['A-2']);
});

it('takes an exception for over once its day has passed', () => {
  const { open } = judged(
    KNOWN,
    [until('A-1', '2027-01-01'), until('A-2', '2026-11-30')],
    '2026-12-01',
  );
  expect(open).toMatchObject([{ id: 'A-2', why: ' (excused until 2026-11-30: look again)' }]);
});

it('knows none where there is none', () => {
  expect(judged({}, [], '2026-12-01')).toEqual({ open: [], excused: [] });
});
