import { changeWords, fieldWords, fromToWords } from './words.ts';

describe('a change in words', () => {
  it.each([
    ['observations.ball-position', 'ball position'],
    ['bands.pathNeutralDeg', 'path neutral'],
    ['bodyNotes', 'body notes'],
    ['carryM', 'carry'],
    ['target', 'target'],
    ['stations.rails', 'rails'],
  ])('the field %s is called %s', (path, words) => {
    expect(fieldWords(path)).toBe(words);
  });

  it('says from what to what', () => {
    expect(fromToWords({ target: '', feetDeg: -2.004 }, { target: 'oak', feetDeg: null })).toBe(
      'target from nothing to “oak”, feet line from −2 to nothing',
    );
    expect(fromToWords({ deleted: true }, { deleted: false })).toBe('');
  });

  it('says what it does to what', () => {
    expect(
      changeWords({
        op: 'part',
        lessonId: 'l',
        part: 'setup',
        changes: { feetDeg: 2, target: 'oak' },
      }),
    ).toBe('In the set-up: feet line, target');
    expect(changeWords({ op: 'move', lessonId: 'l', ballIds: ['a'], blockId: null })).toBe(
      '1 ball moved',
    );
    expect(
      changeWords({ op: 'meet', playerId: 'p', body: { name: 'Bo Lind', hand: 'left' } }),
    ).toBe('Bo Lind added');
  });
});
