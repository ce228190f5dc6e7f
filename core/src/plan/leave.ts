/** Why a player is left alone. */
import type { GroupFactKind } from '../reading/facts.ts';
import { figureOf } from '../reading/group.ts';
import type { ReadGroup } from '../reading/group.ts';
import { isMirrored } from '../reading/mend.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import type { NumberState } from './off.ts';
import type { WantedNumbers } from './wanted.ts';

/** Why nothing is to be changed; null where something is. */
export type LeaveReason =
  | 'all within'
  | 'cannot tell'
  | 'no route is better'
  | 'two-way'
  | 'check the file'
  | 'not wanted of this club';

/** Facts under which face and path cannot be trusted until the coach has looked. */
const isUnsettled = (kind: GroupFactKind): boolean => kind === 'face-at-strike' || isMirrored(kind);

/** As many finish beyond the acceptable width on the one side as on the other: no typical ball. */
function isTwoWay(read: ReadGroup, counted: ReadonlySet<string>, wanted: WantedNumbers): boolean {
  const offs = read.views.flatMap((view) => {
    const offlineM = counted.has(view.id) ? figureOf(view, 'offlineM') : null;
    return offlineM === null ? [] : [offlineM - wanted.finishM];
  });
  const { twoWayBalls, twoWayShare } = PLAN_DEFAULTS;
  if (offs.length < twoWayBalls) return false;
  const left = offs.filter((off) => off < -wanted.halfWidthM).length;
  const right = offs.filter((off) => off > wanted.halfWidthM).length;
  return Math.min(left, right) >= twoWayShare * offs.length;
}

/** Numbers that a change could mend. */
export const CAUSING: ReadonlySet<NumberState['figure']> = new Set([
  'clubPathDeg',
  'faceAngleDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'strikeToeMm',
]);

export function leaveReasonOf(
  read: ReadGroup,
  counted: ReadonlySet<string>,
  wanted: WantedNumbers,
  numbers: readonly NumberState[],
  isStrikeOff: boolean,
): LeaveReason | null {
  if (read.group.facts.some(({ kind }) => isUnsettled(kind))) return 'check the file';
  const causing = numbers.filter(({ figure }) => CAUSING.has(figure));
  if (isStrikeOff || causing.some(({ state }) => state === 'off')) return null;
  if (isTwoWay(read, counted, wanted)) return 'two-way';
  return causing.some(({ state }) => state === 'cannot tell') ? 'cannot tell' : 'all within';
}
