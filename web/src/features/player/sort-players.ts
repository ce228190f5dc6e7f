import { windowsOut } from '@loxos/core';
import type { Standing } from '@loxos/core';
import type { Player } from '../../api/client.ts';

export const SORTS = ['name', 'drifted', 'furthest', 'longest away', 'progress'] as const;
export type Sort = (typeof SORTS)[number];
export const SORT_WORDS: Readonly<Record<Sort, string>> = {
  name: 'By name',
  drifted: 'Drifted first',
  furthest: 'Furthest from wanted',
  'longest away': 'Longest away',
  progress: 'Latest progress',
};

type Standings = ReadonlyMap<string, readonly Standing[]>;

/** What comes first is largest; nobody's figure comes last. */
const RANKS: Readonly<Record<Exclude<Sort, 'name'>, (standing: Standing) => number>> = {
  drifted: ({ drifted }) => (drifted === null ? 0 : Math.abs(drifted.drift.by)),
  furthest: windowsOut,
  'longest away': ({ lastDay }) => -Date.parse(lastDay),
  progress: ({ changed }) => (changed?.isNearer === true ? Date.parse(changed.day) : -Infinity),
};

/** Returns the standing a row shows: of the kind that drifted where that is asked for, else of the kind hit most. */
export const shownStanding = (
  standings: readonly Standing[] | undefined,
  sort: Sort,
): Standing | undefined =>
  (sort === 'drifted' ? standings?.find(({ drifted }) => drifted !== null) : undefined) ??
  standings?.[0];

/** Players in an order; those who tie by name. */
export function sortPlayers(
  players: readonly Player[],
  standings: Standings,
  sort: Sort,
): readonly Player[] {
  if (sort === 'name') return players;
  const rank = (player: Player): number => {
    const standing = shownStanding(standings.get(player.id), sort);
    return standing === undefined ? -Infinity : RANKS[sort](standing);
  };
  return [...players].sort((a, b) => {
    const [first, second] = [rank(a), rank(b)];
    return first === second ? a.name.localeCompare(b.name) : second - first;
  });
}

/** Returns whether a player is looked for by a text in their name or aims. */
export const isFound = ({ name, aims }: Player, text: string): boolean =>
  `${name} ${aims}`.toLowerCase().includes(text.trim().toLowerCase());
