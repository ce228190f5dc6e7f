import { fromSi } from '@loxos/core';
import type { LengthUnit } from '@loxos/core';
import { laneTube, scatterEllipse } from './lane-plan.ts';
import type { Lane } from './lane-plan.ts';
import { hairline, landingRing } from './marks.ts';
import { polyline } from './shape.ts';
import type { Point, Shape } from './shape.ts';

/** A flight as seen from above. */
export interface PlanFlight {
  readonly ballId: string;
  /** A word beside its landing. */
  readonly label?: string;
  /** The side of the landing its word stands on. */
  readonly labelSide?: 'left' | 'right';
  readonly carryM: number;
  readonly offlineM: number;
  /** Points from the ball to the landing, m along and right of the target line. */
  readonly track: readonly { readonly alongM: number; readonly rightM: number }[];
}

export const FLIGHT_BOX = { width: 300, height: 370, bottom: 30, top: 26 } as const;

export interface FlightPlan {
  readonly shapes: readonly Shape[];
  /** Units of the drawing to the metre. */
  readonly scale: number;
}

const NICE_STEPS = [5, 10, 20, 25, 50, 100, 200];
/** Least length shown, m, so that a chip is not drawn as long as a drive. */
const LEAST_LENGTH_M = 20;

/** One scale both ways, so that a slant on the page is a slant on the ground. */
function scaleFor(flights: readonly PlanFlight[]): number {
  const { width, height, bottom, top } = FLIGHT_BOX;
  const along = flights.flatMap((f) => [f.carryM, ...f.track.map((p) => p.alongM)]);
  const side = flights.flatMap((f) => [f.offlineM, ...f.track.map((p) => p.rightM)]);
  const longest = Math.max(LEAST_LENGTH_M, ...along);
  const widest = Math.max(1, ...side.map(Math.abs));
  return Math.min((height - bottom - top) / longest, (width / 2 - 16) / widest);
}

/** Distance lines across the plan, in the coach's unit. */
function ruler(scale: number, unit: LengthUnit): Shape[] {
  const { width, height, bottom, top } = FLIGHT_BOX;
  const perUnit = scale / fromSi(1, unit);
  const visible = (height - bottom - top) / perUnit;
  const step = NICE_STEPS.find((s) => visible / s <= 6) ?? 500;
  const shapes: Shape[] = [];
  for (let distance = step; distance <= visible + 1e-9; distance += step) {
    const y = -distance * perUnit;
    const half = width / 2;
    shapes.push({
      kind: 'path',
      d: `M${-half} ${y}L${half} ${y}`,
      stroke: 'line',
      width: 0.6,
      opacity: 0.5,
    });
    shapes.push({
      kind: 'text',
      x: half - 2,
      y: y - 4,
      text: `${distance} ${unit}`,
      size: 12,
      anchor: 'end',
      fill: 'faint',
    });
  }
  return shapes;
}

/**
 * Flights from above, target up: the chosen one in full ink, the rest faint; on the lane of what is wanted, with
 * the ellipse in which two in three of the counted came down.
 */
export function flightPlan(
  flights: readonly PlanFlight[],
  chosenId: string | null,
  unit: LengthUnit,
  { lane, counted = [] }: { lane?: Lane | undefined; counted?: readonly string[] } = {},
): FlightPlan {
  const { height, bottom, top } = FLIGHT_BOX;
  const scale = scaleFor(flights);
  const place = (alongM: number, rightM: number): Point => ({
    x: rightM * scale,
    y: -alongM * scale,
  });
  const longest = Math.max(LEAST_LENGTH_M, ...flights.map(({ carryM }) => carryM));
  const cloud = scatterEllipse(
    flights
      .filter(({ ballId }) => counted.includes(ballId))
      .map((f) => place(f.carryM, f.offlineM)),
  );
  const shapes: Shape[] = [
    ...(lane === undefined ? [] : [laneTube(lane, longest, scale)]),
    ...ruler(scale, unit),
    hairline(bottom, -(height - bottom - top) - 12, 1),
  ];
  if (cloud !== null) {
    shapes.push({ kind: 'path', d: polyline(cloud, true), stroke: 'ink', width: 1.6 });
  }
  const ordered = [...flights].sort(
    (a, b) => Number(a.ballId === chosenId) - Number(b.ballId === chosenId),
  );
  for (const flight of ordered) {
    const chosen = flight.ballId === chosenId;
    const points = flight.track.map((p) => place(p.alongM, p.rightM));
    if (points.length > 1) {
      shapes.push({
        kind: 'path',
        d: polyline(points),
        stroke: chosen ? 'ink' : 'faint',
        width: chosen ? 2.6 : 1,
        opacity: chosen ? 1 : 0.55,
      });
    }
    if (flight.label !== undefined) {
      const at = place(flight.carryM, flight.offlineM);
      const half = FLIGHT_BOX.width / 2;
      const inside = flight.labelSide === 'left' ? at.x > 70 - half : at.x > half - 70;
      shapes.push({
        kind: 'text',
        x: at.x + (inside ? -11 : 11),
        y: at.y + 4,
        text: flight.label,
        size: 13,
        anchor: inside ? 'end' : 'start',
        fill: chosen ? 'ink' : 'soft',
      });
    }
    shapes.push(
      landingRing(place(flight.carryM, flight.offlineM), chosen ? 7 : 4, chosen, flight.ballId),
    );
  }
  shapes.push({ kind: 'circle', x: 0, y: 0, r: 4, fill: 'ink' });
  return { shapes, scale };
}
