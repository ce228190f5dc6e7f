import type { CauseLinkId, Hand } from '@loxos/core';
import { hairline } from './marks.ts';
import { polyline } from './shape.ts';
import type { Ink, Point, Shape } from './shape.ts';

/** What of the player a link is looked for at. */
type LookAt =
  'club' | 'ball' | 'feet' | 'hips' | 'shoulders' | 'chest' | 'hands' | 'head' | 'elbow' | 'gap';

const LOOK_AT: Readonly<Record<CauseLinkId, LookAt>> = {
  'head-bias': 'club',
  sleeve: 'club',
  lie: 'club',
  'leading-edge': 'club',
  'toe-at-top': 'club',
  'ball-position': 'ball',
  aim: 'feet',
  'feet-line': 'feet',
  'hip-line': 'hips',
  'lead-hip': 'hips',
  'shoulder-line': 'shoulders',
  'back-turn': 'chest',
  chest: 'chest',
  'side-bend': 'chest',
  'grip-strength': 'hands',
  'grip-hold': 'hands',
  'lead-wrist': 'hands',
  forearms: 'elbow',
  'lead-elbow': 'elbow',
  'eye-line': 'head',
  distance: 'gap',
};

export const LOOK_BOX = [-150, -95, 240, 190] as const;

const line = (a: Point, b: Point, ink: Ink, width: number): Shape => ({
  kind: 'path',
  d: polyline([a, b]),
  stroke: ink,
  width,
});

/** Returns a player from above at address, the target up, with the part to look at in amber and the rest faint. */
export function lookPlan(link: CauseLinkId, hand: Hand): Shape[] {
  const at = LOOK_AT[link];
  const side = hand === 'right' ? 1 : -1;
  const p = (out: number, along: number): Point => ({ x: out * side, y: -along });
  const ink = (part: LookAt): Ink => (part === at ? 'look' : 'faint');
  const width = (part: LookAt): number => (part === at ? 7 : 3);
  const body = (part: LookAt, out: number, half: number): Shape =>
    line(p(out, -half), p(out, half), ink(part), width(part));
  const shoe = (along: number): Shape =>
    line(p(-112, along), p(-76, along + 3), ink('feet'), at === 'feet' ? 16 : 13);
  const shapes: Shape[] = [
    hairline(-90, 90, 1.2),
    shoe(34),
    shoe(-38),
    body('hips', -104, 26),
    body('shoulders', -88, 40),
    body('chest', -88, 22),
    { kind: 'circle', ...p(-70, 4), r: 15, fill: ink('head'), opacity: at === 'head' ? 1 : 0.5 },
    // Arms from the shoulders to the hands, and the shaft from the hands to the head.
    line(p(-88, 40), p(-52, 4), ink('elbow'), width('elbow')),
    line(p(-88, -40), p(-52, 2), ink('elbow'), at === 'elbow' ? 7 : 3),
    { kind: 'circle', ...p(-50, 3), r: at === 'hands' ? 10 : 7, fill: ink('hands') },
    line(p(-50, 3), p(-8, -6), ink('gap'), at === 'gap' ? 6 : 2),
    line(p(-14, -7), p(8, -7), ink('club'), at === 'club' ? 9 : 6),
    {
      kind: 'circle',
      ...p(0, 4),
      r: 6,
      fill: at === 'ball' ? 'look' : 'paper',
      stroke: at === 'ball' ? 'look' : 'ink',
      width: 2,
    },
  ];
  if (at === 'head') shapes.push(line(p(-70, 4), p(-40, 2), 'look', 6));
  return shapes;
}
