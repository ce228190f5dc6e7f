/** What physics says of a file: seeded players, one column turned or in another unit, and files with nothing wrong. */
import { findClub, headOf } from '../../delivery/club.ts';
import { plainDelivery } from '../../delivery/usual.ts';
import { simulateShot } from '../../flight/simulate.ts';
import { gaussian, seededRandom } from '../../maths/random.ts';
import type { Random } from '../../maths/random.ts';
import { independentShot } from '../../testing/independent-shot.ts';
import { FULL_ROW } from '../../testing/full-row.ts';
import { ballsOf, tries } from '../../testing/players.ts';
import type { Unit } from '../../units/units.ts';
import { parseLaunchFile } from '../parse.ts';
import type { ParsedLaunchFile } from '../parse.ts';
import { printLaunchFile } from '../write-file.ts';
import { EMPTY_BALL, infoOf } from '../quantities.ts';
import type { BallQuantity, MeasuredBall } from '../quantities.ts';
import { TURNABLE } from './signs.ts';
import type { Turnable } from './signs.ts';

const CLUBS = ['driver', '3-wood', '5-hybrid', '5-iron', '7-iron', '9-iron', 'pw'] as const;

/** Balls of a seed are flown once, however many tests ask for them. */
const flown = new Map<number, readonly MeasuredBall[]>();
function someBalls(seed: number): readonly MeasuredBall[] {
  const known = flown.get(seed) ?? ballsFrom(seededRandom(seed));
  flown.set(seed, known);
  return known;
}

/** A player as they come: any path and face, wind of a calm day, a strike that wanders; 8 to 30 balls. */
function ballsFrom(random: Random): MeasuredBall[] {
  const club = CLUBS[Math.floor(random() * CLUBS.length)]!;
  const count = 8 + Math.floor(random() * 23);
  const balls = ballsOf(club, count, random, {
    path: 4 * gaussian(random),
    face: 2.5 * gaussian(random),
    pathSd: 1.5 + random(),
    faceSd: 1.5 + 1.5 * random(),
    driverSpeedMps: 36 + 16 * random(),
    toeMm: 4 * gaussian(random),
    toeSdMm: 5,
    shoot: independentShot,
  });
  // Weather: a side wind, and air that carries a little more or less.
  const push = 3 * gaussian(random);
  const air = 1 + 0.012 * gaussian(random);
  return balls.map((ball) => ({
    ...ball,
    faceToPathDeg: ball.faceAngleDeg! - ball.clubPathDeg!,
    carryM: ball.carryM! * air,
    offlineM: ball.offlineM! + push,
  }));
}

const read = (
  balls: readonly MeasuredBall[],
  unitFor?: (quantity: BallQuantity) => Unit,
): ParsedLaunchFile =>
  parseLaunchFile(
    printLaunchFile(balls, { digits: 2, columns: FULL_ROW, ...(unitFor && { unitFor }) }),
    { hand: 'right' },
  );

const physics = ({ questions }: ParsedLaunchFile) =>
  questions.filter(({ kind }) => kind === 'physics' || kind === 'clubs');

/** Whether one of the ways offered turns just this column. */
const offersTurn = (parsed: ParsedLaunchFile, quantity: BallQuantity): boolean =>
  physics(parsed).some(({ choices }) =>
    choices.some(({ says }) => {
      const turned = (says.columns ?? []).filter((column) => column.turned === true);
      return turned.length === 1 && turned[0]!.meaning === quantity;
    }),
  );

const turn = (balls: readonly MeasuredBall[], quantity: Turnable): MeasuredBall[] =>
  balls.map((ball) => ({ ...ball, [quantity]: -ball[quantity]! }));

describe('signs that contradict the rest of a file', () => {
  // Curve is written by few monitors, and not in these files.
  const TURNED = TURNABLE.filter((figure) => figure !== 'curveM');
  const FILES = tries(20, 1000);

  it.each(TURNED)('finds %s turned in 99 of 100 files of eight balls and more', (quantity) => {
    let found = 0;
    const missed: number[] = [];
    for (let i = 0; i < FILES; i++) {
      if (offersTurn(read(turn(someBalls(31_000 + i), quantity)), quantity)) found++;
      else missed.push(i);
    }
    expect(missed.length).toBeLessThanOrEqual(Math.max(1, 0.01 * FILES));
    expect(found / FILES).toBeGreaterThanOrEqual(0.95);
  });
});

describe('units that contradict the rest of a file', () => {
  const FILES = tries(20, 1000);
  /** Written in the second unit, named as if in the first. */
  const MISNAMED = [
    ['clubSpeedMps', 'mph', 'm/s'],
    ['ballSpeedMps', 'm/s', 'mph'],
    ['ballSpeedMps', 'km/h', 'mph'],
    ['carryM', 'm', 'yd'],
    ['carryM', 'yd', 'm'],
    ['carryM', 'ft', 'm'],
    ['spinRateRpm', 'rpm', 'rev/s'],
  ] as const;

  it.each(MISNAMED)('finds %s named %s and written in %s', (quantity, named, written) => {
    let found = 0;
    for (let i = 0; i < FILES; i++) {
      const balls = someBalls(57_000 + i);
      const text = printLaunchFile(balls, {
        digits: 2,
        columns: FULL_ROW,
        unitFor: (q) => (q === quantity ? written : infoOf(q).unit),
      }).replace(`(${written})`, `(${named})`);
      const header = `${infoOf(quantity).label} (${named})`;
      const text2 = text.replace(`${infoOf(quantity).label} (${written})`, header);
      const questions = physics(parseLaunchFile(text2, { hand: 'right' }));
      const isFound = questions.some(({ choices, text: asked }) => {
        // Figures outside all that can be have no likely unit: each is offered.
        const isOutside = asked.includes('outside');
        return choices.some(
          ({ says, isLikely }) =>
            (isLikely || isOutside) &&
            says.columns?.some((c) => c.meaning === quantity && c.unit === written),
        );
      });
      if (isFound) found++;
    }
    expect(found / FILES).toBeGreaterThanOrEqual(0.99);
  });
});

describe('angles in radians under names that say nothing of it', () => {
  const FILES = tries(20, 1000);
  const ANGLES = FULL_ROW.filter((quantity) => infoOf(quantity).unit === 'deg');
  /** A file with some of its angles in radians. */
  const file = (seed: number, inRadians: readonly BallQuantity[]): ParsedLaunchFile => {
    const text = printLaunchFile(someBalls(seed), {
      digits: 3,
      columns: FULL_ROW,
      unitFor: (q) => (inRadians.includes(q) ? 'rad' : infoOf(q).unit),
    });
    return parseLaunchFile(text.replaceAll(' (rad)', ''), { hand: 'right' });
  };

  it.each([
    ['all of them', ANGLES],
    ['those to the side', ['faceAngleDeg', 'clubPathDeg', 'faceToPathDeg', 'startDirectionDeg']],
    ['one', ['launchAngleDeg']],
  ] as [string, BallQuantity[]][])('%s', (_, inRadians) => {
    let found = 0;
    for (let i = 0; i < FILES; i++) {
      const [question] = physics(file(71_000 + i, inRadians));
      const likely = question?.choices.find(({ isLikely }) => isLikely);
      const said = (likely?.says.columns ?? []).filter(({ unit }) => unit === 'rad');
      const meant = new Set(said.map(({ meaning }) => meaning));
      if (inRadians.every((quantity) => meant.has(quantity)) && meant.size === inRadians.length)
        found++;
    }
    expect(found / FILES).toBeGreaterThanOrEqual(0.98);
  });
});

describe('faces given where the ball was struck', () => {
  const FILES = tries(20, 400);
  const COLUMNS = [...FULL_ROW, 'strikeToeMm'] as const;
  const driver = findClub('driver')!;
  /** A player's drives on a monitor that sees where they are struck, to half a degree and a millimetre. */
  const driven = (seed: number): MeasuredBall[] => {
    const random = seededRandom(seed);
    const plain = plainDelivery(driver, 'right', 36 + 16 * random());
    const path = 4 * gaussian(random);
    const face = 2.5 * gaussian(random);
    const toe = 4 * gaussian(random);
    return Array.from({ length: 16 + Math.floor(random() * 15) }, () => {
      const delivery = {
        ...plain,
        attackAngleDeg: plain.attackAngleDeg + 1.2 * gaussian(random),
        clubPathDeg: path + 1.5 * gaussian(random),
        faceAngleDeg: face + 2 * gaussian(random),
        strikeToeMm: toe + 8 * gaussian(random),
      };
      const { launch, flight } = simulateShot(delivery, headOf(driver));
      return {
        ...EMPTY_BALL,
        ...delivery,
        ...launch,
        carryM: flight.carryM,
        offlineM: flight.offlineM,
        faceAngleDeg: delivery.faceAngleDeg + 0.5 * gaussian(random),
        startDirectionDeg: launch.startDirectionDeg + 0.3 * gaussian(random),
        strikeToeMm: delivery.strikeToeMm + gaussian(random),
        club: 'driver',
        clubText: 'Driver',
      };
    });
  };
  const readAll = (balls: readonly MeasuredBall[]): ParsedLaunchFile =>
    parseLaunchFile(printLaunchFile(balls, { digits: 2, columns: COLUMNS }), { hand: 'right' });
  // Penner (2001), Am. J. Phys. 69:1073: a bulge of 30.5 cm turns the face by 1.88 degrees a centimetre (from memory).
  const atStrike = (ball: MeasuredBall): MeasuredBall => ({
    ...ball,
    faceAngleDeg: ball.faceAngleDeg! + (1.8786 * ball.strikeToeMm!) / 10,
  });

  it('are found and, answered, turned back to the middle', () => {
    let found = 0;
    for (let i = 0; i < FILES; i++) {
      const parsed = readAll(driven(83_000 + i).map(atStrike));
      if (physics(parsed).some(({ text }) => text.includes('bulged face'))) found++;
    }
    expect(found / FILES).toBeGreaterThanOrEqual(0.95);
    const balls = driven(83_000);
    const text = printLaunchFile(balls.map(atStrike), { columns: COLUMNS });
    const asked = parseLaunchFile(text, { hand: 'right' });
    const answer = physics(asked)[0]!.choices[0]!.says.columns!;
    const mapping = Object.fromEntries(answer.map(({ header, ...said }) => [header, said]));
    const answered = parseLaunchFile(text, { hand: 'right', mapping });
    expect(physics(answered)).toEqual([]);
    answered.balls.forEach((ball, at) =>
      expect(ball.faceAngleDeg).toBeCloseTo(balls[at]!.faceAngleDeg!, 2),
    );
  });

  it('of a left-hander are turned the other way', () => {
    const head = 'Club,Face (R+),Path (R+),Toe (mm)';
    const mapping = { 'Face (R+)': { meaning: 'faceAngleDeg' as const, atStrike: true } };
    const faceOf = (hand: 'left' | 'right') =>
      parseLaunchFile(`${head}\nDriver,2,1,10`, { hand, mapping }).balls[0]!.faceAngleDeg;
    expect(faceOf('right')).toBeCloseTo(2 - 1.8786, 3);
    expect(faceOf('left')).toBeCloseTo(2 + 1.8786, 3);
  });

  it('without a strike are left as they are, and that is said', () => {
    const mapping = { Face: { meaning: 'faceAngleDeg' as const, atStrike: true } };
    const text = 'Club,Face,Path,Toe (mm)\nDriver,2,1,10\nDriver,2,1,\n';
    const { balls, notes } = parseLaunchFile(text, { hand: 'right', mapping });
    expect(balls[1]!.faceAngleDeg).toBe(2);
    expect(notes).toEqual([
      '1 row says no club or no strike towards the toe: the face is left there as the file gives it.',
    ]);
  });

  it('given in the middle are not asked about', () => {
    let asked = 0;
    for (let i = 0; i < FILES; i++) if (physics(readAll(driven(89_000 + i))).length > 0) asked++;
    expect(asked).toBeLessThanOrEqual(Math.ceil(0.005 * FILES));
  });
});

describe('balls of another club than the file says', () => {
  const FILES = tries(20, 400);
  const as = (clubId: string, text: string, seed: number): ParsedLaunchFile => {
    const random = seededRandom(seed);
    const balls = ballsOf(clubId, 8 + Math.floor(random() * 20), random, {
      path: 4 * gaussian(random),
      face: 2.5 * gaussian(random),
      pathSd: 1.5 + random(),
      faceSd: 1.5 + 1.5 * random(),
      driverSpeedMps: 36 + 16 * random(),
    });
    return read(balls.map((ball) => ({ ...ball, clubText: text })));
  };
  const asked = ({ questions }: ParsedLaunchFile) => questions.find(({ kind }) => kind === 'clubs');

  // A fast player's 7-iron flies as fast as a slow player's driver: one in seven of those is let through.
  it.each([
    ['driver', '9 Iron', 0.98],
    ['driver', 'PW', 0.98],
    ['7-iron', 'Driver', 0.82],
    ['9-iron', '3 Wood', 0.98],
    ['pw', '5 Iron', 0.98],
  ])('a %s set as a %s is found', (clubId, text, share) => {
    let found = 0;
    for (let i = 0; i < FILES; i++) if (asked(as(clubId, text, 43_000 + i)) !== undefined) found++;
    expect(found / FILES).toBeGreaterThanOrEqual(share);
  });

  it('of somebody else in the file is not asked of this player', () => {
    const random = seededRandom(9);
    const swing = { path: 1, face: 1 };
    const own = ballsOf('7-iron', 10, random, swing).map((ball) => ({
      ...ball,
      clubText: '7 Iron',
    }));
    const other = ballsOf('driver', 10, random, swing).map((ball) => ({ ...ball, clubText: 'PW' }));
    const told = [
      {
        name: 'Player',
        of: ({ clubText }: MeasuredBall) => (clubText === 'PW' ? 'Ben Stone' : 'Ada Reed'),
      },
    ];
    const text = printLaunchFile([...own, ...other], { columns: FULL_ROW, told });
    const kinds = (parts: string[]) =>
      parseLaunchFile(text, { hand: 'right', parts }).questions.map(({ kind }) => kind);
    expect(kinds(['adareed||'])).toEqual([]);
    expect(kinds(['benstone||'])).toEqual(['clubs']);
  });

  it('is one question with the club in it, and answered it is that club, or the one it says', () => {
    const parsed = as('7-iron', 'Driver', 5);
    const { text, choices } = asked(parsed)!;
    expect(text).toMatch(
      /^The \d+ balls of “Driver” launch, spin and leave the face as those of another/,
    );
    expect(choices.at(-1)!.label).toBe('Driver, as the file says');
    const file = printLaunchFile(
      ballsOf('7-iron', 10, seededRandom(5), { path: 1, face: 1 }).map((ball) => ({
        ...ball,
        clubText: 'Driver',
      })),
    );
    for (const club of ['7-iron', 'driver']) {
      const clubs = [{ text: 'Driver', club }];
      const answered = parseLaunchFile(file, { hand: 'right', clubs });
      expect(asked(answered)).toBeUndefined();
      expect(new Set(answered.balls.map((ball) => ball.club))).toEqual(new Set([club]));
      expect(new Set(answered.balls.map((ball) => ball.clubText))).toEqual(new Set(['Driver']));
    }
  });
});

describe('a file with nothing wrong', () => {
  const FILES = tries(200, 6000);

  it('is accused in fewer than 5 of 1000', () => {
    let accused = 0;
    const why: string[] = [];
    for (let i = 0; i < FILES; i++) {
      const [question] = physics(read(someBalls(90_000 + i)));
      if (question === undefined) continue;
      accused++;
      why.push(question.text);
    }
    expect(why.slice(0, Math.max(0, accused - 0.005 * FILES))).toEqual([]);
  });
});
