import { fromSi } from '@loxos/core';
import type { LengthUnit } from '@loxos/core';
import { polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/** A flight as seen from the side. */
export interface SideFlight {
  readonly track: readonly { readonly alongM: number; readonly upM: number }[];
  readonly chosen: boolean;
}

export const SIDE_BOX = { width: 460, height: 120, left: 8, bottom: 22, top: 18 } as const;

/** Flights from the side, the ball at the left; one scale both ways, so that a climb is a true climb. */
export function sidePlan(flights: readonly SideFlight[], unit: LengthUnit): Shape[] {
  const { width, height, left, bottom, top } = SIDE_BOX;
  const points = flights.flatMap((flight) => flight.track);
  const longest = Math.max(20, ...points.map((p) => p.alongM));
  const highest = Math.max(5, ...points.map((p) => p.upM));
  const scale = Math.min((width - 2 * left - 20) / longest, (height - bottom - top) / highest);
  const ground = height - bottom;
  const place = (alongM: number, upM: number): Point => ({
    x: left + alongM * scale,
    y: ground - upM * scale,
  });
  const shapes: Shape[] = [
    {
      kind: 'path',
      d: polyline([place(0, 0), { x: width - left, y: ground }]),
      stroke: 'line',
      width: 1,
    },
  ];
  for (const { track, chosen } of flights) {
    if (track.length < 2) continue;
    const line = track.map((p) => place(p.alongM, p.upM));
    shapes.push({
      kind: 'path',
      d: polyline(line),
      stroke: 'ink',
      width: chosen ? 2.4 : 1.6,
      opacity: chosen ? 1 : 0.55,
      ...(!chosen && { dash: '5 4' }),
    });
    const apex = track.reduce((best, p) => (p.upM > best.upM ? p : best));
    const end = track.at(-1)!;
    if (!chosen) continue;
    const at = place(apex.alongM, apex.upM);
    shapes.push({
      kind: 'text',
      x: at.x,
      y: at.y - 6,
      size: 12,
      anchor: 'middle',
      fill: 'soft',
      text: `${fromSi(apex.upM, unit).toFixed(0)} ${unit} high`,
    });
    shapes.push({
      kind: 'text',
      x: Math.min(width - left, place(end.alongM, 0).x),
      y: ground + 15,
      size: 12,
      anchor: 'end',
      fill: 'soft',
      text: `carry ${fromSi(end.alongM, unit).toFixed(0)} ${unit}`,
    });
  }
  return shapes;
}
