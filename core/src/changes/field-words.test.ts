import { amountWords, fieldWords, fromToWords } from './field-words.ts';

const YARDS = {
  units: { length: 'yd', speed: 'mph', angle: 'letters' },
  momentText: (iso: string) => iso,
} as const;

describe('a change in words', () => {
  it.each([
    ['observations.ball-position', 'ball position'],
    ['bands.pathNeutralDeg', 'path neutral'],
    ['bodyNotes', 'body notes'],
    ['carryM', 'carry'],
    ['target', 'target'],
    ['isRecordShown', 'the record on it'],
    ['report', 'the report being written'],
    ['stations.rails', 'station of Rails'],
  ])('the field %s is called %s', (path, words) => {
    expect(fieldWords(path)).toBe(words);
  });

  it('says from what to what, with units and sides as the player has them', () => {
    expect(
      fromToWords({ target: '', feetDeg: -2.004 }, { target: 'oak', feetDeg: null }, YARDS),
    ).toBe('target from nothing to “oak”, feet line from 2° L to nothing');
    // 100 m are 109.4 yd, 10 m to the left 10.9 yd; 40 m/s are 89.5 mph: by hand.
    expect(amountWords('carryM', 100, YARDS)).toBe('109.4 yd');
    expect(amountWords('offlineM', -10, YARDS)).toBe('10.9 yd left');
    expect(amountWords('clubSpeedMps', 40, YARDS)).toBe('89.5 mph');
    expect(amountWords('faceAngleDeg', -2, YARDS)).toBe('2.0° L');
    expect(amountWords('launchAngleDeg', 12.34, YARDS)).toBe('12.3°');
    expect(amountWords('ballCm', -9, YARDS)).toBe('−9 cm');
    expect(amountWords('bands.bendNoneShare', 0.03, YARDS)).toBe('3 %');
    expect(fromToWords({ deleted: true }, { deleted: false }, YARDS)).toBe('');
  });

  it.each([
    ['keep', 'out', 'left out'],
    ['club', '7-iron', '7 iron'],
    ['drillIds', ['rails', 'own-1'], 'Rails and a drill of your own'],
    ['drillIds', [], 'none'],
    ['observations.ball-position', 1, 'too far forward'],
    ['wanted', { all: { shape: 'fade' } }, 'a fade'],
    ['points', ['x'], 'something else'],
    ['goals', [{ id: 'one' }], '1 of them'],
    ['goals', [], 'none'],
    ['report', { from: '2026-01-01' }, 'a draft'],
  ])('the value of %s, %j, is %s', (path, value, words) => {
    expect(amountWords(path, value, YARDS)).toBe(words);
  });

  it('says only that it changed where the words would be the same', () => {
    expect(fromToWords({ points: ['a'] }, { points: ['b'] }, YARDS)).toBe('points changed');
  });
});
