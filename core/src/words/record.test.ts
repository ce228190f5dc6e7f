import { seededRandom } from '../maths/random.ts';
import { resolveContext } from '../reading/context.ts';
import { findingsOf } from '../record/findings.ts';
import { playerRecord } from '../record/player-record.ts';
import type { PlayerRecord } from '../record/player-record.ts';
import { standingsOf } from '../record/standing.ts';
import type { Visit } from '../record/visit.ts';
import type { Hand } from '../line/hand.ts';
import { visitOf } from '../testing/visits.ts';
import { DEFAULT_DISPLAY_UNITS } from './format.ts';
import {
  fairwayWords,
  findingWords,
  movedWords,
  plainWords,
  sizeText,
  standText,
  standingWords,
} from './record.ts';
import type { RecordWording } from './record.ts';

const random = seededRandom(5);
const wording = (hand: Hand = 'right'): RecordWording => ({
  hand,
  units: DEFAULT_DISPLAY_UNITS,
  dayText: (iso) => iso.slice(0, 10),
});
const recordOf = (visits: readonly Visit[], hand: Hand = 'right'): PlayerRecord =>
  playerRecord(visits, { context: resolveContext({ hand }), wanted: null, effects: [] })!;
const said = (visits: readonly Visit[], hand: Hand = 'right'): string[] =>
  findingsOf(recordOf(visits, hand)).map((finding) => findingWords(finding, wording(hand)));
/** Visits of a steady hand, so that what is said does not hang on chance. */
const visits = (paths: readonly (readonly [path: number, face: number])[], hand: Hand = 'right') =>
  paths.map(([path, face], week) =>
    visitOf(
      week,
      [{ balls: 14, path, face, hand, pathSd: 0.5, faceSd: 0.5, misread: 0.2 }],
      random,
    ),
  );
const times = (count: number, path: number, face: number) =>
  Array.from({ length: count }, () => [path, face] as const);

describe('what a record says', () => {
  it('of a slicer who got better: what changed, since when, and where it stands', () => {
    const words = said(visits([...times(6, -6, 0), ...times(6, -1, 0)]));
    expect(words[0]).toMatch(
      /^(Path|Face to path) 6(\.\d)?° → 1(\.\d)?° (out-to-in|open) since 2026-02-16 \(6 visits\)\.$/,
    );
    expect(words[1]).toMatch(/^Face to path: 1(\.\d)?° open \(6 visits\)/);
  });

  it('of a straight puller whose path came back: the gap is well, the story is the path’s', () => {
    const puller = visits([...times(5, -7, -7), ...times(6, -2, -2), ...times(6, -7, -7)]);
    const words = said(puller);
    expect(words[0]).toMatch(
      /^The old path is back: 2(\.\d)?° → 7(\.\d)?° out-to-in since 2026-03-23 \(6 visits\)\.$/,
    );
    expect(words[1]).toMatch(/^Face to path: 0(\.\d)?°.*, as wanted\.$/);
    expect(words[2]).toMatch(
      /^Path: 7(\.\d)?° out-to-in \(6 visits\), 5(\.\d)?° outside the window\.$/,
    );
    // What never stood there before does not come back.
    expect(said(puller.slice(5))[0]).toMatch(/^Path the wrong way: 2/);
  });

  it('of a toe striker: the strike, not the start that comes of it', () => {
    const toe = Array.from({ length: 5 }, (_, week) => {
      const set = {
        club: 'driver',
        balls: 12,
        path: 0,
        face: 0,
        toeMm: 18,
        toeSdMm: 3,
        misread: 0,
      };
      return visitOf(week, [set], random, (ball) => ({ ...ball, strikeToeMm: 18 + week / 9 }));
    });
    const words = said(toe);
    expect(words[1]).toMatch(/^Strike: 18 mm to the toe \(5 visits\), 10 mm outside/);
    expect(words.join(' ')).not.toMatch(/Start:/);
  });

  it('of a fade that is wanted: the window round it', () => {
    const wanted = { all: { shape: 'fade' as const } };
    const own = visits(times(6, -6, 0));
    const context = resolveContext({ hand: 'right' });
    const record = playerRecord(own, { context, wanted, effects: [] })!;
    expect(findingWords(findingsOf(record)[0]!, wording())).toMatch(
      /^Face to path: \d(\.\d)?° open \(6 visits\), [2-4](\.\d)?° outside the window\.$/,
    );
  });

  it('in a left-hander’s words', () => {
    const words = said(visits(times(6, -6, 0), 'left'), 'left');
    expect(words[0]).toMatch(/open \(6 visits\)/);
    expect(words[1]).toBe('Face to path: no change in 6 visits, since 2026-01-05.');
  });

  it('of a last visit that is off: by how much, and at the least', () => {
    const words = said(visits([...times(9, 0, 0), [-6, 0]]));
    expect(words.join(' ')).toMatch(
      /Face to path on 2026-03-09: 6(\.\d)?° more open than before, at least \d(\.\d)?°, the wrong way\./,
    );
  });

  it('of somebody who missed to both sides the counts, and no figure', () => {
    const own = seededRandom(71);
    const visit = visitOf(0, [{ club: 'driver', balls: 16, path: 0, face: 0, faceSd: 5 }], own);
    const context = resolveContext({ hand: 'right' });
    const [standing] = standingsOf([visit], { context, wanted: null, effects: [] });
    expect(standing!.bothWays).not.toBeNull();
    expect(standingWords(standing!, wording())).toMatch(/^Both ways: \d+ left, \d+ right of 1\d$/);
    const steady = visitOf(0, [{ club: 'driver', balls: 16, path: 0, face: 0, faceSd: 1 }], own);
    const [other] = standingsOf([steady], { context, wanted: null, effects: [] });
    expect(other!.bothWays).toBeNull();
    expect(standingWords(other!, wording())).toMatch(/^Face to path /);
  });

  it('of one visit as of one, and of none nothing', () => {
    expect(said(visits(times(1, -6, 0)))[0]).toMatch(/\(1 visit\)/);
    expect(findingsOf({ ...recordOf(visits(times(1, 0, 0))), followed: [] })).toEqual([]);
  });

  it('never more than three things, none twice', () => {
    for (const paths of [times(8, -6, 3), [...times(5, 5, 5), ...times(5, -5, 5)]]) {
      const words = said(visits(paths));
      expect(words.length).toBeLessThanOrEqual(3);
      expect(new Set(words).size).toBe(words.length);
    }
  });
});

describe('its figures', () => {
  it('have no more digits than their error allows, and a side only where there is one', () => {
    expect(standText('faceToPathDeg', 2.34, 1.2, wording())).toBe('2° open');
    expect(standText('faceToPathDeg', 2.34, 0.2, wording())).toBe('2.3° open');
    expect(standText('clubPathDeg', 0.2, 1.2, wording())).toBe('0°');
    expect(standText('clubPathDeg', -3, 1.2, wording('left'))).toBe('3° in-to-out');
    expect(standText('startDirectionDeg', -3, 1.2, wording())).toBe('3° left');
    expect(standText('offlineM', 12.4, 3, wording())).toBe('12 m right');
    expect(standText('strikeToeMm', -9, 3, wording())).toBe('9 mm to the heel');
    expect(sizeText('curveM', -12, 1, { ...DEFAULT_DISPLAY_UNITS, length: 'yd' })).toBe('13 yd');
    expect(sizeText('strikeToeMm', -12, 1, DEFAULT_DISPLAY_UNITS)).toBe('12 mm');
  });

  it('of drills say what moved, or that it can’t be told', () => {
    const credit = {
      drillId: 'rails',
      kind: 'iron',
      figure: 'clubPathDeg',
      byDeg: -3,
      errorDeg: 0.4,
      halfDeg: 0.9,
      times: 4,
      isClear: true,
      creditedDeg: -2.8,
    } as const;
    expect(movedWords(credit, { name: 'Rails' })).toBe('Rails: path 3° left (4 times).');
    expect(movedWords({ ...credit, times: 1 }, { name: 'Rails' })).toBe(
      'Rails: path 3° left (once).',
    );
    expect(movedWords({ ...credit, isClear: false }, { name: 'Rails' })).toBe(
      'Rails, path: can’t tell yet (4 times).',
    );
  });

  it('of shares say of how many, and name only what was measured', () => {
    const share = (had: number) => ({ had, of: 20 });
    const score = {
      face: share(12),
      strike: { had: 0, of: 0 },
      path: share(11),
      speed: share(19),
      all: share(8),
    };
    expect(plainWords(score)).toBe('All three at once (face, path, speed): 8 of 20.');
    expect(plainWords({ ...score, all: { had: 0, of: 0 } })).toBe('');
    expect(fairwayWords({ share: 0.5, low: 0.307, high: 0.693, had: 10, of: 20 })).toBe(
      '10 of 20 (31 to 69 %)',
    );
    expect(fairwayWords(null)).toBe('');
  });
});
