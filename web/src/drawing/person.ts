/**
 * A player at address, seen from above with the target up: feet, hips, shoulders, arms to the grip, head and brim, club and ball.
 * One figure for every screen, in centimetres from where the ball usually lies; a left-hander is its mirror image.
 */
import type { Hand } from '@loxos/core';
import { polar, polyline } from './shape.ts';
import type { Ink, Point, Shape } from './shape.ts';

/** What a box round the figure must hold for either hand, cm: towards the player, away from them, up and down. */
export const PERSON_REACH = { player: 98, away: 14, half: 48 } as const;

export type PersonPart =
  'feet' | 'hips' | 'chest' | 'shoulders' | 'elbow' | 'hands' | 'head' | 'gap' | 'club' | 'ball';

export interface Pose {
  readonly hand: Hand;
  /** Lines of the body as they are drawn, degrees right of the target. */
  readonly feetDeg?: number;
  readonly hipDeg?: number;
  readonly shoulderDeg?: number;
  /** How far the ball lies ahead of where it usually does, cm. */
  readonly ballCm?: number;
  /** The part to look at, in amber. */
  readonly look?: PersonPart | null;
}

/** Where a right-hander's parts are, cm: out of the ball towards the player, and along the line from the middle of the stance. */
export const OUT = {
  toes: -50,
  heels: -74,
  hips: -78,
  shoulders: -64,
  head: -54,
  hands: -28,
} as const;
const STANCE = { lead: 25, trail: -31 } as const;
const HIPS = { half: 9, thick: 21 } as const;
const SHOULDERS = { half: 14, thick: 17 } as const;
const ARM_CM = 7.5;

interface Build {
  /** Returns a point of the figure, mirrored for the hand. */
  readonly p: (out: number, along: number) => Point;
  readonly ink: (part: PersonPart, usual?: Ink) => Ink;
}

/** Returns something thick between two points: a pale inside within an outline. */
function limb(points: readonly Point[], thick: number, edge: Ink, inside: Ink = 'paper'): Shape[] {
  const d = polyline(points);
  return [
    { kind: 'path', d, stroke: edge, width: thick },
    { kind: 'path', d, stroke: edge === 'look' ? 'look' : inside, width: thick - 2.6 },
  ];
}

/** Returns a line of the body turned about its middle: a right-hander's ends, the lead one first. */
function turned({ p }: Build, out: number, half: number, deg: number, hand: Hand): [Point, Point] {
  const tilt = polar(deg, half);
  const side = hand === 'right' ? 1 : -1;
  return [p(out + side * tilt.x, -tilt.y), p(out - side * tilt.x, tilt.y)];
}

function shoes(build: Build, deg: number, hand: Hand): Shape[] {
  const side = hand === 'right' ? 1 : -1;
  return [STANCE.lead, STANCE.trail].flatMap((along) => {
    const off = side * Math.tan((deg * Math.PI) / 180) * along;
    const [heel, toe] = [build.p(OUT.heels + off, along), build.p(OUT.toes + off, along)];
    return limb([heel, toe], 10, build.ink('feet', 'soft'));
  });
}

function torso(build: Build, { hand, hipDeg = 0, shoulderDeg = 0 }: Pose): Shape[] {
  const hips = turned(build, OUT.hips, HIPS.half, hipDeg, hand);
  const shoulders = turned(build, OUT.shoulders, SHOULDERS.half, shoulderDeg, hand);
  const isChest = build.ink('chest') === 'look';
  return [
    ...limb(hips, HIPS.thick, build.ink('hips', 'soft'), 'faint'),
    ...limb(shoulders, SHOULDERS.thick, build.ink(isChest ? 'chest' : 'shoulders', 'ink'), 'line'),
  ];
}

function armsAndClub(build: Build, { hand, shoulderDeg = 0, ballCm = 0 }: Pose): Shape[] {
  const { p, ink } = build;
  const [lead, trail] = turned(build, OUT.shoulders, SHOULDERS.half + 2, shoulderDeg, hand);
  const grip = p(OUT.hands, 2);
  const head = p(-3, ballCm - 6);
  const line = (a: Point, b: Point, stroke: Ink, width: number): Shape => ({
    kind: 'path',
    d: polyline([a, b]),
    stroke,
    width,
  });
  return [
    line(grip, head, ink('gap', 'soft'), ink('gap') === 'look' ? 4 : 2),
    line(p(-8, ballCm - 6), p(4, ballCm - 6), ink('club', 'face'), ink('club') === 'look' ? 8 : 5),
    ...limb([trail, grip], ARM_CM, ink('elbow', 'ink')),
    ...limb([lead, grip], ARM_CM, ink('elbow', 'ink')),
    {
      kind: 'circle',
      ...grip,
      r: 5,
      fill: ink('hands') === 'look' ? 'look' : 'paper',
      stroke: ink('hands', 'ink'),
      width: 1.4,
    },
  ];
}

function headAndBrim({ p, ink }: Build): Shape[] {
  const edge = ink('head', 'ink');
  return [
    ...limb([p(OUT.head, 0), p(OUT.head + 8, 1)], 12, edge),
    { kind: 'circle', ...p(OUT.head, 0), r: 8.5, fill: 'paper', stroke: edge, width: 1.4 },
  ];
}

/** Returns the figure from the ground up. */
export function person(pose: Pose): Shape[] {
  const { hand, feetDeg = 0, ballCm = 0, look = null } = pose;
  const side = hand === 'right' ? 1 : -1;
  const build: Build = {
    p: (out, along) => ({ x: out * side, y: -along }),
    ink: (part, usual = 'soft') => (part === look ? 'look' : usual),
  };
  return [
    ...shoes(build, feetDeg, hand),
    ...torso(build, pose),
    ...armsAndClub(build, pose),
    ...headAndBrim(build),
    {
      kind: 'circle',
      ...build.p(0, ballCm),
      r: 4.5,
      fill: look === 'ball' ? 'look' : 'paper',
      stroke: build.ink('ball', 'ink'),
      width: 1.8,
    },
  ];
}
