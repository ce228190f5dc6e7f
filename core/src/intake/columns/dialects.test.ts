/** Random balls in random dialects: read right, asked about, or refused; never anything else. */
import { STANDARD_BAG } from '../../delivery/club.ts';
import { gaussian, seededRandom } from '../../maths/random.ts';
import { ballsOf, tries } from '../../testing/players.ts';
import { parseLaunchFile } from '../parse.ts';
import type { BallQuantity } from '../quantities.ts';
import { dialectFile } from '../../testing/dialect-files.ts';

const FILES = tries(300, 20_000);
const SEED = 12;

/** What is wrong with a file's reading and was not said; null where nothing is. */
function silent(seed: number): { trouble: string | null; isRight: boolean; text: string } {
  const random = seededRandom(seed);
  const hand = random() < 0.2 ? 'left' : 'right';
  const club = STANDARD_BAG[Math.floor(random() * STANDARD_BAG.length)]!.id;
  const count = 1 + Math.floor(random() * 9);
  const swing = {
    path: 3 * gaussian(random),
    face: 2 * gaussian(random),
    hand,
    driverSpeedMps: 40 + 10 * random(),
  } as const;
  const balls = ballsOf(club, count, random, swing).map((ball) => ({
    ...ball,
    strikeToeMm: 8 * gaussian(random),
  }));
  const file = dialectFile(balls, hand, random);
  const { text } = file;
  const read = parseLaunchFile(text, { hand });
  if (read.questions.length > 0) return { trouble: null, isRight: false, text };
  const refused = read.rows.filter(({ fate }) => fate === 'rejected').length;
  if (read.balls.length + refused !== balls.length)
    return {
      trouble: `${read.balls.length} balls of ${balls.length}, ${refused} refused`,
      isRight: false,
      text,
    };
  if (refused > 0) return { trouble: null, isRight: false, text };
  let lost = 0;
  for (const [index, truth] of file.balls.entries()) {
    for (const [name, value] of Object.entries(truth)) {
      const quantity = name as BallQuantity;
      const got = read.balls[index]![quantity];
      if (got === null && value !== null) {
        lost += 1;
        if (read.columns.some(({ meaning }) => meaning === quantity))
          return { trouble: `${name} of ball ${index + 1} is lost`, isRight: false, text };
      } else if (value !== null && Math.abs(got! - value) > file.rounding[quantity]! * 1.001 + 1e-9)
        return {
          trouble: `${name} of ball ${index + 1}: ${got} for ${value}`,
          isRight: false,
          text,
        };
    }
  }
  return { trouble: null, isRight: lost === 0, text };
}

describe('random balls in random dialects', () => {
  it(`are read right, asked about or refused: ${FILES} files`, () => {
    const wrong: string[] = [];
    let right = 0;
    for (let i = 0; i < FILES; i++) {
      const { trouble, isRight, text } = silent(SEED * 1_000_000 + i);
      if (isRight) right += 1;
      if (trouble !== null) wrong.push(`${i}: ${trouble}\n${text}\n`);
    }
    expect(wrong.slice(0, 3)).toEqual([]);
    // Most need no question: a reader that asks about everything is never wrong either.
    expect(right / FILES).toBeGreaterThan(0.6);
  });
});
