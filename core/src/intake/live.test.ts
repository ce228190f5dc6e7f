import { HANDS } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { seededRandom } from '../maths/random.ts';
import { ballsOf } from '../testing/players.ts';
import { LIVE_JUDGED_BALLS, LIVE_NAMES, liveName, liveTroubles, readLive } from './live.ts';
import type { LiveBall, LiveQuantities } from './live.ts';
import type { IntakeSays } from './questions/questions.ts';
import { QUANTITY_NAMES } from './quantities.ts';
import type { Side } from './side.ts';

const said = (figures: LiveBall['figures'], club: string | null = '7-iron'): LiveBall => ({
  club,
  hitAt: '2026-12-01T09:00:00Z',
  figures,
});
const one = (quantities: LiveQuantities, figures: LiveBall['figures'], hand: Hand = 'right') =>
  readLive(quantities, [said(figures)], { hand, answered: {} }).balls[0]!;
const figure = (name: string, read: ReturnType<typeof one>): unknown =>
  read.outcome === 'ball' ? read.ball[name as 'carryM'] : read.reason;

describe('a ball that arrives', () => {
  it('is read in the unit its message says (yard 0.9144 m, mile 1760 yd)', () => {
    const in_ = (unit: 'yd' | 'm' | 'ft') =>
      figure('carryM', one({ carry: { unit, plus: null } }, { carry: 150 }));
    expect(in_('m')).toBe(150);
    expect(in_('yd')).toBeCloseTo(150 * 0.9144, 9);
    expect(in_('ft')).toBeCloseTo(50 * 0.9144, 9);
    const speed = one({ clubSpeed: { unit: 'mph', plus: null } }, { clubSpeed: 90 });
    expect(figure('clubSpeedMps', speed)).toBeCloseTo((90 * 0.9144 * 1760) / 3600, 9);
  });

  // In-to-out is right for a right-hander and left for a left-hander.
  it.each<[Side, Hand, number]>([
    ['right', 'right', 3],
    ['right', 'left', 3],
    ['left', 'right', -3],
    ['left', 'left', -3],
    ['out', 'right', 3],
    ['out', 'left', -3],
    ['in', 'right', -3],
    ['in', 'left', 3],
  ])('with plus %s is turned for a %s-hander', (plus, hand, expected) => {
    const read = one({ clubPath: { unit: 'deg', plus } }, { clubPath: 3 }, hand);
    expect(figure('clubPathDeg', read)).toBe(expected);
  });

  it('keeps its club as it was called and its time', () => {
    const read = one({ carry: { unit: 'm', plus: null } }, { carry: 140 });
    expect(read).toMatchObject({
      ball: { club: '7-iron', clubText: '7-iron', hitAt: '2026-12-01T09:00:00Z' },
    });
  });

  it('that cannot be is refused with its reason, and the others stand', () => {
    const quantities = { carry: { unit: 'yd', plus: null } } as const;
    const all = [said({ carry: 150 }), said({ carry: 1500 }), said({}), said({ spin: 9 })];
    const { balls } = readLive(quantities, all, { hand: 'right', answered: {} });
    expect(balls.map((read) => (read.outcome === 'ball' ? 'ball' : read.reason))).toEqual([
      'ball',
      expect.stringMatching(/^Column “Carry \(yd\)”: "1500" yd is outside what carry can be/),
      'No figure of the ball was given.',
      'Nothing says what unit “spin” is in.',
    ]);
  });
});

describe('what a message says of its figures', () => {
  it('names each quantity once, without its unit', () => {
    expect(new Set(LIVE_NAMES).size).toBe(QUANTITY_NAMES.length);
    expect(LIVE_NAMES).toContain('clubPath');
    expect(liveName('strikeToeMm')).toBe('strikeToe');
    expect(LIVE_NAMES.every((name) => /^[a-zA-Z]+$/.test(name))).toBe(true);
  });

  it('is refused where a name, a unit or a side is not known', () => {
    expect(liveTroubles({ carry: { unit: 'yd', plus: null } })).toEqual([]);
    expect(liveTroubles({ wobble: { unit: 'm', plus: null } })).toEqual([
      expect.stringMatching(/^“wobble” is not known: a quantity is one of clubSpeed, /),
    ]);
    expect(liveTroubles({ clubPath: { unit: 'mph', plus: 'right' } })).toEqual([
      '“clubPath” cannot be in “mph”: give it in deg, rad.',
    ]);
    expect(liveTroubles({ clubPath: { unit: 'deg', plus: null } })).toEqual([
      '“clubPath” needs to say what plus stands for: right, left, out, in.',
    ]);
  });
});

const ALL = {
  clubPath: { unit: 'deg', plus: 'right' },
  faceAngle: { unit: 'deg', plus: 'right' },
  startDirection: { unit: 'deg', plus: 'right' },
  spinAxisTilt: { unit: 'deg', plus: 'right' },
  clubSpeed: { unit: 'm/s', plus: null },
  ballSpeed: { unit: 'm/s', plus: null },
  launchAngle: { unit: 'deg', plus: null },
  spinRate: { unit: 'rpm', plus: null },
  carry: { unit: 'm', plus: null },
  offline: { unit: 'm', plus: 'right' },
} as const satisfies LiveQuantities;

/** Balls of a player with a path to the left, as a sender says them; `turn`: what it turns without saying so. */
function saidBy(
  hand: Hand,
  seed: number,
  count = LIVE_JUDGED_BALLS,
  turn: string[] = [],
): LiveBall[] {
  const balls = ballsOf('7-iron', count, seededRandom(seed), { path: -5, face: -1, hand });
  return balls.map((ball) => {
    const figures = QUANTITY_NAMES.flatMap((quantity) => {
      const name = liveName(quantity);
      const value = quantity in ball ? ball[quantity as 'carryM'] : null;
      if (!(name in ALL) || value === null) return [];
      return [[name, turn.includes(name) ? -value : value] as const];
    });
    return said(Object.fromEntries(figures));
  });
}

describe('the first balls of a sender', () => {
  const SENDERS = 60;
  const doubted = (turn: string[], count?: number): number => {
    let asked = 0;
    for (let seed = 0; seed < SENDERS; seed++) {
      const hand = HANDS[seed % 2]!;
      const balls = saidBy(hand, 700 + seed, count, turn);
      if (readLive(ALL, balls, { hand, answered: {} }).questions.length > 0) asked++;
    }
    return asked;
  };

  it('are not doubted where they are what their sender says', () => {
    expect(doubted([])).toBeLessThanOrEqual(1);
  });

  it('are asked about where the path is turned, or the start, 95 times in 100', () => {
    expect(doubted(['clubPath'])).toBeGreaterThanOrEqual(0.95 * SENDERS);
    expect(doubted(['startDirection'])).toBeGreaterThanOrEqual(0.95 * SENDERS);
  });

  it('are not asked about while they are few', () => {
    expect(doubted(['clubPath'], LIVE_JUDGED_BALLS - 1)).toBe(0);
  });

  it('are read turned once that is answered, each by itself too, and asked no more', () => {
    const balls = saidBy('right', 9, LIVE_JUDGED_BALLS, ['clubPath']);
    const { questions } = readLive(ALL, balls, { hand: 'right', answered: {} });
    const answered: IntakeSays = questions[0]!.choices.find(({ isLikely }) => isLikely)!.says;
    const again = readLive(ALL, balls, { hand: 'right', answered });
    expect(again.questions).toEqual([]);
    const alone = readLive(ALL, balls.slice(0, 1), { hand: 'right', answered });
    expect(figure('clubPathDeg', alone.balls[0]!)).toBeCloseTo(-balls[0]!.figures['clubPath']!, 9);
    expect(alone.balls[0]).toEqual(again.balls[0]);
  });
});
