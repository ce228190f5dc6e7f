import { creditsOf, drillBy, movedWords } from '@loxos/core';
import type { DrillEffect, Hand, OwnDrillFacts } from '@loxos/core';
import { Panel } from '../../../ui/Panel.tsx';

/** What drills have clearly moved for this player; nothing else is credited. */
export function Ranking({
  effects,
  hand,
  own,
}: {
  effects: readonly DrillEffect[];
  hand: Hand;
  own: readonly OwnDrillFacts[];
}) {
  const credits = creditsOf(effects, hand);
  const tried = new Set(credits.map(({ drillId }) => drillId));
  if (tried.size === 0) return null;
  const clear = credits.filter(({ isClear }) => isClear);
  return (
    <Panel name="What drills moved" isTitled>
      {clear.length === 0 && (
        <p className="text-soft">Nothing clearly yet, of {tried.size} tried.</p>
      )}
      <ul>
        {clear.map((credit) => (
          <li key={`${credit.drillId} ${credit.kind} ${credit.figure}`}>
            {movedWords(credit, drillBy(credit.drillId, own))}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
