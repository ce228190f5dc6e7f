import { STANDARD_BAG, findClub, headOf } from '../delivery/club.ts';
import { simulateShot } from '../flight/simulate.ts';
import { strike } from '../impact/strike.ts';
import { standardHead } from '../delivery/head.ts';
import { bagView } from './bag.ts';
import { plainDelivery } from '../delivery/usual.ts';
import { laneFor, sensitivityOf } from '../inverse/lane.ts';

const driver = findClub('driver')!;
const iron = findClub('7-iron')!;

describe('shape lanes', () => {
  it('start on the mark and come back to the target, as the forward model says', () => {
    for (const club of STANDARD_BAG) {
      const base = plainDelivery(club, 'right', 45);
      const lane = laneFor({ startDeg: 3, finishOfflineM: 0 }, base, headOf(club));
      expect(lane).not.toBeNull();
      const { launch, flight } = simulateShot(
        {
          ...base,
          faceAngleDeg: lane!.faceAngleDeg,
          clubPathDeg: lane!.clubPathDeg,
          dynamicLoftDeg: lane!.dynamicLoftDeg,
        },
        headOf(club),
      );
      expect(launch.startDirectionDeg).toBeCloseTo(3, 2);
      expect(flight.offlineM).toBeCloseTo(0, 1);
    }
  });

  it('put the face between target and path: near half-way for a mid iron, nearer the path for a driver', () => {
    const share = (club: typeof iron) =>
      laneFor({ startDeg: 3, finishOfflineM: 0 }, plainDelivery(club, 'right', 45), headOf(club))!
        .faceShare!;
    expect(share(iron)).toBeGreaterThan(0.3);
    expect(share(iron)).toBeLessThan(0.7);
    expect(share(driver)).toBeGreaterThan(share(iron));
    expect(share(driver)).toBeLessThan(1);
  });

  it('draws lower and fades higher than the straight ball of the same club, since the loft follows the face', () => {
    for (const club of [driver, iron]) {
      const base = plainDelivery(club, 'right', 45);
      const lane = (startDeg: number) =>
        laneFor({ startDeg, finishOfflineM: 0 }, base, headOf(club))!;
      const [draw, straight, fade] = [lane(3), lane(0), lane(-3)];
      expect(draw.apexM).toBeLessThan(straight.apexM);
      expect(fade.apexM).toBeGreaterThan(straight.apexM);
      expect(draw.dynamicLoftDeg).toBeLessThan(straight.dynamicLoftDeg);
      if (club === iron) expect(fade.carryM).toBeLessThan(draw.carryM);
    }
  });

  it('half-way over-bends a driver: the ball crosses the target', () => {
    const base = { ...plainDelivery(driver, 'right', 45), clubPathDeg: 6, faceAngleDeg: 3 };
    expect(simulateShot(base, headOf(driver)).flight.offlineM).toBeLessThan(-5);
  });

  it('mirror for a left-hander', () => {
    const right = laneFor(
      { startDeg: 3, finishOfflineM: 0 },
      plainDelivery(iron, 'right', 45),
      headOf(iron),
    )!;
    const left = laneFor(
      { startDeg: -3, finishOfflineM: 0 },
      plainDelivery(iron, 'left', 45),
      headOf(iron),
    )!;
    expect(left.faceAngleDeg).toBeCloseTo(-right.faceAngleDeg, 4);
    expect(left.clubPathDeg).toBeCloseTo(-right.clubPathDeg, 4);
  });

  it('have no answer for what no face and path can do', () => {
    expect(
      laneFor(
        { startDeg: 3, finishOfflineM: -400 },
        plainDelivery(iron, 'right', 45),
        headOf(iron),
      ),
    ).toBeNull();
  });
});

describe('what a degree does', () => {
  it('a degree of face moves the ball further than one of path, and more with a longer club', () => {
    const of = (club: typeof iron) => sensitivityOf(plainDelivery(club, 'right', 45), headOf(club));
    for (const club of [driver, iron]) {
      const { offlinePerFaceM, offlinePerPathM, curvePerFaceToPathM } = of(club);
      expect(offlinePerFaceM).toBeGreaterThan(Math.abs(offlinePerPathM));
      expect(curvePerFaceToPathM).toBeGreaterThan(0);
    }
    expect(of(driver).offlinePerFaceM).toBeGreaterThan(of(iron).offlinePerFaceM);
  });
});

describe('the whole bag', () => {
  const slice = bagView({ hand: 'right', driverSpeedMps: 43, faceAngleDeg: 2, clubPathDeg: -4 });

  it('shows one delivery bending the long clubs more', () => {
    const share = (id: string) => {
      const row = slice.rows.find((r) => r.club.id === id)!;
      return row.curveM / row.carryM;
    };
    expect(share('driver')).toBeGreaterThan(2 * share('9-iron'));
    expect(slice.rows.find((r) => r.club.id === 'driver')!.name.name).toContain('slice');
  });

  it('finds the longest club worth hitting: shorter for a slicer than for a straight hitter', () => {
    const straight = bagView({
      hand: 'right',
      driverSpeedMps: 43,
      faceAngleDeg: 0,
      clubPathDeg: 0,
    });
    expect(straight.longestWorth.club.id).toBe('driver');
    const wild = bagView({ hand: 'right', driverSpeedMps: 43, faceAngleDeg: 5, clubPathDeg: -5 });
    expect(wild.longestWorth.carryM).toBeLessThan(wild.longest.carryM);
  });
});

describe('published facts of the driver', () => {
  it('the best loft falls as head speed rises (Penner 2001, Am. J. Phys. 69:563)', () => {
    const bestLoft = (clubSpeedMps: number): number => {
      const carry = (dynamicLoftDeg: number): number =>
        simulateShot(
          { ...plainDelivery(driver, 'right', 45), clubSpeedMps, dynamicLoftDeg },
          standardHead('driver'),
        ).flight.carryM;
      const lofts = Array.from({ length: 57 }, (_, i) => 6 + i / 4);
      return lofts.reduce((best, loft) => (carry(loft) > carry(best) ? loft : best));
    };
    const best = [35, 42, 50, 56].map(bestLoft);
    for (let i = 1; i < best.length; i++) expect(best[i]!).toBeLessThan(best[i - 1]!);
  });

  it('bulge sends a toe strike out to come back, where a flat face over-hooks it (Penner 2001, Am. J. Phys. 69:1073)', () => {
    for (const strikeToeMm of [-20, 20]) {
      const delivery = { ...plainDelivery(driver, 'right', 45), strikeToeMm };
      const bulged = standardHead('driver');
      const flat = { ...bulged, bulgeRadiusM: Infinity, rollRadiusM: Infinity };
      const [b, f] = [simulateShot(delivery, bulged), simulateShot(delivery, flat)];
      const side = Math.sign(strikeToeMm);
      expect(b.launch.startDirectionDeg * side).toBeGreaterThan(1.5);
      expect(b.flight.curveM * side).toBeLessThan(0);
      const straightOnM = b.flight.carryM * Math.tan((b.launch.startDirectionDeg * Math.PI) / 180);
      expect(Math.abs(b.flight.offlineM)).toBeLessThan(Math.abs(straightOnM) * 0.75);
      expect(f.flight.offlineM * side).toBeLessThan(b.flight.offlineM * side);
      expect(strike(delivery, flat).startDirectionDeg * side).toBeLessThan(
        b.launch.startDirectionDeg * side,
      );
    }
  });
});
