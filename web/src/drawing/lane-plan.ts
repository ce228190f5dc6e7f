import { fromSi } from '@loxos/core';
import type { LengthUnit } from '@loxos/core';
import { hairline } from './marks.ts';
import { polar, polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/** Where balls came down, m: carry along the target line and offline to its right. */
export interface Landing {
  readonly carryM: number;
  readonly offlineM: number;
}

/** Balls drawn as one: the earlier hollow and broken, the later full. */
export interface LaneCloud {
  readonly look: 'earlier' | 'later';
  readonly landings: readonly Landing[];
  /** The typical start, degrees right; with it the typical flight is drawn from the ball. */
  readonly startDeg?: number;
}

/** What is wanted: where it should finish, how wide is acceptable, m, and the start mark, degrees. */
export interface Lane {
  readonly finishM: number;
  readonly halfWidthM: number;
  readonly startDeg: number;
}

/** What a picture shows, m; pictures that are compared share one. */
export interface Extent {
  readonly nearM: number;
  readonly farM: number;
  readonly sideM: number;
}

export interface LanePlan {
  readonly shapes: readonly Shape[];
  readonly box: readonly [number, number, number, number];
  /** Units of the drawing to the metre. */
  readonly scale: number;
}

/** Ellipse of two in three: 1.5 standard deviations of a two-way normal scatter. */
const ELLIPSE_SDS = 1.5;
const ELLIPSE_POINTS = 48;
const MARGIN = 14;
const NICE_STEPS = [5, 10, 20, 25, 50, 100, 200];

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

/** Returns what must be in view: every landing, its ellipse and the lane; from the ball on where flights are drawn. */
export function laneExtent(clouds: readonly LaneCloud[], lane: Lane, withFlight: boolean): Extent {
  // The ellipses round them too: one that is cut off says nothing.
  const all = clouds.flatMap(({ landings }) => {
    const points = landings.map(({ carryM: x, offlineM: y }) => ({ x, y }));
    const ellipse = scatterEllipse(points) ?? [];
    return [...landings, ...ellipse.map(({ x, y }) => ({ carryM: x, offlineM: y }))];
  });
  const carries = all.map(({ carryM }) => carryM);
  const farM = Math.max(20, ...carries) * 1.04;
  const sides = all.map(({ offlineM }) => Math.abs(offlineM));
  const sideM = Math.max(Math.abs(lane.finishM) + lane.halfWidthM, ...sides) * 1.1;
  return { nearM: withFlight ? 0 : Math.min(farM, ...carries) * 0.97, farM, sideM };
}

/** Points of a flight from the ball that starts to one side and comes down at a place. */
function bowed(startDeg: number, end: Point): Point[] {
  const reach = Math.hypot(end.x, end.y);
  const control = polar(startDeg, reach * 0.55);
  return Array.from({ length: 17 }, (_, i) => {
    const t = i / 16;
    const at = (a: number, b: number): number => 2 * t * (1 - t) * a + t * t * b;
    return { x: at(control.x, end.x), y: at(control.y, end.y) };
  });
}

/** Returns the ellipse of the scatter's covariance about its middle; null for fewer than three balls. */
export function scatterEllipse(points: readonly Point[]): Point[] | null {
  if (points.length < 3) return null;
  const [mx, my] = [meanOf(points.map(({ x }) => x)), meanOf(points.map(({ y }) => y))];
  const n = points.length - 1;
  const sum = (of: (p: Point) => number): number => points.reduce((s, p) => s + of(p), 0) / n;
  const xx = sum((p) => (p.x - mx) ** 2);
  const yy = sum((p) => (p.y - my) ** 2);
  const xy = sum((p) => (p.x - mx) * (p.y - my));
  const turn = Math.atan2(2 * xy, xx - yy) / 2;
  const half = Math.hypot((xx - yy) / 2, xy);
  const [long, short] = [(xx + yy) / 2 + half, Math.max(0, (xx + yy) / 2 - half)].map(
    (variance) => ELLIPSE_SDS * Math.sqrt(variance),
  ) as [number, number];
  return Array.from({ length: ELLIPSE_POINTS }, (_, i) => {
    const angle = (2 * Math.PI * i) / ELLIPSE_POINTS;
    const [u, v] = [long * Math.cos(angle), short * Math.sin(angle)];
    return {
      x: mx + u * Math.cos(turn) - v * Math.sin(turn),
      y: my + u * Math.sin(turn) + v * Math.cos(turn),
    };
  });
}

/** Returns the lane as a tube of flights from the ball to a carry, on a drawing whose ball is at the origin. */
export const laneTube = (lane: Lane, carryM: number, scale: number): Shape => {
  const extent = { nearM: 0, farM: carryM, sideM: 0 };
  const place = (l: Landing): Point => ({ x: l.offlineM * scale, y: -l.carryM * scale });
  return laneShape(lane, place, extent);
};

/** Returns the wanted window as a faint lane: a tube of flights from the ball, or a strip where they land. */
function laneShape(lane: Lane, place: (l: Landing) => Point, { nearM, farM }: Extent): Shape {
  const edges = [lane.finishM - lane.halfWidthM, lane.finishM + lane.halfWidthM];
  const outline =
    nearM === 0
      ? [
          ...bowed(lane.startDeg, place({ carryM: farM, offlineM: edges[0]! })),
          ...bowed(lane.startDeg, place({ carryM: farM, offlineM: edges[1]! })).reverse(),
        ]
      : [nearM, farM].flatMap((carryM, i) =>
          (i === 0 ? edges : [...edges].reverse()).map((offlineM) => place({ carryM, offlineM })),
        );
  return { kind: 'path', d: polyline(outline, true), fill: 'path', opacity: 0.14 };
}

function cloudShapes(cloud: LaneCloud, place: (l: Landing) => Point): Shape[] {
  const isLater = cloud.look === 'later';
  const points = cloud.landings.map(place);
  const ink = isLater ? 'ink' : 'faint';
  const shapes: Shape[] = [];
  const ellipse = scatterEllipse(points);
  if (ellipse !== null) {
    shapes.push({
      kind: 'path',
      d: polyline(ellipse, true),
      stroke: ink,
      width: isLater ? 2 : 1.6,
      fill: 'none',
      ...(!isLater && { dash: '5 5' }),
    });
  }
  if (cloud.startDeg !== undefined && points.length > 0) {
    const end = { x: meanOf(points.map(({ x }) => x)), y: meanOf(points.map(({ y }) => y)) };
    shapes.push({
      kind: 'path',
      d: polyline(bowed(cloud.startDeg, end)),
      stroke: ink,
      width: isLater ? 2.2 : 1.6,
      ...(!isLater && { dash: '5 5' }),
    });
  }
  for (const { x, y } of points) {
    shapes.push({
      kind: 'circle',
      x,
      y,
      r: 3.4,
      fill: isLater ? 'ink' : 'paper',
      stroke: ink,
      width: 1.3,
    });
  }
  return shapes;
}

function ruler(extent: Extent, scale: number, half: number, unit: LengthUnit): Shape[] {
  const metresPer = 1 / fromSi(1, unit);
  const span = (extent.farM - extent.nearM) / metresPer;
  const step = NICE_STEPS.find((s) => span / s <= 4) ?? 500;
  const first = Math.ceil(extent.nearM / metresPer / step) * step || step;
  const shapes: Shape[] = [];
  for (let at = first; at * metresPer <= extent.farM; at += step) {
    const y = -(at * metresPer - extent.nearM) * scale;
    shapes.push(
      { kind: 'path', d: `M${-half} ${y}L${half} ${y}`, stroke: 'line', width: 0.6, opacity: 0.6 },
      {
        kind: 'text',
        x: half - 2,
        y: y - 3,
        text: `${at} ${unit}`,
        size: 11,
        anchor: 'end',
        fill: 'faint',
      },
    );
  }
  return shapes;
}

/** Where balls come down, from above with the target up, on the wanted lane; one scale both ways. */
export function lanePlan(
  clouds: readonly LaneCloud[],
  lane: Lane,
  extent: Extent,
  size: { readonly width: number; readonly height: number },
  unit: LengthUnit,
): LanePlan {
  const { width, height } = size;
  const along = extent.farM - extent.nearM;
  const scale = Math.min(
    (height - 2 * MARGIN) / along,
    (width / 2 - MARGIN) / Math.max(1, extent.sideM),
  );
  const tall = along * scale;
  const place = ({ carryM, offlineM }: Landing): Point => ({
    x: offlineM * scale,
    y: -(carryM - extent.nearM) * scale,
  });
  const shapes: Shape[] = [
    laneShape(lane, place, extent),
    ...ruler(extent, scale, width / 2, unit),
    hairline(extent.nearM === 0 ? 8 : 0, -tall, 1),
    ...clouds.flatMap((cloud) => cloudShapes(cloud, place)),
  ];
  if (extent.nearM === 0) shapes.push({ kind: 'circle', x: 0, y: 0, r: 4, fill: 'ink' });
  return { shapes, box: [-width / 2, -tall - MARGIN, width, tall + 2 * MARGIN], scale };
}
