import { addDaysIso, changeWords, driftWords, shortFigure, wentAway, unitsOf } from '@loxos/core';
import type { Standing } from '@loxos/core';
import { Link } from 'react-router';
import type { Player } from '../../api/client.ts';
import { Panel } from '../../ui/Panel.tsx';
import { shortDay } from '../../ui/day-text.ts';

/** What is longer ago than this is no news, days. */
const NEWS_FOR_DAYS = 45;

/** From when on it is news, as an ISO date: the same the whole day. */
export const newsSince = (today: string): string => addDaysIso(today, -NEWS_FOR_DAYS);

interface DriftedPlayer {
  readonly player: Player;
  readonly standing: Standing;
}

/** Returns who went away from what they held lately, the furthest first; each with the kind of club it was. */
export function driftedIn(
  players: readonly Player[],
  standings: ReadonlyMap<string, readonly Standing[]>,
  since: string,
): DriftedPlayer[] {
  return players
    .flatMap((player) => {
      const standing = standings.get(player.id)?.find((one) => wentAway(one, since) > 0);
      return standing === undefined ? [] : [{ player, standing }];
    })
    .sort((a, b) => wentAway(b.standing, since) - wentAway(a.standing, since));
}

/** Why somebody is on the list: the last visit, and how surely, or the change. */
function whyWords({ player, standing }: DriftedPlayer): string {
  const { drifted, changed, lastDay } = standing;
  const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
  if (drifted !== null)
    return `${shortFigure(drifted.figure)} ${driftWords(drifted.figure, drifted.drift, wording)}, ${shortDay(lastDay)}.`;
  return changed === null
    ? ''
    : `${shortFigure(changed.figure)} ${changeWords(changed.figure, changed, changed.day, wording)}.`;
}

/** Who drifted, how far, and how surely; one tap opens the record. */
export function Drifted({ drifted }: { readonly drifted: readonly DriftedPlayer[] }) {
  if (drifted.length === 0) return null;
  return (
    <Panel name="Drifted" isTitled>
      <ul>
        {drifted.map((one) => {
          const { player, standing } = one;
          const figure = standing.drifted?.figure ?? standing.figure;
          return (
            <li key={player.id} className="flex items-center gap-3 border-t border-line/60 py-1.5">
              <span className="min-w-0 flex-1">
                <Link to={`/players/${player.id}`} className="font-semibold hover:underline">
                  {player.name}
                </Link>
                <span className="block text-soft">{whyWords(one)}</span>
              </span>
              <Link
                to={`/players/${player.id}/record?kind=${standing.kind}&figure=${figure}`}
                aria-label={`Record of ${player.name}`}
                className="inline-flex min-h-11 items-center px-3 font-semibold underline"
              >
                Record
              </Link>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
