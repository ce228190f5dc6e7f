/** The Workshop's ball in sentences: the shot, where it comes down, the face and the path that made it. */
import type { Delivery } from '../delivery/delivery.ts';
import type { SimulatedShot } from '../flight/simulate.ts';
import type { Lane } from '../inverse/lane.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { Bands } from '../reading/bands.ts';
import { nameShot } from '../reading/names.ts';
import { angleText, degrees, wordsOf } from './angles.ts';
import { formatLength, formatNumber } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { aOrAn, capital, listOf, sideWord } from './sentence.ts';

/** Figures smaller than this would be written as nothing: degrees, and metres. */
const NO_ANGLE_DEG = 0.05;
const NO_LENGTH_M = 0.5;
/** A dial's angle is what it says: only nothing is square or along the line. */
const EXACT: Bands = {
  ...DEFAULT_BANDS,
  faceSquareDeg: NO_ANGLE_DEG,
  faceToPathSquareDeg: NO_ANGLE_DEG,
  pathNeutralDeg: NO_ANGLE_DEG,
};

/** `3 m right of the target`, `on the target line`. */
export const finishText = (offlineM: number, { length }: Pick<DisplayUnits, 'length'>): string =>
  Math.abs(offlineM) < NO_LENGTH_M
    ? 'on the target line'
    : `${formatLength(Math.abs(offlineM), length)} ${sideWord(offlineM)} of the target line`;

/** `bends 9 m back right`, `does not bend`. */
function bendText(curveM: number, startDeg: number, { length }: DisplayUnits): string {
  if (Math.abs(curveM) < NO_LENGTH_M) return 'does not bend';
  const [side, began] = [sideWord(curveM), sideWord(startDeg)];
  const way =
    Math.abs(startDeg) < NO_ANGLE_DEG ? side : side === began ? `further ${side}` : `back ${side}`;
  return `bends ${formatLength(Math.abs(curveM), length)} ${way}`;
}

/** Returns a modelled shot: what it is, where it starts, bends and lands, and why. */
export function describeShot(
  { hand, clubPathDeg, faceAngleDeg }: Delivery,
  { launch, flight }: SimulatedShot,
  units: DisplayUnits,
): string {
  if (flight.outcome !== 'landed') return 'This delivery does not send a ball into the air.';
  const { startDirectionDeg } = launch;
  const { curveM, carryM, offlineM } = flight;
  const { name } = nameShot({ startDirectionDeg, curveM, carryM, hand });
  const shot = name === 'straight' ? 'A straight ball' : `${capital(aOrAn(name))} ${name}`;
  const start =
    Math.abs(startDirectionDeg) < NO_ANGLE_DEG
      ? 'on line'
      : `${degrees(startDirectionDeg)} ${sideWord(startDirectionDeg)}`;
  const path = angleText(wordsOf('clubPathDeg', clubPathDeg, hand, EXACT));
  const faceToPath = angleText(wordsOf('faceToPathDeg', faceAngleDeg - clubPathDeg, hand, EXACT));
  return [
    `${shot}: it starts ${start} and ${bendText(curveM, startDirectionDeg, units)}.`,
    `It carries ${formatLength(carryM, units.length)} and lands ${finishText(offlineM, units)}.`,
    `Path ${path}, face ${faceToPath} to it.`,
  ].join(' ');
}

const TURNED = [
  ['faceAngleDeg', 'face'],
  ['clubPathDeg', 'path'],
] as const;
const MADE = [
  ['dynamicLoftDeg', 'dynamic loft', '°', 1],
  ['attackAngleDeg', 'attack', '°', 1],
  ['strikeToeMm', 'towards the toe', ' mm', 0],
  ['strikeHighMm', 'up the face', ' mm', 0],
] as const;

/** Returns what differs between two deliveries: `face 2° further left`, `attack 1.0° more`. */
function changesOf(from: Delivery, to: Delivery): string[] {
  const turned = TURNED.flatMap(([field, word]) => {
    const by = to[field] - from[field];
    return Math.abs(by) < NO_ANGLE_DEG ? [] : [`${word} ${degrees(by)} further ${sideWord(by)}`];
  });
  const made = MADE.flatMap(([field, word, unit, digits]) => {
    const by = to[field] - from[field];
    if (Math.abs(by) < 0.5 / 10 ** digits) return [];
    const size = `${formatNumber(Math.abs(by), digits)}${unit}`;
    return [
      unit === '°'
        ? `${word} ${size} ${by > 0 ? 'more' : 'less'}`
        : `${size} ${by > 0 ? '' : 'less '}${word}`,
    ];
  });
  return [...turned, ...made];
}

/** Returns what differs between two deliveries, and what that does to the ball. */
export function describeChange(
  from: { readonly delivery: Delivery; readonly shot: SimulatedShot },
  to: { readonly delivery: Delivery; readonly shot: SimulatedShot },
  { length }: DisplayUnits,
): string {
  const changes = changesOf(from.delivery, to.delivery);
  if (changes.length === 0) return 'Now and wanted are the same delivery.';
  const moved = to.shot.flight.offlineM - from.shot.flight.offlineM;
  const longer = to.shot.flight.carryM - from.shot.flight.carryM;
  const where =
    Math.abs(moved) < NO_LENGTH_M
      ? 'on the same line'
      : `${formatLength(Math.abs(moved), length)} further ${sideWord(moved)}`;
  const carry =
    Math.abs(longer) < NO_LENGTH_M
      ? 'with the same carry'
      : `${formatLength(Math.abs(longer), length)} ${longer > 0 ? 'longer' : 'shorter'}`;
  return `From now to wanted: ${listOf(changes)}. The ball then lands ${where}, ${carry}.`;
}

/** Heights and carries that differ by less are the same, m. */
const SAME_HEIGHT_M = 0.3;

/** Returns how a shape flies beside the straight ball of the same club: draws lower, fades higher; empty where no different. */
function besideStraight(lane: Lane, straight: Lane, { length }: DisplayUnits): string {
  const higherM = lane.apexM - straight.apexM;
  const longerM = lane.carryM - straight.carryM;
  if (Math.abs(higherM) < SAME_HEIGHT_M && Math.abs(longerM) < NO_LENGTH_M) return '';
  const height = `${formatLength(Math.abs(higherM), length, 1)} ${higherM < 0 ? 'lower' : 'higher'}`;
  const carry = `${formatLength(Math.abs(longerM), length)} ${longerM < 0 ? 'shorter' : 'longer'}`;
  return ` Beside the straight ball it flies ${height} and ${carry}: the loft follows the face.`;
}

/** Returns the face and the path a lane asks for, and how its ball flies. */
export function describeLane(
  lane: Lane,
  straight: Lane | null,
  of: { readonly hand: Delivery['hand']; readonly startDeg: number; readonly onTarget: boolean },
  units: DisplayUnits,
): string {
  const { hand, startDeg, onTarget } = of;
  const face = angleText(wordsOf('faceAngleDeg', lane.faceAngleDeg, hand, EXACT));
  const path = angleText(wordsOf('clubPathDeg', lane.clubPathDeg, hand, EXACT));
  const share =
    lane.faceShare !== null && onTarget
      ? ` The face lies ${formatNumber(100 * lane.faceShare, 0)} % of the way from target to path.`
      : '';
  const beside = straight === null ? '' : besideStraight(lane, straight, units);
  return `Face ${face}, path ${path}: it ${bendText(lane.curveM, startDeg, units)}.${share}${beside}`;
}
