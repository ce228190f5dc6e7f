import { fromSi } from '@loxos/core';
import type { LengthUnit } from '@loxos/core';
import { laneTube, scatterEllipse } from './lane-plan.ts';
import type { Landing, Lane } from './lane-plan.ts';
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

/** Returns the greatest of any number of figures; a call takes only so many arguments. */
const greatest = (figures: readonly number[]): number =>
  figures.reduce((most, figure) => (figure > most ? figure : most), -Infinity);

/** One scale both ways, so that a slant on the page is a slant on the ground. */
function scaleFor(flights: readonly PlanFlight[], landings: readonly Landing[]): number {
  const { width, height, bottom, top } = FLIGHT_BOX;
  let longest = LEAST_LENGTH_M;
  let widest = 1;
  const reach = (alongM: number, rightM: number): void => {
    longest = Math.max(longest, alongM);
    widest = Math.max(widest, Math.abs(rightM));
  };
  for (const { carryM, offlineM } of landings) reach(carryM, offlineM);
  for (const { carryM, offlineM, track } of flights) {
    reach(carryM, offlineM);
    for (const { alongM, rightM } of track) reach(alongM, rightM);
  }
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

const placer =
  (scale: number) =>
  (alongM: number, rightM: number): Point => ({ x: rightM * scale, y: -alongM * scale });

/** Returns a flight with its landing: in full ink, or faint among others. */
function flightShapes(flight: PlanFlight, scale: number, isChosen: boolean): Shape[] {
  const place = placer(scale);
  const shapes: Shape[] = [];
  const points = flight.track.map((p) => place(p.alongM, p.rightM));
  if (points.length > 1) {
    shapes.push({
      kind: 'path',
      d: polyline(points),
      stroke: isChosen ? 'ink' : 'faint',
      width: isChosen ? 2.6 : 1,
      opacity: isChosen ? 1 : 0.55,
    });
  }
  const at = place(flight.carryM, flight.offlineM);
  if (flight.label !== undefined) {
    const half = FLIGHT_BOX.width / 2;
    const inside = flight.labelSide === 'left' ? at.x > 70 - half : at.x > half - 70;
    shapes.push({
      kind: 'text',
      x: at.x + (inside ? -11 : 11),
      y: at.y + 4,
      text: flight.label,
      size: 13,
      anchor: inside ? 'end' : 'start',
      fill: isChosen ? 'ink' : 'soft',
    });
  }
  return [...shapes, landingRing(at, isChosen ? 7 : 4, isChosen, flight.ballId)];
}

/** Returns the flight that is looked at, to lie over the others. */
export const chosenFlight = (flight: PlanFlight, scale: number): Shape[] =>
  flightShapes(flight, scale, true);

export interface FlightsOptions {
  readonly lane?: Lane | undefined;
  /** Landings to keep in the picture beside those of the flights drawn. */
  readonly landings?: readonly Landing[];
  /** Landings that the ellipse is of. */
  readonly counted?: readonly Landing[];
}

/**
 * Flights from above, target up, all faint; on the wanted lane, with the ellipse in which two in three of
 * the counted landings lie, whether their flights are among those drawn or not.
 */
export function flightsPlan(
  flights: readonly PlanFlight[],
  unit: LengthUnit,
  { lane, landings = [], counted = [] }: FlightsOptions = {},
): FlightPlan {
  const { height, bottom, top } = FLIGHT_BOX;
  const scale = scaleFor(flights, landings);
  const place = placer(scale);
  const longest = Math.max(LEAST_LENGTH_M, greatest(flights.map(({ carryM }) => carryM)));
  const cloud = scatterEllipse(counted.map((f) => place(f.carryM, f.offlineM)));
  const shapes: Shape[] = [
    ...(lane === undefined ? [] : [laneTube(lane, longest, scale)]),
    ...ruler(scale, unit),
    hairline(bottom, -(height - bottom - top) - 12, 1),
  ];
  if (cloud !== null) {
    shapes.push({ kind: 'path', d: polyline(cloud, true), stroke: 'ink', width: 1.6 });
  }
  for (const flight of flights) shapes.push(...flightShapes(flight, scale, false));
  shapes.push({ kind: 'circle', x: 0, y: 0, r: 4, fill: 'ink' });
  return { shapes, scale };
}

/** Returns the same with one of them in full ink over the rest. */
export function flightPlan(
  flights: readonly PlanFlight[],
  chosenId: string | null,
  unit: LengthUnit,
): FlightPlan {
  const chosen = flights.find(({ ballId }) => ballId === chosenId);
  const { shapes, scale } = flightsPlan(flights, unit);
  return { shapes: [...shapes, ...(chosen ? chosenFlight(chosen, scale) : [])], scale };
}
