import { pathShiftDeg } from './swing.ts';
import { sleeveFace, tiltFace } from './tilt.ts';

describe('swing direction to path', () => {
  it('hitting down moves the path to the inside-out side, up to the other, for both hands', () => {
    expect(pathShiftDeg(-5, 60, 'right')).toBeGreaterThan(0);
    expect(pathShiftDeg(-5, 60, 'left')).toBeLessThan(0);
    expect(pathShiftDeg(4, 47, 'right')).toBeLessThan(0);
    expect(pathShiftDeg(0, 47, 'right')).toBeCloseTo(0, 12);
  });

  it('is −α / tan θ for small angles (Jorgensen)', () => {
    for (const plane of [40, 50, 63]) {
      const alpha = 0.01;
      expect(pathShiftDeg(alpha, plane, 'right') / alpha).toBeCloseTo(
        -1 / Math.tan((plane * Math.PI) / 180),
        6,
      );
    }
  });

  it('lies on the plane: the travel is square to the plane’s normal', () => {
    // Plane through the target line direction, tilted by θ about it towards the player's side.
    const [alpha, theta] = [-6, 58].map((deg) => (deg * Math.PI) / 180) as [number, number];
    const shift = (pathShiftDeg(-6, 58, 'right') * Math.PI) / 180;
    const travel = [
      Math.cos(alpha) * Math.cos(shift),
      Math.sin(alpha),
      Math.cos(alpha) * Math.sin(shift),
    ];
    // A right-hander stands left (−z): the plane rises towards −z, so its normal is (0, cos θ, sin θ).
    const normal = [0, Math.cos(theta), Math.sin(theta)];
    expect(travel.reduce((sum, v, i) => sum + v * normal[i]!, 0)).toBeCloseTo(0, 10);
  });

  it('the schools agree on a 45° plane', () => {
    expect(pathShiftDeg(-3, 45, 'right')).toBeCloseTo(
      pathShiftDeg(-3, 45, 'right', 'one-for-one'),
      1,
    );
  });

  it('refuses planes and attacks that cannot be', () => {
    expect(() => pathShiftDeg(-3, 5, 'right')).toThrow('planeDeg');
    expect(() => pathShiftDeg(NaN, 50, 'right')).toThrow('attackAngleDeg');
  });
});

describe('a tilted face', () => {
  const square = (dynamicLoftDeg: number) => ({ faceAngleDeg: 0, dynamicLoftDeg });

  it('points to the pull side with the toe up, to the push side with it down, for both hands', () => {
    expect(tiltFace(square(45), 5, 'right').faceAngleDeg).toBeLessThan(-3);
    expect(tiltFace(square(45), -5, 'right').faceAngleDeg).toBeGreaterThan(3);
    expect(tiltFace(square(45), 5, 'left').faceAngleDeg).toBeGreaterThan(3);
  });

  it('is tan(face) = −tan(loft) · sin(tilt), by spherical trigonometry', () => {
    const { faceAngleDeg } = tiltFace(square(50), 6, 'right');
    const rad = Math.PI / 180;
    expect(Math.tan(faceAngleDeg * rad)).toBeCloseTo(-Math.tan(50 * rad) * Math.sin(6 * rad), 12);
  });

  it('turns further with more loft, and not at all with none', () => {
    const turn = (loft: number) => Math.abs(tiltFace(square(loft), 4, 'right').faceAngleDeg);
    expect(turn(55)).toBeGreaterThan(turn(30));
    expect(turn(30)).toBeGreaterThan(turn(12));
    expect(turn(0)).toBeCloseTo(0, 12);
  });

  it('a sleeve set high closes the face, for both hands', () => {
    expect(sleeveFace(square(10), 1, 'right')).toEqual({ faceAngleDeg: -2, dynamicLoftDeg: 11 });
    expect(sleeveFace(square(10), 1, 'left').faceAngleDeg).toBe(2);
  });
});
