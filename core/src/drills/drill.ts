import type { CauseLinkId } from '../causes/links.ts';
import type { Move } from '../plan/routes.ts';
import type { Layout, LayoutContext } from './layout.ts';

/** What a player does to the ball, in words of the hand: what a drill must not be given for. */
export const TENDENCIES = [
  'pull',
  'push',
  'hook',
  'slice',
  'in-to-out',
  'out-to-in',
  'closed',
  'open',
] as const;
export type Tendency = (typeof TENDENCIES)[number];
export const BODY_PARTS = ['back', 'wrist', 'elbow', 'hip'] as const;
export type BodyPart = (typeof BODY_PARTS)[number];

/** What a drill trains: a feel that is exaggerated, a station that is gone through, a set-up, or a routine. */
export const DOSE_KINDS = ['feel', 'station', 'set-up', 'routine'] as const;
export type DoseKind = (typeof DOSE_KINDS)[number];

/** From where to where a station can be laid for an angle, degrees in words of the hand, and how it is laid where more is not said. */
export interface AskRange {
  readonly min: number;
  readonly max: number;
  readonly usual: number;
}
/** What a station may ask for. */
export const ASKS = ['pathDeg', 'faceDeg', 'startDeg'] as const;
export type Ask = (typeof ASKS)[number];

export interface Drill {
  readonly id: string;
  readonly name: string;
  /** Which way it moves the path (1 in-to-out) and the face (1 open); 0 leaves it. */
  readonly movesPath: -1 | 0 | 1;
  readonly movesFace: -1 | 0 | 1;
  /** Moves it can be laid out for either way round, or that it trains without a direction. */
  readonly serves: readonly Move[];
  /** Closed and open are to the path; hook and slice are the flight's. */
  readonly notFor: readonly Tendency[];
  readonly strains: readonly BodyPart[];
  readonly near: readonly CauseLinkId[];
  readonly how: string;
  readonly good: string;
  /** How a repetition is scored, beside good and missed. */
  readonly misses: readonly string[];
  readonly suits: 'those who look' | 'those who keep missing the message' | 'anyone';
  readonly layout: (context: LayoutContext) => Layout;
  /** Angles it is laid out by; none for most, whose layout is always the same. */
  readonly asks: Readonly<Partial<Record<Ask, AskRange>>>;
  readonly dose: DoseKind;
  readonly cautions: readonly string[];
  /** A checklist instead of balls. */
  readonly steps?: readonly string[];
}

/** What every station says. */
export const CAUTIONS = [
  'Clear space all round: nobody ahead or inside the swing.',
  'Indoors nothing hard where a ball or club could rebound; nets rated for full speed.',
  'Pain in back, wrist, elbow or hip: stop, and leave it to a medical professional.',
  'Follow the rules of the facility.',
] as const;
