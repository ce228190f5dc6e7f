import { spinAxisOf } from '../impact/launch.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import type { Vec3 } from '../maths/vector.ts';
import { rateOf } from '../testing/equations.ts';
import { landWithOdex } from '../testing/odex-flight.ts';
import { tries } from '../testing/players.ts';
import { AERODYNAMICS, AERO_PRESETS } from './aero.ts';
import { STANDARD_AIR, airOf } from './air.ts';
import { flyBall } from './flight.ts';
import { FlightKernel } from './kernel.ts';

const random = seededRandom(23);
const between = (low: number, high: number): number => low + (high - low) * random();
const air = airOf({ ...STANDARD_AIR, temperatureC: 28, altitudeM: 900 });

/** Rates of a ball by the kernel and by the plain equations. */
function ratesOf(
  velocity: Vec3,
  spin: number,
  heightM: number,
  preset: 'modern' | 'smits-smith-1994',
  wind: readonly [number, number],
) {
  const aero = AERODYNAMICS[preset];
  const axis = spinAxisOf({
    ballSpeedMps: 1,
    launchAngleDeg: between(-5, 60),
    startDirectionDeg: between(-30, 30),
    spinRateRpm: 1,
    spinAxisTiltDeg: between(-60, 60),
  });
  const kernel = new FlightKernel();
  const model = { aero, air, windAlongMps: wind[0], windRightMps: wind[1] };
  kernel.start(model, axis, velocity, spin, heightM);
  const state = [0, heightM, 0, ...velocity, spin];
  const plain = rateOf(state, axis, { aero, ...air, windMps: wind });
  return { fast: Array.from(kernel.rates.slice(0, 4)), plain: plain.slice(3) };
}

describe('the forces', () => {
  it('are those of the plain equations, wherever the ball is and whatever the air does', () => {
    for (let i = 0; i < 2000; i++) {
      const velocity: Vec3 = [between(-10, 80), between(-40, 40), between(-20, 20)];
      const wind =
        i % 2 === 0 ? ([0, 0] as const) : ([between(-15, 15), between(-15, 15)] as const);
      // From under the lowest of the wind's profile to the highest shot; spin beyond the cap and below it.
      const height = i % 3 === 0 ? between(0, 0.1) : between(0, 60);
      const preset = AERO_PRESETS[i % 5 === 0 ? 1 : 0]!;
      const { fast, plain } = ratesOf(velocity, between(0, 1400), height, preset, wind);
      fast.forEach((rate, n) => expect(Math.abs(rate - plain[n]!)).toBeLessThan(2e-6));
    }
  });

  it.each([
    ['at rest', [0, 0, 0], 200],
    ['without spin', [60, 10, 0], 0],
    ['hardly spinning', [60, 10, 0], 0.5],
    ['spinning far beyond the cap', [3, 1, 0], 2000],
  ] as const)('are finite and the same %s', (_name, velocity, spin) => {
    const { fast, plain } = ratesOf(velocity, spin, 1, 'modern', [0, 0]);
    fast.forEach((rate, n) => expect(rate).toBeCloseTo(plain[n]!, 6));
  });
});

describe('against odex', () => {
  /** Any ball that a club of the bag or a poor strike could send off. */
  const anyLaunch = () => ({
    ballSpeedMps: between(12, 80),
    launchAngleDeg: between(3, 45),
    startDirectionDeg: 5 * gaussian(random),
    spinRateRpm: between(300, 11_500),
    spinAxisTiltDeg: 15 * gaussian(random),
  });

  it('lands any ball within 1 cm, and when asked to be finer within a millimetre', () => {
    const count = tries(40, 1500);
    let worst = 0;
    for (let i = 0; i < count; i++) {
      const launch = anyLaunch();
      const isWindy = i % 2 === 1;
      const wind = isWindy ? { speedMps: between(1, 12), fromDeg: between(-180, 180) } : undefined;
      const from = ((wind?.fromDeg ?? 0) * Math.PI) / 180;
      const speed = wind?.speedMps ?? 0;
      const windMps = [-speed * Math.cos(from), -speed * Math.sin(from)] as const;
      const peer = landWithOdex(launch, 1e-10, { windMps });
      const missM = (stepError?: number): number => {
        const own = flyBall(launch, { ...(wind && { wind }), ...(stepError && { stepError }) });
        return Math.hypot(own.carryM - peer.carryM, own.offlineM - peer.offlineM);
      };
      expect(missM()).toBeLessThan(0.01);
      worst = Math.max(worst, missM(1e-7));
    }
    expect(worst).toBeLessThan(1e-3);
  });

  it('passes the cap on the spin ratio and back without missing either bend', () => {
    // A wedge whose ratio comes near its cap of 0.6 at the top: spun a little more, it goes through it.
    for (let spinRateRpm = 9000; spinRateRpm <= 11_400; spinRateRpm += 100) {
      const launch = {
        ballSpeedMps: 44,
        launchAngleDeg: 26.7,
        startDirectionDeg: 0,
        spinRateRpm,
        spinAxisTiltDeg: -13,
      };
      const peer = landWithOdex(launch, 1e-10);
      const own = flyBall(launch);
      expect(Math.hypot(own.carryM - peer.carryM, own.offlineM - peer.offlineM)).toBeLessThan(0.01);
    }
  });
});

it('flies each ball the same, whatever flew before it', () => {
  const launch = {
    ballSpeedMps: 50,
    launchAngleDeg: 18,
    startDirectionDeg: 1,
    spinRateRpm: 6500,
    spinAxisTiltDeg: 5,
  };
  const before = flyBall(launch);
  flyBall(
    { ...launch, spinRateRpm: 200 },
    { aero: 'smits-smith-1994', air: { altitudeM: 2000 }, wind: { speedMps: 9, fromDeg: 60 } },
  );
  expect(flyBall(launch)).toEqual(before);
});
