import type { Bag } from '../delivery/bag.ts';
import { usualPlayer } from '../delivery/usual.ts';
import type { PlayerKind, UsualPlayer } from '../delivery/usual.ts';
import type { FlightOptions } from '../flight/options.ts';
import { eyeAccuracy } from '../inverse/eye.ts';
import { resolveAccuracy } from '../inverse/accuracy.ts';
import type { DeviceAccuracy } from '../inverse/accuracy.ts';
import { HANDS } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { RangeMisuse } from '../units/require.ts';
import { isByEye, toldOf } from './ball.ts';
import type { LessonBall } from './ball.ts';
import { resolveBands } from './bands.ts';
import type { Bands } from './bands.ts';
import { NAMING_SCHOOLS } from './names.ts';
import type { NamingSchool } from './names.ts';

/** What balls are read in. */
export interface ReadingContext {
  readonly hand: Hand;
  readonly bands?: Partial<Bands>;
  readonly naming?: NamingSchool;
  /** Air, wind and coefficients of the flights computed. */
  readonly flight?: FlightOptions;
  /** How far the monitor's figures may be off. */
  readonly accuracy?: Partial<DeviceAccuracy>;
  /** What is known of the player's own clubs. */
  readonly bag?: Bag;
  /** What kind of player, and how fast with the driver, m/s; used only where nothing was measured. */
  readonly playerKind?: PlayerKind | null;
  readonly driverSpeedMps?: number | null;
}

export interface ResolvedContext {
  readonly hand: Hand;
  readonly bands: Bands;
  readonly naming: NamingSchool;
  readonly flight: FlightOptions;
  readonly accuracy: DeviceAccuracy;
  readonly bag: Bag;
  readonly player: UsualPlayer;
}

/** Throws RangeMisuse for a bad context. */
export function resolveContext(context: ReadingContext): ResolvedContext {
  if (!HANDS.includes(context.hand)) {
    throw new RangeMisuse('context.hand', context.hand, "'right' or 'left'");
  }
  const naming = context.naming ?? 'start-and-bend';
  if (!NAMING_SCHOOLS.includes(naming)) {
    throw new RangeMisuse('context.naming', naming, `one of ${NAMING_SCHOOLS.join(', ')}`);
  }
  return {
    hand: context.hand,
    bands: resolveBands(context.bands),
    naming,
    flight: context.flight ?? {},
    accuracy: resolveAccuracy(context.accuracy),
    bag: context.bag ?? [],
    player: usualPlayer(context.playerKind ?? undefined, context.driverSpeedMps),
  };
}

/** Carry taken for an eye's errors where none was seen, m (common practice, no source). */
const UNSEEN_CARRY_M = 150;

/** Returns how sure a ball's figures are: a monitor's, or the eye's. */
export const accuracyFor = (ball: LessonBall, monitor: DeviceAccuracy): DeviceAccuracy =>
  sharedAccuracy([ball], monitor);

/** Returns the same of balls of one source together: the eye's errors do not average out. */
export function sharedAccuracy(
  balls: readonly LessonBall[],
  monitor: DeviceAccuracy,
): DeviceAccuracy {
  const [first] = balls;
  if (first === undefined || !isByEye(first)) return monitor;
  return { ...monitor, ...eyeAccuracy(first.carryM ?? UNSEEN_CARRY_M, toldOf(balls)) };
}
