/**
 * Balls hit as one thing. A block is begun before its balls are hit; balls that are in none belong to runs, which
 * begin where the kind, the drill or the club changes. Another club is another block, so that no average mixes
 * clubs, nor balls from before and after a change.
 */
import type { BlockKind } from './ball.ts';

/** What tells blocks apart. */
export interface Blocked {
  readonly blockId?: string | null;
  readonly block?: BlockKind | null;
  readonly drillId?: string | null;
  readonly club?: string | null;
  readonly clubText?: string | null;
}

export interface Block<T> {
  /** Kind, drill, and which of that kind in this club, from 1. */
  readonly key: string;
  /** The block as begun; null for a run of balls in none. */
  readonly blockId: string | null;
  readonly kind: BlockKind | null;
  readonly drillId: string | null;
  readonly club: string | null;
  /** Which of its kind with this club and drill, from 1. */
  readonly number: number;
  readonly balls: readonly T[];
}

/** Balls of one club share this: the standard club, or what the file called it. */
export const clubKeyOf = (ball: Blocked): string => ball.club ?? `text:${ball.clubText ?? ''}`;

/** Returns the blocks of balls in the order hit; a club change is a new block too. A demonstration is in none, and ends none. */
export function blocksOf<T>(balls: readonly T[], of: (ball: T) => Blocked): Block<T>[] {
  const blocks: Block<T>[] = [];
  const counts = new Map<string, number>();
  const begun = new Map<string, T[]>();
  let open: { readonly key: string; readonly balls: T[] } | undefined;
  for (const ball of balls) {
    const { blockId = null, block = null, drillId = null, club = null } = of(ball);
    if (block === 'demonstration') continue;
    const kindKey = [clubKeyOf(of(ball)), block ?? '', drillId ?? ''].join('/');
    const key = `${kindKey}/${blockId ?? ''}`;
    const known = blockId === null ? undefined : begun.get(key);
    if (known !== undefined || open?.key === key) {
      (known ?? open!.balls).push(ball);
      continue;
    }
    const number = (counts.get(kindKey) ?? 0) + 1;
    counts.set(kindKey, number);
    const own: T[] = [ball];
    if (blockId !== null) begun.set(key, own);
    open = { key, balls: own };
    const facts = { blockId, kind: block, drillId, club, number };
    blocks.push({ key: `${kindKey}/${number}`, ...facts, balls: own });
  }
  return blocks;
}

/**
 * Returns the balls of one club that are read together: the first baseline; without one the first that are not
 * tagged; else the first block. Never balls from before and after a change together.
 */
export function readBlockOf<T>(balls: readonly T[], of: (ball: T) => Blocked): readonly T[] {
  const blocks = blocksOf(balls, of);
  const found =
    blocks.find(({ kind }) => kind === 'baseline') ??
    blocks.find(({ kind }) => kind === null) ??
    blocks[0];
  return found?.balls ?? [];
}
