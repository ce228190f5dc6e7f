import type { Delivery } from '../delivery/delivery.ts';
import type { SimulatedShot } from '../flight/simulate.ts';
import { formatLength, formatNumber, formatSideAngle, formatSideLength } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { faceWord, pathWord } from '../line/words.ts';
import { nameShot } from '../reading/names.ts';

/** Starts nearer to the line than this are on it, degrees: the figure would round to nothing. */
const ON_LINE_DEG = 0.05;

/** A modelled shot in a sentence: what it is, where it starts, bends and lands. */
export function describeShot(
  delivery: Delivery,
  { launch, flight }: SimulatedShot,
  units: DisplayUnits,
): string {
  if (flight.outcome !== 'landed') return 'This delivery does not send a ball into the air.';
  const { startDirectionDeg } = launch;
  const { curveM, carryM, offlineM } = flight;
  const { name } = nameShot({ startDirectionDeg, curveM, carryM, hand: delivery.hand });
  const article = /^[aeiou]/.test(name) ? 'An' : 'A';
  const gap = delivery.faceAngleDeg - delivery.clubPathDeg;
  const path = pathWord(delivery.clubPathDeg, delivery.hand);
  const toPath =
    Math.abs(gap) < 0.05
      ? 'the face square to it'
      : `the face ${formatNumber(Math.abs(gap))}° ${faceWord(gap, delivery.hand)} to it`;
  const side = formatSideLength(offlineM, units.length);
  const finish = side.startsWith('0 ') ? 'on the target line' : `${side} of the target line`;
  const shot = name === 'straight' ? 'A straight ball' : `${article} ${name}`;
  const start =
    Math.abs(startDirectionDeg) < ON_LINE_DEG
      ? 'on line'
      : formatSideAngle(startDirectionDeg, units.angle);
  const bent = formatSideLength(curveM, units.length);
  const bend = bent.startsWith('0 ') ? 'does not bend' : `bends ${bent}`;
  return (
    `${shot}: it starts ${start}, ${bend}, ` +
    `carries ${formatLength(carryM, units.length)} and lands ${finish}. The path is ${path === 'neutral' ? 'along the line' : path}, ${toPath}.`
  );
}

const CHANGES: readonly (readonly [keyof Delivery, string, string, number])[] = [
  ['faceAngleDeg', 'face', '°', 0.05],
  ['clubPathDeg', 'path', '°', 0.05],
  ['dynamicLoftDeg', 'dynamic loft', '°', 0.05],
  ['attackAngleDeg', 'attack', '°', 0.05],
  ['strikeToeMm', 'strike across', ' mm', 0.5],
  ['strikeHighMm', 'strike up', ' mm', 0.5],
];

/** What differs between two deliveries, and what that does to the ball, in words. */
export function describeChange(
  from: { readonly delivery: Delivery; readonly shot: SimulatedShot },
  to: { readonly delivery: Delivery; readonly shot: SimulatedShot },
  units: DisplayUnits,
): string {
  const changed = CHANGES.flatMap(([field, word, unit, least]) => {
    const by = (to.delivery[field] as number) - (from.delivery[field] as number);
    if (Math.abs(by) < least) return [];
    const side =
      field === 'faceAngleDeg' || field === 'clubPathDeg'
        ? ` further ${by > 0 ? 'right' : 'left'}`
        : by > 0
          ? ' more'
          : ' less';
    return [`${word} ${formatNumber(Math.abs(by))}${unit}${side}`];
  });
  if (changed.length === 0) return 'Now and wanted are the same delivery.';
  const moved = to.shot.flight.offlineM - from.shot.flight.offlineM;
  const longer = to.shot.flight.carryM - from.shot.flight.carryM;
  const landing =
    Math.abs(moved) < 0.5
      ? 'in the same line'
      : formatSideLength(moved, units.length).replace(/(left|right)$/, 'further $1');
  const length =
    Math.abs(longer) < 0.5
      ? 'with the same carry'
      : `${formatLength(Math.abs(longer), units.length)} ${longer > 0 ? 'longer' : 'shorter'}`;
  return `Wanted against now: ${changed.join(', ')}. The ball lands ${landing}, ${length}.`;
}
