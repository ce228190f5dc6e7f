/**
 * Runs of balls hit as one thing. A block begins where the kind, the drill or the club changes, so that two
 * sets of one drill with something else between them stay two, and no average mixes balls from before and
 * after a change.
 */
import type { BlockKind } from './ball.ts';

/** What tells blocks apart. */
export interface Blocked {
  readonly block?: BlockKind | null;
  readonly drillId?: string | null;
  readonly club?: string | null;
  readonly clubText?: string | null;
}

export interface Block<T> {
  /** `drill overhang 2`: kind, drill, and which of that kind in this club, from 1. */
  readonly key: string;
  readonly kind: BlockKind | null;
  readonly drillId: string | null;
  readonly club: string | null;
  /** Which of its kind with this club and drill, from 1. */
  readonly number: number;
  readonly balls: readonly T[];
}

/** Balls of one club share this: the standard club, or what the file called it. */
export const clubKeyOf = (ball: Blocked): string => ball.club ?? `text:${ball.clubText ?? ''}`;

/** The blocks of balls in the order hit; a club change is a new block too. A demonstration is in none, and ends none. */
export function blocksOf<T>(balls: readonly T[], of: (ball: T) => Blocked): Block<T>[] {
  const blocks: Block<T>[] = [];
  const counts = new Map<string, number>();
  let open: { readonly key: string; readonly balls: T[] } | undefined;
  for (const ball of balls) {
    const { block = null, drillId = null, club = null } = of(ball);
    if (block === 'demonstration') continue;
    const key = [clubKeyOf(of(ball)), block ?? '', drillId ?? ''].join('/');
    if (open?.key === key) {
      open.balls.push(ball);
      continue;
    }
    const number = (counts.get(key) ?? 0) + 1;
    counts.set(key, number);
    open = { key, balls: [ball] };
    blocks.push({ key: `${key}/${number}`, kind: block, drillId, club, number, balls: open.balls });
  }
  return blocks;
}

/**
 * The balls of one club that are read together: the first baseline; without one the first that are not
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
