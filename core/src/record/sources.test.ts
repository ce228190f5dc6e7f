import { seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import { resolveContext } from '../reading/context.ts';
import { tries } from '../testing/players.ts';
import { addDaysIso } from '../units/days.ts';
import { visitOf } from '../testing/visits.ts';
import { findingWords, sourceWords } from '../words/record.ts';
import { findingForPlayer } from '../words/record-for-player.ts';
import { findingsOf } from './findings.ts';
import { follow } from './follow.ts';
import { playerRecord } from './player-record.ts';
import type { PlayerRecord } from './player-record.ts';
import { pointsOf } from './points.ts';
import { mainSource, offsetsOf } from './sources.ts';
import { standingsOf, wentAway } from './standing.ts';
import type { Visit } from './visit.ts';

const CONTEXT = resolveContext({ hand: 'right' });
/** The second monitor of the academy reads the face so much more open than the first. */
const APART = 2.5;
const set = (source: string | null, face: number, balls = 12) => ({
  balls,
  path: 0,
  face: face + (source === 'second' ? APART : 0),
  misread: 0,
  source,
});
const wording = {
  hand: 'right',
  units: { length: 'm', speed: 'mph', angle: 'letters' },
  dayText: (iso: string) => iso.slice(0, 10),
} as const;
const recordOf = (visits: readonly Visit[]): PlayerRecord =>
  playerRecord(visits, { context: CONTEXT, wanted: null, effects: [] })!;
const faceToPathOf = (record: PlayerRecord) =>
  record.followed.find(({ figure }) => figure === 'faceToPathDeg')!;

/** A steady player whose academy has another monitor from the sixth visit on; where `both`, two visits are hit on both. */
function steady(random: Random, both: boolean): Visit[] {
  return Array.from({ length: 12 }, (_, week) => {
    const source = week < 6 ? 'first' : 'second';
    const onBoth = both && (week === 6 || week === 8);
    const sets = onBoth ? [set('first', 3), set('second', 3)] : [set(source, 3)];
    return visitOf(week, sets, random);
  });
}

describe('where figures came from', () => {
  it('is the source of most balls; the eye is none, and a half of them is not most', () => {
    const random = seededRandom(7);
    const mixed = visitOf(0, [set('first', 0, 6), set('second', 0, 8)], random);
    const all = Array.from({ length: 14 }, (_, n) => n);
    expect(mainSource(mixed.balls, all)).toBe('second');
    expect(mainSource(mixed.balls, all.slice(0, 12))).toBeNull();
    const seen = { ...mixed.balls, isSeen: () => true };
    expect(mainSource(seen, all)).toBeNull();
    expect(mainSource(mixed.balls, [])).toBeNull();
  });

  it('is compared where both were used on one day', () => {
    const visits = steady(seededRandom(8), true);
    const offset = offsetsOf(visits, 'iron', 'faceToPathDeg').get('first')!;
    expect(offset.days).toBe(2);
    // The one used last is the measure: the first reads less than it.
    expect(Math.abs(offset.by + APART)).toBeLessThan(2 * offset.error);
    const said = sourceWords(faceToPathOf(recordOf(visits)), wording);
    expect(said).toMatch(
      /compared on 2 days: the earlier read \d(\.\d)?° more closed, give or take/,
    );
    expect(sourceWords(faceToPathOf(recordOf(steady(seededRandom(8), false))), wording)).toBe('');
    expect(offsetsOf(steady(seededRandom(8), false), 'iron', 'faceToPathDeg').size).toBe(0);
    expect(offsetsOf([visitOf(0, [set(null, 0)], seededRandom(1))], 'iron', 'carryM').size).toBe(0);
  });

  it('is said with a change that came with it, to the coach and to the player, and is no news of the player', () => {
    const visits = steady(seededRandom(9), false);
    const record = recordOf(visits);
    const [change] = faceToPathOf(record).changes;
    // Found within a visit of where the monitor was changed.
    expect(Math.abs(change!.at - 6)).toBeLessThanOrEqual(1);
    expect(change!.isOfSource).toBe(true);
    const changed = findingsOf(record).find(({ kind }) => kind === 'changed')!;
    expect(findingWords(changed, wording)).toMatch(/so it may be the monitor/);
    expect(findingForPlayer(changed, wording)).toMatch(/measured differently/);
    const [standing] = standingsOf(visits, { context: CONTEXT, wanted: null, effects: [] });
    expect(wentAway(standing!, '2026-01-01')).toBe(0);
    expect(record.visits.map(({ source }) => source?.[0])).toEqual([
      ...Array<string>(6).fill('f'),
      ...Array<string>(6).fill('s'),
    ]);
  });

  it('does not hide a change of the player under one monitor', () => {
    const random = seededRandom(10);
    const visits = Array.from({ length: 12 }, (_, week) =>
      visitOf(week, [set('first', week < 6 ? 5 : 0)], random),
    );
    expect(faceToPathOf(recordOf(visits)).changes[0]).toMatchObject({ at: 6, isOfSource: false });
  });

  it('does not masquerade as the player: told apart by two days on both, a steady one hardly ever changes', () => {
    const random = seededRandom(11);
    // Days of one and the same player, written down by either monitor or by both.
    const days = Array.from({ length: 40 }, () => visitOf(0, [set(null, 3, 24)], random).balls);
    const writtenOn = (week: number, by: (n: number) => string): Visit => {
      const balls = days[Math.floor(random() * days.length)]!;
      const faceToPathDeg = balls.figures.faceToPathDeg.map(
        (faceToPath, n) => faceToPath + (by(n) === 'second' ? APART : 0),
      );
      return {
        lessonId: `visit ${week}`,
        at: new Date(Date.UTC(2026, 0, 5 + 7 * week)).toISOString(),
        day: addDaysIso('2026-01-05', 7 * week),
        balls: { ...balls, writtenBy: by, figures: { ...balls.figures, faceToPathDeg } },
      };
    };
    const isTold = (isOnBoth: boolean): boolean => {
      const visits = Array.from({ length: 12 }, (_, week) =>
        writtenOn(week, (n) => {
          if (isOnBoth && (week === 6 || week === 8)) return n % 2 === 0 ? 'first' : 'second';
          return week < 6 ? 'first' : 'second';
        }),
      );
      const points = pointsOf(visits, 'iron', 'faceToPathDeg', null);
      const followed = follow('faceToPathDeg', points, { target: null, smallest: 1, sharedSd: 0 });
      return followed.changes.some((one) => !one.isOfSource);
    };
    const runs = tries(300, 3000);
    const shareOf = (isOnBoth: boolean): number =>
      Array.from({ length: runs }, () => isTold(isOnBoth)).filter(Boolean).length / runs;
    expect(shareOf(true)).toBeLessThan(0.05);
    expect(shareOf(false)).toBeLessThan(0.05);
  });

  it('and a player who changed when the monitor did is seen to, once the two were compared', () => {
    const random = seededRandom(12);
    const visits = Array.from({ length: 14 }, (_, week) => {
      const face = week < 7 ? 6 : 0;
      if (week === 5) return visitOf(week, [set('first', face), set('second', face)], random);
      return visitOf(week, [set(week < 7 ? 'first' : 'second', face)], random);
    });
    expect(faceToPathOf(recordOf(visits)).changes[0]).toMatchObject({ at: 7, isOfSource: false });
  });
});
