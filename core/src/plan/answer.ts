/**
 * What is answered: do it, try it, look first, steady it, leave it, or ask. A flight that is off is never left alone; a move is
 * said as surely as it is likely to gain.
 */
import type { GroupFactKind } from '../reading/facts.ts';
import { figureOf } from '../reading/group.ts';
import type { ReadGroup } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { isMirrored } from '../reading/mend.ts';
import { RATES } from '../maths/rates.ts';
import { PLAN_DEFAULTS } from './defaults.ts';
import type { WantedNumbers } from './wanted.ts';

export const ANSWERS = ['do', 'try', 'look', 'steady', 'leave', 'ask'] as const;
export type Answer = (typeof ANSWERS)[number];

/** What is asked where the answer is to ask. */
export type Question = 'check the file' | 'not wanted of this club';

/** Facts under which face and path cannot be trusted until the coach has looked. */
const isUnsettled = (kind: GroupFactKind): boolean => kind === 'face-at-strike' || isMirrored(kind);
export const isFileInDoubt = ({ group }: ReadGroup): boolean =>
  group.facts.some(({ kind }) => isUnsettled(kind));

/** As many finish beyond the acceptable width on the one side as on the other: no typical ball. */
export interface TwoWay {
  readonly leftIds: readonly string[];
  readonly rightIds: readonly string[];
  readonly of: number;
}

/** Returns whether so many to the left and to the right of some make a miss two-way: no typical ball. */
export function isTwoWay(left: number, right: number, of: number): boolean {
  const { twoWayBalls, twoWayShare } = PLAN_DEFAULTS;
  return of >= twoWayBalls && Math.min(left, right) >= twoWayShare * of;
}

/** Returns whether nobody said how far off line a ball finished, but only to which side it went. */
const isFinishOpen = ({ ball }: BallView): boolean =>
  ball.openAmount != null && ball.offlineM === null;

/**
 * Returns the balls beyond the acceptable width to either side; null where the miss is not two-way. Of balls whose side alone was told
 * none is beyond it, `withOpen` each is.
 */
export function twoWayOf(read: ReadGroup, wanted: WantedNumbers, withOpen = false): TwoWay | null {
  const counted = new Set(read.group.countedIds);
  const offs = read.views.flatMap((view) => {
    const offlineM = counted.has(view.id) ? figureOf(view, 'offlineM') : null;
    if (offlineM === null) return [];
    return [{ id: view.id, off: !withOpen && isFinishOpen(view) ? 0 : offlineM - wanted.finishM }];
  });
  const left = offs.filter(({ off }) => off < -wanted.halfWidthM);
  const right = offs.filter(({ off }) => off > wanted.halfWidthM);
  if (!isTwoWay(left.length, right.length, offs.length)) return null;
  return {
    leftIds: left.map(({ id }) => id),
    rightIds: right.map(({ id }) => id),
    of: offs.length,
  };
}

export interface AnswerInput {
  readonly question: Question | null;
  readonly balls: number;
  readonly isTwoWay: boolean;
  /** Whether a flight fact is off, or goes to one side by nobody knows how much. */
  readonly isSeenOff: boolean;
  /** Whether the best route's end gains, as likely; 0 without a route. */
  readonly p: number;
}

export function answerOf({ question, balls, isTwoWay, isSeenOff, p }: AnswerInput): Answer {
  if (question !== null) return 'ask';
  if (balls < PLAN_DEFAULTS.tellsFrom) return 'look';
  if (isTwoWay && p < RATES.doFrom) return 'steady';
  if (p >= RATES.doFrom) return 'do';
  if (p >= (balls < PLAN_DEFAULTS.fewBalls ? RATES.tryFewFrom : RATES.tryFrom)) return 'try';
  // A handful of balls that show nothing off are not yet a player who is fine.
  return isSeenOff || balls < PLAN_DEFAULTS.fewBalls ? 'look' : 'leave';
}
