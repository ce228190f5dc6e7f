/** A figure's last visits in a strip: the wanted lane, a line, and the last visit as a dot. */
import { polyline } from './shape.ts';
import type { Box, Point, Shape } from './shape.ts';

export const SMALL_CHART_BOX: Box = [0, 0, 120, 40];
const [, , WIDE, TALL] = SMALL_CHART_BOX;
const EDGE = 5;
/** Shown at least to each side of the wanted, in windows. */
const LEAST_WINDOWS = 2;

export interface SmallChart {
  readonly points: readonly { readonly at: string; readonly middle: number }[];
  readonly target: { readonly wanted: number; readonly window: number } | null;
}

export function smallChart({ points, target }: SmallChart): Shape[] {
  const values = points.map(({ middle }) => middle);
  const reach = target === null ? 1 : LEAST_WINDOWS * target.window;
  const middle = target?.wanted ?? 0;
  const low = Math.min(middle - reach, ...values);
  const high = Math.max(middle + reach, ...values);
  const times = points.map(({ at }) => Date.parse(at));
  const [first, last] = [times[0] ?? 0, times.at(-1) ?? 1];
  const y = (value: number): number =>
    TALL - EDGE - ((value - low) / (high - low)) * (TALL - 2 * EDGE);
  const x = (time: number): number =>
    first === last ? WIDE / 2 : EDGE + ((time - first) / (last - first)) * (WIDE - 2 * EDGE);
  const line = points.map((point, n): Point => ({ x: x(times[n]!), y: y(point.middle) }));
  const lane: Shape[] =
    target === null
      ? []
      : [
          {
            kind: 'path',
            d: `M0 ${y(middle + target.window)}H${WIDE}V${y(middle - target.window)}H0Z`,
            fill: 'path',
            opacity: 0.2,
          },
        ];
  const end = line.at(-1);
  return [
    ...lane,
    { kind: 'path', d: polyline(line), stroke: 'ink', width: 1.6, fill: 'none' },
    ...line.slice(0, -1).map(({ x: cx, y: cy }): Shape => ({
      kind: 'circle',
      x: cx,
      y: cy,
      r: 1.6,
      fill: 'ink',
    })),
    ...(end === undefined
      ? []
      : [{ kind: 'circle' as const, x: end.x, y: end.y, r: 3.6, fill: 'ink' as const }]),
  ];
}
