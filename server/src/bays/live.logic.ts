import { liveTroubles } from '@loxos/core';
import type { LiveBall, LiveQuantities, LiveQuantity } from '@loxos/core';
import { checked, invalid } from '../common/validation.ts';
import { HttpException } from '@nestjs/common';
import { LiveBallSaid } from './bay.dto.ts';

/** A ball as it was said, with what its message says of its figures. */
export interface SaidBall {
  readonly v: 1;
  readonly quantities: LiveQuantities;
  readonly ball: LiveBall;
}

/** A ball of a message whose form is right, or why it is not. */
export type FormedBall =
  | { readonly sequence: number; readonly ball: LiveBall; readonly reason: null }
  | { readonly sequence: number | null; readonly ball: null; readonly reason: string };

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Returns what a message says of its figures. Throws a 400 that says what is missing. */
export function quantitiesOf(said: Record<string, unknown>): LiveQuantities {
  const quantities = Object.fromEntries(
    Object.entries(said).map(([name, value]) => {
      const { unit, plus = null } = isRecord(value) ? value : {};
      return [name, { unit, plus } as LiveQuantity];
    }),
  );
  const troubles = liveTroubles(quantities);
  if (troubles.length > 0)
    throw invalid(troubles.map((reason) => ({ field: 'quantities', reason })));
  return quantities;
}

const sequenceIn = (said: unknown): number | null =>
  isRecord(said) && Number.isSafeInteger(said['sequence']) ? (said['sequence'] as number) : null;

/** Returns a ball of a message in its form, or why it has none: one bad ball does not spoil the others. */
export async function formedBall(said: unknown): Promise<FormedBall> {
  const sequence = sequenceIn(said);
  if (!isRecord(said)) return { sequence, ball: null, reason: 'A ball is an object.' };
  try {
    const { club = null, hitAt = null, figures, ...rest } = await checked(LiveBallSaid, said);
    const bad = Object.entries(figures).find(([, value]) => !Number.isFinite(value));
    if (bad !== undefined)
      return {
        sequence,
        ball: null,
        reason: `“${bad[0]}” is no number: leave out what is not measured.`,
      };
    const own = figures as Record<string, number>;
    return { sequence: rest.sequence, ball: { club, hitAt, figures: own }, reason: null };
  } catch (error) {
    if (!(error instanceof HttpException)) throw error;
    return { sequence, ball: null, reason: error.message };
  }
}

/** When a ball was hit, as far as its sender says: its number within a source, and the time by the sender's clock. */
export interface When {
  readonly source: string;
  readonly sequence: number;
  /** ISO 8601; null where its sender has no clock. */
  readonly hitAt: string | null;
}

/** A ball of a bay that is in a lesson. */
export interface PlacedBall extends When {
  readonly ballId: string;
  readonly ordinal: number;
  readonly blockId: string | null;
}

export interface Place {
  readonly ordinal: number;
  /** The block it was hit in; undefined where it is the one under way. */
  readonly blockId: string | null | undefined;
  /** Balls that were hit after it and came before, each moved on by one place of theirs. */
  readonly moves: readonly { readonly ballId: string; readonly ordinal: number }[];
}

/**
 * Says whether a ball was hit before another of its bay: by the numbers of one source, and from one source to another by the
 * sender's clock, which may be wrong but is one. Without a clock they stand as they came.
 */
export function isBefore(a: When, b: When): boolean {
  if (a.source === b.source) return a.sequence < b.sequence;
  if (a.hitAt === null || b.hitAt === null) return false;
  return Date.parse(a.hitAt) < Date.parse(b.hitAt);
}

/**
 * Returns where a ball stands among those of its bay that are in the lesson: in the order hit, whatever the order they came in. Balls of
 * others keep their places. A late one was hit in the block of the ball before it.
 */
export function placeOf(when: When, there: readonly PlacedBall[], next: number): Place {
  const inOrder = [...there].sort((a, b) => a.ordinal - b.ordinal);
  const at = inOrder.findIndex((one) => isBefore(when, one));
  if (at < 0) return { ordinal: next, blockId: undefined, moves: [] };
  const later = inOrder.slice(at);
  const slots = [...later.map(({ ordinal }) => ordinal), next];
  return {
    ordinal: slots[0]!,
    blockId: (inOrder[at - 1] ?? later[0]!).blockId,
    moves: later.map(({ ballId }, n) => ({ ballId, ordinal: slots[n + 1]! })),
  };
}
