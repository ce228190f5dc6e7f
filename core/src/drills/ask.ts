/** What the station of a drill is laid out for: the angles it asks for, in words of the hand. */
import type { ClubKind } from '../delivery/head.ts';
import type { Hand } from '../line/hand.ts';
import { handSign } from '../line/hand.ts';
import type { Stage } from '../plan/stages.ts';
import { ASKS } from './drill.ts';
import type { Ask, Drill } from './drill.ts';
import { HEAD_LENGTH_M } from './layout.ts';
import type { Layout } from './layout.ts';

/** Degrees, in words of the hand: in-to-out, open and to the push side positive. */
export type StationAsk = Readonly<Record<Ask, number>>;

export interface StationFor extends StationAsk {
  readonly hand: Hand;
  readonly kind: ClubKind;
}

/** What a drill that is felt asks for beyond the stage's aim, so that the real change is the aim (common practice). */
export const EXAGGERATION = 1.5;

type Asking = Pick<Drill, 'asks'>;
const eachAsk = (of: (name: Ask) => number): StationAsk =>
  Object.fromEntries(ASKS.map((name) => [name, of(name)])) as unknown as StationAsk;

/** Returns an ask within what the drill can be laid for; angles it is not laid by are 0. */
export const askWithin = ({ asks }: Asking, ask: StationAsk): StationAsk =>
  eachAsk((name) => {
    const range = asks[name];
    return range === undefined ? 0 : Math.max(range.min, Math.min(range.max, ask[name]));
  });

/** Returns how a drill is laid where nothing more is said. */
export const usualAsk = ({ asks }: Asking): StationAsk => eachAsk((name) => asks[name]?.usual ?? 0);

/** Returns degrees in the steps stations are laid by. */
export const toHalf = (deg: number): number => Math.round(2 * deg) / 2 + 0;

/**
 * Returns what a drill's station asks for while a stage is worked on: the stage's aim, overdone the way it moves where the drill is
 * felt and not gone through; laid as usual where the drill cannot be laid for that.
 */
export function askOfStage(
  drill: Pick<Drill, 'asks' | 'dose'>,
  { pathDeg, faceDeg, pathByDeg, faceByDeg, expected }: Stage,
  hand: Hand,
): StationAsk {
  const more = drill.dose === 'feel' ? EXAGGERATION - 1 : 0;
  const aims: StationAsk = {
    pathDeg: pathDeg + more * pathByDeg,
    faceDeg: faceDeg + more * faceByDeg,
    startDeg: expected.startDeg,
  };
  const usual = usualAsk(drill);
  return eachAsk((name) => {
    const { min, max } = drill.asks[name] ?? { min: 0, max: 0 };
    const asked = toHalf(aims[name] * handSign(hand));
    return asked < min || asked > max ? usual[name] : asked;
  });
}

export const layoutFor = (drill: Drill, { hand, kind, ...ask }: StationFor): Layout =>
  drill.layout({ hand, headLengthM: HEAD_LENGTH_M[kind], ...askWithin(drill, ask) });
