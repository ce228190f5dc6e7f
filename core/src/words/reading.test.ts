import type { Delivery } from '../delivery/delivery.ts';
import { EMPTY_BALL } from '../intake/quantities.ts';
import { seededRandom, gaussian } from '../maths/random.ts';
import { measured } from '../testing/balls.ts';
import type { LessonBall } from '../reading/ball.ts';
import { readLesson } from '../lesson/read.ts';
import type { LessonContext } from '../lesson/read.ts';
import { readText, wordingOf } from '../testing/lessons.ts';
import { PLAIN_WANTED } from '../plan/wanted.ts';
import { capital } from './sentence.ts';
import { ballOfTap } from '../inverse/eye.ts';
import type { EyeWay } from '../inverse/eye.ts';
import { ballNote } from './facts.ts';
import { readingSentences } from './reading.ts';
import { ballTrack } from '../reading/track.ts';

const random = seededRandom(21);
/** Balls of one swing, scattered a little. */
function balls(club: string, count: number, swing: Partial<Delivery>): LessonBall[] {
  return Array.from({ length: count }, (_, index) => ({
    ...measured(club, {
      ...swing,
      clubPathDeg: (swing.clubPathDeg ?? 0) + 0.6 * gaussian(random),
      faceAngleDeg: (swing.faceAngleDeg ?? 0) + 0.6 * gaussian(random),
    }),
    id: `b${index + 1}`,
  }));
}
const right = { hand: 'right' } as const;
const left = { hand: 'left' } as const;
const text = (list: readonly LessonBall[], context: LessonContext = right): string =>
  readText(list, context);

describe('check values of the trade (common practice, no source)', () => {
  it('path −6, face −11.3: face to path −5.3, a ball that starts left and bends left', () => {
    const { views } = readLesson(
      [measured('7-iron', { clubPathDeg: -6, faceAngleDeg: -11.3 })],
      right,
    );
    expect(views[0]!.faceToPathDeg).toBeCloseTo(-5.3, 9);
    expect(views[0]!.name).toMatchObject({ start: 'pull', bend: 'left' });
    expect(views[0]!.name!.name).toMatch(/^pull-(draw|hook)$/);
  });

  it('path −9, face −9: a flat straight pull, and a path fault rather than a face fault', () => {
    const list = balls('7-iron', 6, { clubPathDeg: -9, faceAngleDeg: -9 });
    const { views } = readLesson(list, right);
    expect(views.filter(({ name }) => name!.start === 'pull').length).toBe(6);
    const words = text(list);
    expect(words).toMatch(/^Straight pulls, all 6: they start \d° left and stay there\./);
    expect(words).toContain('Square to each other, so it flies straight, left.');
  });

  it('path +10, face +5 with a driver: starts right and comes back past the line', () => {
    const { views } = readLesson([measured('driver', { clubPathDeg: 10, faceAngleDeg: 5 })], right);
    expect(views[0]!.start!.value).toBeGreaterThan(3);
    expect(views[0]!.curve!.value).toBeLessThan(0);
    expect(views[0]!.offline!.value).toBeLessThan(8);
  });

  it('the same gap bends a driver far more than a wedge', () => {
    const bend = (club: string): number => {
      const [view] = readLesson(
        [measured(club, { clubPathDeg: -3, faceAngleDeg: 2 })],
        right,
      ).views;
      return view!.curve!.value / view!.carry!.value;
    };
    expect(bend('driver')).toBeGreaterThan(2 * bend('pw'));
  });

  it('a driver at face to path −9° and high speed curves tens of metres left and loses carry', () => {
    const at = (faceAngleDeg: number) =>
      readLesson([measured('driver', { clubSpeedMps: 50, faceAngleDeg, clubPathDeg: 0 })], right)
        .views[0]!;
    const [hooked, straight] = [at(-9), at(0)];
    expect(hooked.curve!.value).toBeLessThan(-35);
    expect(hooked.carry!.value).toBeLessThan(0.93 * straight.carry!.value);
  });
});

describe('the reading in words', () => {
  it('says start, bend, shape, face, path and how sure', () => {
    const words = text(balls('7-iron', 8, { clubPathDeg: -5, faceAngleDeg: 1 }));
    expect(words).toMatch(/bend \d+ m (further |back )?right/);
    expect(words).toMatch(/path \d° out-to-in/);
    expect(words).toMatch(/open to the path: that is the (fade|slice)/);
    expect(words).toMatch(/95 % interval of the average/);
  });

  it('is the mirrored reading, in the same words, for a left-hander', () => {
    const swing = { clubPathDeg: -5, faceAngleDeg: 1 };
    const rightWords = text([measured('7-iron', swing)]);
    const leftWords = text(
      [measured('7-iron', { hand: 'left', clubPathDeg: 5, faceAngleDeg: -1 })],
      left,
    );
    const mirrored = rightWords.replace(
      /\b(R|L|right|left)\b/g,
      (side) => ({ R: 'L', L: 'R', right: 'left', left: 'right' })[side]!,
    );
    expect(leftWords).toBe(mirrored);
    expect(leftWords).toContain('out-to-in');
  });

  it('of a handful names the basics and a few more balls, never that all is well', () => {
    for (const count of [1, 2, 3, 4]) {
      const words = text(balls('7-iron', count, { clubPathDeg: -4, faceAngleDeg: 0 }));
      expect(words).toContain('Check grip, aim, ball position and posture; hit five more.');
      expect(words).not.toMatch(/keep it|leave/i);
    }
  });

  it('links every figure to the balls behind it', () => {
    const reading = readLesson(balls('7-iron', 6, { clubPathDeg: 4, faceAngleDeg: 1 }), right);
    const sentences = readingSentences(reading, wordingOf('right'));
    const figures = sentences.flatMap((s) => s.parts.filter((part) => part.kind === 'figure'));
    expect(figures.length).toBeGreaterThan(3);
    for (const part of figures)
      if (part.kind === 'figure') expect(part.ballIds.length).toBeGreaterThan(0);
  });

  it('tells the driver from the short iron when the gap is the same', () => {
    const words = text([
      ...balls('driver', 5, { clubPathDeg: -4, faceAngleDeg: 0.5 }),
      ...balls('9-iron', 5, { clubPathDeg: -4, faceAngleDeg: 0.5 }),
    ]);
    expect(words).toContain('Same face to path, yet the driver bends');
  });

  it('says of each club what is done about it, right after its flight', () => {
    const reading = readLesson(
      [
        ...balls('7-iron', 8, { clubPathDeg: -6, faceAngleDeg: -6 }),
        ...balls('9-iron', 8, { clubPathDeg: 0, faceAngleDeg: 0 }),
      ],
      right,
    );
    const sentences = readingSentences(reading, wordingOf('right'));
    expect(sentences.map(({ topic }) => topic).slice(0, 4)).toEqual([
      'flight',
      'plan',
      'flight',
      'plan',
    ]);
    expect(sentences[1]!.text).toMatch(/turn(ing)? everything 6° right: face and path together/i);
    expect(sentences[3]!.text).toMatch(/^Leave/);
  });

  it('has a word for no balls and for balls that say nothing', () => {
    expect(text([])).toContain('No balls yet');
    expect(text([{ ...EMPTY_BALL, carryM: 140, club: '7-iron' }])).toContain('nothing to read yet');
    expect(text([{ ...EMPTY_BALL, carryM: 140 }])).toContain('Which club was it?');
  });

  it('refuses a context it does not know', () => {
    expect(() => readLesson([], { hand: 'both' as never })).toThrow('context.hand');
    expect(() => readLesson([], { hand: 'right', naming: 'mine' as never })).toThrow(
      'context.naming',
    );
  });
});

describe('the sentence and the list', () => {
  it.each(['right', 'left'] as const)('name the balls of a %s-hander alike', (hand) => {
    const side = hand === 'right' ? 1 : -1;
    // Of one start and bend; some bend a fade's amount, some a slice's.
    const faceToPaths = [5, 5, 5, 5, 9, 9, 9];
    const list = faceToPaths.map((faceToPath, index) => ({
      ...measured('7-iron', {
        clubPathDeg: -side * faceToPath * 0.8,
        faceAngleDeg: side * faceToPath * 0.2,
      }),
      id: `b${index}`,
    }));
    const { views } = readLesson(list, { hand });
    const names = views.map(({ name }) => name!.name);
    const count = (word: string): number => names.filter((name) => name === word).length;
    const [one, other] = count('fade') >= count('slice') ? ['fade', 'slice'] : ['slice', 'fade'];
    expect(count(other)).toBeGreaterThan(1);
    const others = ['', '', 'two', 'three'][count(other)]!;
    const word = other === 'fade' ? 'mild' : 'strong';
    expect(text(list, { hand })).toContain(
      `${capital(one)}s, all ${faceToPaths.length}, ${others} of them ${word}.`,
    );
  });
});

describe('agreement', () => {
  const good = balls('driver', 6, { clubPathDeg: -2, faceAngleDeg: 1 });
  const toe = {
    ...measured('driver', { clubPathDeg: -2, faceAngleDeg: 1, strikeToeMm: 18 }),
    id: 'toe',
  };

  it('finds the ball whose bend its angles do not explain, says why, and leaves it out', () => {
    const { views, clubs } = readLesson([...good, toe], right);
    const odd = views.find(({ id }) => id === 'toe')!;
    expect(odd.agreement.suspect).toBe(true);
    expect(ballNote(odd)).toContain('toe');
    expect(odd.counts).toBe(false);
    expect(clubs[0]!.group.countedIds).not.toContain('toe');
    expect(views.filter(({ agreement }) => agreement.suspect)).toHaveLength(1);
  });

  it('keeps it in when the coach says so', () => {
    const { clubs } = readLesson([...good, { ...toe, keep: 'in' as const }], right);
    expect(clubs[0]!.group.countedIds).toContain('toe');
  });

  it('finds the mirrored ball of a left-hander, off the toe too', () => {
    const odd = {
      ...measured('driver', { hand: 'left', clubPathDeg: 2, faceAngleDeg: -1, strikeToeMm: 18 }),
      id: 'toe',
    };
    const { views } = readLesson([odd], left);
    expect(views[0]!.agreement.suspect).toBe(true);
    expect(ballNote(views[0]!)).toContain('toe');
  });

  it('knows nothing of a ball without face and path', () => {
    const { views } = readLesson(
      [{ ...EMPTY_BALL, startDirectionDeg: 3, carryM: 150, offlineM: 12 }],
      right,
    );
    expect(views[0]!.agreement).toMatchObject({ verdict: 'cannot-tell', suspect: false });
    expect(views[0]!.name!.start).toBe('push');
  });
});

describe('balls without club data', () => {
  const ballOnly = (list: LessonBall[]): LessonBall[] =>
    list.map((ball) => ({
      ...ball,
      faceAngleDeg: null,
      clubPathDeg: null,
      faceToPathDeg: null,
      attackAngleDeg: null,
      dynamicLoftDeg: null,
      clubSpeedMps: null,
    }));
  const full = balls('7-iron', 8, { clubPathDeg: -5, faceAngleDeg: 1 });
  const reading = readLesson(ballOnly(full), right);

  it('are read backwards, near the face and path that made them, and say so', () => {
    reading.views.forEach((view, i) => {
      expect(view.inferred).toBe(true);
      expect(view.ball.faceAngleDeg).toBeNull();
      expect(Math.abs(view.faceAngleDeg! - full[i]!.faceAngleDeg!)).toBeLessThan(0.5);
      expect(Math.abs(view.clubPathDeg! - full[i]!.clubPathDeg!)).toBeLessThan(0.5);
    });
    const words = text(ballOnly(full));
    expect(words).toContain('From the flight: face');
    expect(words).toContain('Taken for granted: a usual attack angle');
    expect(words).toContain('out-to-in');
  });

  it('seen by eye are far less sure than measured, and say so', () => {
    const seen = (by: 'eye' | 'monitor') => {
      const list = full.map((ball, i) => ({
        ...EMPTY_BALL,
        id: String(i),
        club: '7-iron',
        startDirectionDeg: ball.startDirectionDeg,
        offlineM: ball.offlineM,
        carryM: ball.carryM,
        seen: by,
      }));
      return readLesson(list, right);
    };
    const [eye, monitor] = [seen('eye'), seen('monitor')];
    const half = (reading: typeof eye): number => reading.clubs[0]!.group.inferred!.faceHalf95Deg;
    expect(half(eye)).toBeGreaterThan(2);
    expect(half(eye)).toBeGreaterThan(2 * half(monitor));
    expect(readingSentences(eye, wordingOf('right'))[0]!.text).toContain('about');
  });

  it('of equal taps say what was seen, and what they cannot tell', () => {
    const tap = { ...EMPTY_BALL, club: 'driver', seen: 'eye' as const };
    const taps = Array.from({ length: 6 }, (_, i) => ({
      ...tap,
      id: `t${i}`,
      startDirectionDeg: -3,
      curveM: 11,
    }));
    const words = text(taps);
    expect(words).toMatch(
      /^Pull-fades, all 6\. They start about 3° left and bend about 11 m back right\./,
    );
    expect(words).not.toMatch(/which side|Ball to ball/);
  });

  it('never count as a measurement of the face’s share of the start', () => {
    expect(reading.clubs[0]!.group.share.share).toBeNull();
  });

  it('say why where they cannot be read backwards', () => {
    const { views } = readLesson([{ ...EMPTY_BALL, startDirectionDeg: 3, club: '7-iron' }], right);
    expect(views[0]!.inferred).toBe(false);
    expect(views[0]!.notInferred).toContain('how it bent');
  });
});

describe('the face’s share of the start', () => {
  it('is said where the balls can tell, with the start rules it leaves', () => {
    const spread = [-4, -2, 0, 2, 3, 5, -5, 1, -1, 4].map((faceAngleDeg, i) => ({
      ...measured('7-iron', { clubPathDeg: -3 + (i % 3), faceAngleDeg }),
      id: String(i),
    }));
    const words = text(spread);
    expect(words).toMatch(/The face makes 7\d % of the start here/);
    expect(words).not.toContain('path only');
  });
});

describe('tracks for drawing', () => {
  it('start at the ball and end where it landed', () => {
    const { views } = readLesson([measured('driver', { clubPathDeg: -4, faceAngleDeg: 2 })], right);
    const track = ballTrack(views[0]!);
    expect(track[0]).toMatchObject({ alongM: 0, rightM: 0 });
    expect(track.at(-1)!.alongM).toBeCloseTo(views[0]!.carry!.value, 6);
    expect(track.at(-1)!.rightM).toBeCloseTo(views[0]!.offline!.value, 6);
  });

  it('are empty where the landing is not known', () => {
    const { views } = readLesson([{ ...EMPTY_BALL, startDirectionDeg: 3, club: '7-iron' }], right);
    expect(ballTrack(views[0]!)).toEqual([]);
  });
});

it('says that slices from different starts all bend too far, not only that no name is commonest', () => {
  const from = (clubPathDeg: number, faceAngleDeg: number, n: number) =>
    balls('driver', n, { clubPathDeg, faceAngleDeg });
  const list = [...from(-9, -3, 4), ...from(-5, 1, 4), ...from(-1, 5, 3)];
  const own = list.map((ball, n) => ({ ...ball, id: `b${n}` }));
  expect(text(own)).toMatch(/^No one shot, but (?:all|\d+ of) 11 bend too far right\. /);
});

it('says that a flight is what was asked for only where the balls bend so', () => {
  const asked: LessonContext = {
    ...right,
    wanted: { all: { ...PLAIN_WANTED, shape: 'fade', isSaid: true } },
  };
  const fades = balls('7-iron', 12, { clubPathDeg: -3.5, faceAngleDeg: -0.5 });
  expect(text(fades, asked)).toContain('Leave it: that is the fade that was asked for.');
  const straight = balls('7-iron', 12, { clubPathDeg: -2.3, faceAngleDeg: -1.3 });
  expect(text(straight, asked)).toContain(
    'Leave it for now: not clearly off the fade that was asked for.',
  );
});

it('says how the ground was met, where a coach saw it more than once', () => {
  const list = balls('7-iron', 10, { clubPathDeg: -4, faceAngleDeg: -4 });
  const met = (...contacts: ('fat' | 'thin')[]) =>
    text(list.map((ball, i) => ({ ...ball, contact: contacts[i] ?? null })));
  expect(met('fat')).not.toMatch(/fat/);
  expect(met('fat', 'fat', 'fat')).toContain(
    '3 of 10 fat: the club meets the ground behind the ball.',
  );
  expect(met('thin', 'thin')).toContain('2 of 10 thin: the club is on its way up, or too high.');
  // Of the block that is read, as all else: fat balls of a drill are not the baseline's.
  const drill = { block: 'drill', blockId: 'd', drillId: 'rails' } as const;
  const later = list.map((ball, i) => ({
    ...ball,
    id: `d${i}`,
    ...drill,
    contact: 'fat' as const,
  }));
  const first = list.map((ball) => ({ ...ball, block: 'baseline', blockId: 'b' }) as const);
  expect(text([...first, ...later])).not.toMatch(/fat/);
  expect(met('fat', 'thin')).toContain('2 of 10 fat or thin: the low point wanders.');
});

describe('balls of which an eye told the sides alone', () => {
  const taps = (hand: 'right' | 'left', count: number, start: EyeWay, bend: EyeWay) =>
    text(
      Array.from({ length: count }, (_, i) => ({
        ...EMPTY_BALL,
        ...ballOfTap({ start, bend }, 150),
        ...{ id: `b${i}`, club: '7-iron', seen: 'eye' as const },
      })),
      { hand },
    );

  it('are said without a figure and without a name', () => {
    expect(taps('right', 8, 'left', 'right')).toMatch(/^All 8 start left and bend back right\. /);
    expect(taps('left', 8, 'left', 'right')).toMatch(/^All 8 start left and bend back right\. /);
    expect(taps('right', 3, 0, 'right')).toMatch(
      /^Three balls, all start on line and bend right\. /,
    );
    expect(taps('right', 1, 'right', 'right')).toMatch(
      /^It starts right and bends further right\. /,
    );
    expect(taps('right', 8, 'left', 0)).toMatch(
      /^Straight pulls, all 8: they start left and stay there\. /,
    );
    const all = taps('right', 8, 'left', 'right').split('Face to path lies')[0]!;
    expect(all).not.toMatch(/\d+ (m|°)|\d°|slice|fade/);
  });

  it('that go both ways are told so, and no average of them', () => {
    const both = Array.from({ length: 10 }, (_, i) => ({
      ...EMPTY_BALL,
      ...ballOfTap({ start: 0, bend: i % 2 === 0 ? 'left' : 'right' }, 150),
      ...{ id: `b${i}`, club: '7-iron', seen: 'eye' as const },
    }));
    expect(text(both)).toMatch(/^Both ways: 5 finish left, 5 right\. /);
    expect(text(both)).toContain('How much do they bend?');
    expect(text(both)).not.toMatch(/On average|spread/);
  });

  it('are asked about, with where each answer leads', () => {
    expect(taps('right', 8, 'left', 'right')).toContain(
      'How much do they bend right? A little: leave it. Much: ',
    );
  });
});
