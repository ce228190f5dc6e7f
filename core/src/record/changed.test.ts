// What a record says changed: hardly ever anything of a player who did not change, and the path that did over a gap that did not.
import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import { tries } from '../testing/players.ts';
import { addDaysIso } from '../units/days.ts';
import { follow } from './follow.ts';
import type { Followed } from './follow.ts';
import type { FollowedFigure, VisitPoint } from './points.ts';
import { changedOf } from './standing.ts';

/** Standard errors of a visit's middles, twelve balls: degrees, m. */
const ERRORS: Readonly<Partial<Record<FollowedFigure, number>>> = {
  faceToPathDeg: 0.57,
  clubPathDeg: 0.35,
  faceAngleDeg: 0.45,
  startDirectionDeg: 0.36,
  curveM: 1,
  offlineM: 1.6,
};

/** A player's followed figures: face and path differ from day to day, and the flight follows them. */
function followedOf(
  random: Random,
  visits: number,
  pathAt: (visit: number) => number,
  faceAt: (visit: number) => number,
): Followed[] {
  const rows = Array.from({ length: visits }, (_, visit) => {
    const path = pathAt(visit) + 0.6 * gaussian(random) + 0.35 * gaussian(random);
    const face = faceAt(visit) + 0.6 * gaussian(random) + 0.45 * gaussian(random);
    const curveM = 1.5 * (face - path) + 0.6 * gaussian(random);
    return {
      faceToPathDeg: face - path,
      clubPathDeg: path,
      faceAngleDeg: face,
      startDirectionDeg: 0.75 * face + 0.25 * path + 0.1 * gaussian(random),
      curveM,
      offlineM: 2 * face + 0.8 * curveM + 0.8 * gaussian(random),
    };
  });
  return (Object.keys(ERRORS) as (keyof (typeof rows)[number])[]).map((figure) => {
    const points = rows.map((row, n): VisitPoint => {
      const day = addDaysIso('2026-01-05', 7 * n);
      const error = ERRORS[figure]!;
      return {
        lessonId: `l${n}`,
        at: `${day}T10:00:00.000Z`,
        day,
        count: 12,
        middle: row[figure],
        spread: 3.5 * error,
        error,
        half95: 2 * error,
        inside: null,
        source: null,
        sourceError: 0,
      };
    });
    const smallest = figure.endsWith('M') ? 2.5 : 1;
    return follow(figure, points, { target: { wanted: 0, window: 1 }, smallest, sharedSd: 0 });
  });
}

describe('what a record says changed', () => {
  it('is something of somebody who did not change in at most 5 of 100', () => {
    const random = seededRandom(61);
    const count = tries(150, 3000);
    let said = 0;
    for (let i = 0; i < count; i++) {
      const visits = [6, 12, 20][i % 3]!;
      if (
        changedOf(
          followedOf(
            random,
            visits,
            () => -3,
            () => -1,
          ),
        ) !== null
      )
        said++;
    }
    expect(said / count).toBeLessThanOrEqual(0.05 + 2.6 * Math.sqrt(0.0475 / count));
  });

  it('is the path of a puller who turned both, over a face to path that stayed', () => {
    const random = seededRandom(62);
    const count = tries(60, 1000);
    let told = 0;
    for (let i = 0; i < count; i++) {
      const turned = (visit: number): number => (visit < 6 ? -6 : -1.5);
      const moved = changedOf(followedOf(random, 12, turned, turned));
      if (moved?.figure === 'clubPathDeg' || moved?.figure === 'faceAngleDeg') told++;
    }
    expect(told / count).toBeGreaterThan(0.9);
  });
});
