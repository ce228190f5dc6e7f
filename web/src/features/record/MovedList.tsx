import { drillBy, movedWords } from '@loxos/core';
import type { DrillCredit, OwnDrillFacts } from '@loxos/core';
import { Panel } from '../../ui/Panel.tsx';

/** What each drill moved for this player, over all its times; “not enough to say” is an answer. */
export function MovedList({
  moved,
  own,
}: {
  readonly moved: readonly DrillCredit[];
  readonly own: readonly OwnDrillFacts[];
}) {
  return (
    <Panel name="What moved what" isTitled>
      {moved.length === 0 ? (
        <p className="text-soft">
          Nothing yet: a drill’s block beside a baseline of the same lesson and club says it.
        </p>
      ) : (
        <ul className="space-y-1">
          {moved.map((one) => (
            <li
              key={`${one.drillId} ${one.figure}`}
              className={one.isClear ? 'font-semibold' : 'text-soft'}
            >
              {movedWords(one, drillBy(one.drillId, own))}
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
