import { driftWords, shortFigure, standingWords, unitsOf } from '@loxos/core';
import type { Standing } from '@loxos/core';
import { Link } from 'react-router';
import type { Player } from '../../api/client.ts';
import { Drawing } from '../../drawing/Drawing.tsx';
import { SMALL_CHART_BOX, smallChart } from '../../drawing/small-chart.ts';
import { shortDay } from '../../ui/day-text.ts';

function StandingWords({ player, standing }: { player: Player; standing: Standing }) {
  const wording = { hand: player.hand, units: unitsOf(player) };
  const { drifted, lastDay, visits } = standing;
  return (
    <>
      <span className="block">{standingWords(standing, wording)}</span>
      <span className="block text-sm text-soft">
        {drifted !== null &&
          `▲ ${shortFigure(drifted.figure)} ${driftWords(drifted.figure, drifted.drift, wording)} · `}
        {visits === 1 ? 'one visit' : `${visits} visits`}, last {shortDay(lastDay)}
      </span>
    </>
  );
}

/** A player in a row: who, where they stand, and their last visits as a small chart that opens the record. */
export function PlayerRow({
  player,
  standing,
}: {
  readonly player: Player;
  readonly standing: Standing | undefined;
}) {
  return (
    <li className="flex items-stretch panel [contain-intrinsic-size:auto_5.5rem] [content-visibility:auto] hover:border-ink">
      <Link
        to={`/players/${player.id}`}
        className="grid min-w-0 flex-1 gap-x-4 px-4 py-2.5 sm:grid-cols-[1fr_1.3fr]"
      >
        <span className="min-w-0">
          <span className="block text-lg font-semibold">{player.name}</span>
          <span className="block text-sm text-soft">
            {player.hand}-handed{player.aims !== '' && ` · ${player.aims}`}
          </span>
        </span>
        <span className="min-w-0 self-center">
          {standing === undefined ? (
            <span className="text-soft">No balls of a named club yet.</span>
          ) : (
            <StandingWords player={player} standing={standing} />
          )}
        </span>
      </Link>
      {standing !== undefined && (
        <Link
          to={`/players/${player.id}/record?kind=${standing.kind}&figure=${standing.figure}`}
          aria-label={`Record of ${player.name}`}
          className="flex w-36 shrink-0 items-center border-l border-line/60 px-2 max-sm:w-24"
        >
          <Drawing
            shapes={smallChart(standing)}
            box={SMALL_CHART_BOX}
            title=""
            className="w-full"
          />
        </Link>
      )}
    </li>
  );
}
