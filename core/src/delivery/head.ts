import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { requireInRange } from '../units/require.ts';
import { radToDeg } from '../units/units.ts';

export const CLUB_KINDS = ['driver', 'fairway', 'hybrid', 'iron', 'wedge'] as const;
export type ClubKind = (typeof CLUB_KINDS)[number];

/**
 * A clubhead as a free rigid body. The centre of gravity lies `cgDepthM` straight behind the
 * middle of the face. Inertias are about axes through it: toe-heel, up the face, and square to the
 * face. Bulge and roll radii are `Infinity` for a flat face. Restitution at normal approach speed v
 * (m/s) is restitution − restitutionPerMps · v.
 */
export interface ClubHead {
  readonly kind: ClubKind;
  readonly loftDeg: number;
  /** How the shaft stands at impact, degrees from the ground: opening the face adds cot of it in loft. */
  readonly lieDeg: number;
  /** Head and the tip of the shaft that moves with it. */
  readonly headMassKg: number;
  readonly restitution: number;
  readonly restitutionPerMps: number;
  /** Tangential restitution: 0 leaves the ball rolling, above 0 spins it more, below 0 less. */
  readonly tangentialRestitution: number;
  /** Coulomb friction between face and cover. */
  readonly friction: number;
  readonly cgDepthM: number;
  readonly inertiaToeHeelKgM2: number;
  readonly inertiaUpKgM2: number;
  readonly inertiaNormalKgM2: number;
  readonly bulgeRadiusM: number;
  readonly rollRadiusM: number;
}

type KindDefaults = Omit<ClubHead, 'kind'>;

/** Penner (2003), Rep. Prog. Phys. 66:131, e = 0.86 − 0.0029 v (from memory). */
const PENNER = { restitution: 0.86, restitutionPerMps: 0.0029 } as const;
const FLAT = { bulgeRadiusM: Infinity, rollRadiusM: Infinity } as const;

/**
 * Typical heads. Masses, depths and inertias: within the spans of Cochran & Stobbs and the limits
 * of the Equipment Rules (R&A / USGA, Part 2, §4: restitution 0.830, vertical inertia 5900 g·cm²);
 * the values themselves are common practice, no source; lies at impact too. Tangential restitution is
 * calibrated over fast and slow players together, so that usual deliveries (usual.ts) launch within 1.5°
 * and spin within 12 % of widely published averages (docs/physics.md).
 */
export const STANDARD_HEADS: Readonly<Record<ClubKind, KindDefaults>> = {
  driver: {
    loftDeg: 10.5,
    lieDeg: 56,
    headMassKg: 0.212,
    restitution: 0.83,
    restitutionPerMps: 0,
    tangentialRestitution: -0.12,
    friction: 0.4,
    cgDepthM: 0.036,
    inertiaToeHeelKgM2: 3.2e-4,
    inertiaUpKgM2: 5.0e-4,
    inertiaNormalKgM2: 2.9e-4,
    bulgeRadiusM: 0.305,
    rollRadiusM: 0.305,
  },
  fairway: {
    loftDeg: 16,
    lieDeg: 57,
    headMassKg: 0.222,
    restitution: 0.82,
    restitutionPerMps: 0.0005,
    tangentialRestitution: 0.06,
    friction: 0.4,
    cgDepthM: 0.026,
    inertiaToeHeelKgM2: 1.6e-4,
    inertiaUpKgM2: 3.0e-4,
    inertiaNormalKgM2: 2.6e-4,
    bulgeRadiusM: 0.254,
    rollRadiusM: 0.254,
  },
  hybrid: {
    loftDeg: 21,
    lieDeg: 59,
    headMassKg: 0.243,
    restitution: 0.83,
    restitutionPerMps: 0.0012,
    tangentialRestitution: 0.1,
    friction: 0.4,
    cgDepthM: 0.018,
    inertiaToeHeelKgM2: 1.1e-4,
    inertiaUpKgM2: 2.7e-4,
    inertiaNormalKgM2: 2.6e-4,
    bulgeRadiusM: 0.33,
    rollRadiusM: 0.4,
  },
  iron: {
    ...PENNER,
    ...FLAT,
    loftDeg: 33,
    lieDeg: 62,
    headMassKg: 0.268,
    tangentialRestitution: 0.27,
    friction: 0.4,
    cgDepthM: 0.006,
    inertiaToeHeelKgM2: 0.6e-4,
    inertiaUpKgM2: 2.6e-4,
    inertiaNormalKgM2: 2.8e-4,
  },
  wedge: {
    ...PENNER,
    ...FLAT,
    loftDeg: 52,
    lieDeg: 64,
    headMassKg: 0.3,
    tangentialRestitution: 0.27,
    friction: 0.4,
    cgDepthM: 0.004,
    inertiaToeHeelKgM2: 0.9e-4,
    inertiaUpKgM2: 2.8e-4,
    inertiaNormalKgM2: 3.0e-4,
  },
};

/** Lofts a head may have, degrees. */
export const LOFT_RANGE_DEG = [5, 65] as const;

/** Returns a typical head of its kind; `loftDeg` from 5 to 65, by default the kind's usual one. */
export function standardHead(kind: ClubKind, loftDeg?: number): ClubHead {
  const head = (STANDARD_HEADS as Record<string, KindDefaults | undefined>)[kind];
  if (head === undefined) {
    throw new RangeError(`kind is ${String(kind)}; it must be one of ${CLUB_KINDS.join(', ')}`);
  }
  const loft = requireInRange('loftDeg', loftDeg ?? head.loftDeg, ...LOFT_RANGE_DEG, 'degrees');
  return { kind, ...head, loftDeg: loft };
}

/**
 * Returns how far the bulge turns the face where it is struck from the face in its middle, degrees, positive right of the
 * target: `strikeToeMm` is mm from the middle, positive towards the toe. 0 for a flat face.
 */
export const bulgeTurnDeg = (head: ClubHead, hand: Hand, strikeToeMm: number): number =>
  handSign(hand) * radToDeg(strikeToeMm / 1000 / head.bulgeRadiusM);
