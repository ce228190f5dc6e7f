import { EFFECT_FIGURES, drillBy, formatNumber, rankDrills, shortFigure } from '@loxos/core';
import type { DrillEffect, OwnDrillFacts } from '@loxos/core';
import { Panel } from '../../../ui/Panel.tsx';

/** What drills have clearly moved for this player; nothing else is credited. */
export function Ranking({
  effects,
  own,
}: {
  effects: readonly DrillEffect[];
  own: readonly OwnDrillFacts[];
}) {
  const ranks = EFFECT_FIGURES.flatMap((figure) => rankDrills(effects, figure, null));
  const tried = new Set(ranks.map(({ drillId }) => drillId));
  if (tried.size === 0) return null;
  const clear = ranks.filter(({ clearTimes }) => clearTimes > 0);
  return (
    <Panel name="What drills have clearly moved, for this player" isTitled>
      {clear.length === 0 && (
        <p className="text-soft">Nothing clearly yet, of {tried.size} tried.</p>
      )}
      <ul>
        {clear.map(({ drillId, figure, creditedDeg, times, clearTimes }) => (
          <li key={`${drillId} ${figure}`}>
            {drillBy(drillId, own)?.name ?? 'A drill since taken away'}:{' '}
            {shortFigure(figure).toLowerCase()}{' '}
            <b className="font-mono">
              {formatNumber(Math.abs(creditedDeg), 0)}° {creditedDeg < 0 ? 'left' : 'right'}
            </b>
            , clearly {clearTimes} of {times}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
