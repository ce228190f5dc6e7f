import { passDeg } from '@loxos/core';
import { hairline } from './marks.ts';
import { polyline } from './shape.ts';
import type { Shape } from './shape.ts';

export const POST_BOX = [-75, -125, 175, 150] as const;
/** How far up the post is drawn, whatever its distance: the drawing is a sketch, its figures are true. */
const POST_AT = 70;
/** A hand's breadth, m, and how far beside the post it is drawn. */
const HAND_M = 0.1;
const HAND_AT = 26;

/** Returns a ball, the line, the post on it, and what passing it by a hand comes to. */
export function postPlan(postM: number, isFaint: boolean, show: (m: number) => string): Shape[] {
  const ray = { x: -HAND_AT, y: -POST_AT } as const;
  const beyond = { x: (-HAND_AT * 112) / POST_AT, y: -112 } as const;
  const opacity = isFaint ? 0.5 : 1;
  return [
    hairline(-118, 8, 1.2),
    {
      kind: 'path',
      d: polyline([{ x: 0, y: 0 }, beyond]),
      stroke: 'soft',
      width: 1.5,
      dash: '2 5',
    },
    { kind: 'circle', x: 0, y: 0, r: 6, fill: 'paper', stroke: 'ink', width: 2 },
    { kind: 'circle', x: 0, y: -POST_AT, r: 6, fill: 'look', opacity },
    {
      kind: 'path',
      d: polyline([
        { x: -HAND_AT + 3, y: -POST_AT },
        { x: -9, y: -POST_AT },
      ]),
      stroke: 'ink',
      width: 1.5,
    },
    { kind: 'text', x: 12, y: -POST_AT + 5, size: 14, text: show(postM) },
    {
      ...{ kind: 'text', x: ray.x - 4, y: ray.y + 5, size: 14, anchor: 'end' },
      text: `${passDeg(HAND_M, postM).toFixed(1)}°`,
    },
    { kind: 'text', x: ray.x - 4, y: ray.y + 22, size: 13, anchor: 'end', text: 'a hand' },
  ];
}
