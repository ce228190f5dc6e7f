// Whatever a file or a finger puts into a ball, reading it and reading back from the eye never throw. A million
// balls in `npm run soak`.
import { STANDARD_BAG } from '../delivery/club.ts';
import { BALL_QUANTITIES, infoOf } from '../intake/quantities.ts';
import { HANDS } from '../line/hand.ts';
import { seededRandom } from '../maths/random.ts';
import type { LessonBall } from '../reading/ball.ts';
import { readBall } from '../reading/read-ball.ts';
import { tries } from '../testing/players.ts';
import { readLesson } from '../lesson/read.ts';

const JUNK = [NaN, Infinity, -Infinity, '5', undefined, {}, [], 1e300, -1e300, -0, null, true];
const CLUBS = [...STANDARD_BAG.map(({ id }) => id), null, 'nope', 7, undefined];
const random = seededRandom(7);
const pick = <T>(list: readonly T[]): T => list[Math.floor(list.length * random())]!;

/** Every figure missing, within what a file may hold, or nonsense. */
function anyBall(): LessonBall {
  const ball: Record<string, unknown> = {
    club: pick(CLUBS),
    clubText: pick(['x', null, 5, undefined]),
    keep: pick(['auto', 'in', 'out', 'maybe', undefined]),
    seen: pick(['monitor', 'eye', undefined]),
    block: pick([null, 'baseline', 'drill', 'demonstration', 'party', undefined]),
  };
  for (const quantity of BALL_QUANTITIES) {
    const dice = random();
    const { min, max } = infoOf(quantity);
    const within = min + (max - min) * random();
    ball[quantity] = dice < 0.5 ? null : dice < 0.96 ? within : pick(JUNK);
  }
  return ball as unknown as LessonBall;
}

const BALLS_IN_GROUP = 12;
/** One group in so many is read as a lesson with its plans, the rest ball by ball. */
const LESSON_EVERY = 8;
const HOUR_MS = 3_600_000;

describe('any ball at all', () => {
  it(
    'is read without a throw, alone and in a lesson',
    () => {
      const groups = tries(480, 1_000_000) / BALLS_IN_GROUP;
      for (let group = 0; group < groups; group++) {
        const hand = pick(HANDS);
        const balls = Array.from({ length: BALLS_IN_GROUP }, anyBall);
        if (group % LESSON_EVERY === 0) {
          const { views } = readLesson(balls, { hand });
          expect(views).toHaveLength(BALLS_IN_GROUP);
        } else for (const ball of balls) readBall(ball, { hand });
      }
    },
    HOUR_MS,
  );

  it('may be no ball', () => {
    const nothing = [null, undefined, 7, 'ball', []] as unknown as LessonBall[];
    const { views, clubs } = readLesson(nothing, { hand: 'right' });
    expect(views).toHaveLength(5);
    expect(clubs.map(({ plan }) => plan)).toEqual([null]);
  });
});
