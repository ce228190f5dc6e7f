/** Why a copy was made, and how many of its kind are kept. */
export const KEPT = { daily: 14, 'before-update': 5, 'before-restore': 5, asked: 20 } as const;
export type CopyReason = keyof typeof KEPT;
export const COPY_REASONS = Object.keys(KEPT) as CopyReason[];

const NAME = /^loxos-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}-\d{3})Z-([a-z-]+)\.db(\.age)?$/;
/** What the name of a sealed copy ends in. */
export const SEALED = '.age';

/** Returns the name of a copy's file: when it was made, and why. */
export const copyName = (at: Date, reason: CopyReason): string =>
  `loxos-${at.toISOString().replace(/[:.]/g, '-').replace(/Z$/, '')}Z-${reason}.db`;

/** Returns what a copy's name says; null for any other file. */
export function readCopyName(
  name: string,
): { at: string; reason: CopyReason; isSealed: boolean } | null {
  const [, stamp, why, seal] = NAME.exec(name) ?? [];
  const reason = COPY_REASONS.find((known) => known === why);
  if (stamp === undefined || reason === undefined) return null;
  const at = stamp.replace(/T(\d{2})-(\d{2})-(\d{2})-(\d{3})$/, 'T$1:$2:$3.$4Z');
  return { at, reason, isSealed: seal !== undefined };
}

/** Returns the names that are over the number kept of their kind, the oldest of each. */
export function overdue(names: readonly string[]): string[] {
  return COPY_REASONS.flatMap((reason) => {
    const own = names.filter((name) => readCopyName(name)?.reason === reason);
    return own.sort().slice(0, Math.max(0, own.length - KEPT[reason]));
  });
}
