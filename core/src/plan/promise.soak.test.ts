// Whether a look brings what it promised. Few players are told to look at the face: many are needed, in `npm run soak`.
import { EYE_AMOUNTS } from '../inverse/eye.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import { tappedBalls } from '../testing/taps.ts';
import { planFor } from '../testing/plan-for.ts';

describe('a look', () => {
  it('promises of a sprayed face what the answer then brings', () => {
    const random = seededRandom(92);
    let [looked, promised, brought] = [0, 0, 0];
    for (let i = 0; i < 1200; i++) {
      const [toeMm, path, face] = [8, 1.5, 1.5].map((sd) => sd * gaussian(random)) as [
        number,
        number,
        number,
      ];
      const swing = { path: path - 4, face: face - 4, toeMm };
      const balls = tappedBalls('driver', 8, random, swing);
      const asked = {
        hand: 'right',
        club: 'driver',
        wanted: { shape: 'straight', isSaid: true },
      } as const;
      const plan = planFor({ balls, ...asked })!;
      if (plan.look?.kind !== 'strike') continue;
      const { toe, heel, middle } = EYE_AMOUNTS.strikeToeMm;
      const strikeToeMm = toeMm > 6 ? toe : toeMm < -6 ? heel : middle;
      const then = planFor({ balls: balls.map((ball) => ({ ...ball, strikeToeMm })), ...asked })!;
      looked += 1;
      promised += plan.look.promised;
      brought += then.p;
    }
    expect(looked).toBeGreaterThanOrEqual(15);
    expect(Math.abs(promised - brought) / looked).toBeLessThan(0.1);
  });
});
