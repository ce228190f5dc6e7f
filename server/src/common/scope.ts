export const ROLES = ['owner', 'coach', 'assistant'] as const;
/** What somebody may do in an academy; see accounts/abilities.ts. */
export type Role = (typeof ROLES)[number];

/** Who asks, and within which academy: the first argument of everything that reads or writes. */
export interface Scope {
  readonly academyId: string;
  /** Null for a player at their own page, and for a bay. */
  readonly userId: string | null;
  readonly role: Role | 'player' | 'bay';
  /** The page a player is at, and the lesson it is of; null for a report. */
  readonly page?: { readonly id: string; readonly lessonId: string | null };
  /** Whether body notes and what players write back are read of every player, and not of one's own alone. */
  readonly readsPersonalOfAll?: boolean;
}
