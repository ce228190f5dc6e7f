import type { IntakeSays } from './questions.ts';
import { optionsOf, saidWith } from './file-answers.ts';

describe('what is said of a file', () => {
  it('is said of each column once: more of the same adds, another meaning starts anew', () => {
    const carry = { header: 'Carry', meaning: 'carryM', unit: 'yd' } as const;
    const one = saidWith<IntakeSays>({}, { columns: [carry] });
    const two = saidWith(one, { columns: [{ header: 'Carry', meaning: 'carryM', turned: false }] });
    expect(two.columns).toEqual([{ ...carry, turned: false }]);
    const other = saidWith(two, {
      columns: [{ header: 'Carry', meaning: 'totalM' }],
      signs: 'target',
    });
    expect(other).toEqual({ columns: [{ header: 'Carry', meaning: 'totalM' }], signs: 'target' });
  });

  it('is nothing where nothing was said', () => {
    expect(saidWith({}, {})).toEqual({});
    expect(optionsOf({}, { hand: 'left', player: 'Ada Reed' })).toEqual({
      hand: 'left',
      player: 'Ada Reed',
      mapping: {},
    });
  });

  it('reaches the reader by the names of the columns', () => {
    const said = { columns: [{ header: 'Way', meaning: 'clubPathDeg' as const }], parts: ['a'] };
    expect(optionsOf(said, { hand: 'right', player: 'Ada' })).toMatchObject({
      mapping: { Way: { meaning: 'clubPathDeg' } },
      parts: ['a'],
    });
  });
});
