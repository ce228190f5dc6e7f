import { CLUB_KINDS, drillBy, movedOverAllWords } from '@loxos/core';
import type { ClubKind } from '@loxos/core';
import { useState } from 'react';
import { useMoved, useOwnDrills } from '../../api/queries.ts';
import { Trouble } from '../../ui/Notice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { KIND_WORDS } from '../../ui/kind-words.ts';

/** What drills moved over all players, with a kind of club; asked for when it is opened. */
export function MovedOverAll() {
  const [isOpen, setIsOpen] = useState(false);
  const [kind, setKind] = useState<ClubKind>('iron');
  const { data, error } = useMoved(kind, isOpen);
  const own = useOwnDrills().data ?? [];
  return (
    <details className="mt-4 panel p-3" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 text-lg font-semibold">
        What moved what, over all players
      </summary>
      <div className="space-y-3">
        <Segments
          legend="Kind of club"
          isLegendHidden
          value={kind}
          options={CLUB_KINDS.map((one) => [one, KIND_WORDS[one]] as const)}
          onChange={setKind}
        />
        {error !== null && data === undefined && <Trouble error={error} />}
        {data?.length === 0 && (
          <p className="text-soft">
            Nothing yet with these clubs: a drill’s block beside a baseline says what it moved.
          </p>
        )}
        <ul className="space-y-1">
          {data?.map((moved) => (
            <li
              key={`${moved.drillId} ${moved.figure}`}
              className={moved.isClear ? 'font-semibold' : 'text-soft'}
            >
              {movedOverAllWords(moved, drillBy(moved.drillId, own))}
            </li>
          ))}
        </ul>
        <p className="text-sm text-soft">
          A player counts once, however often; left-handers as their mirror image. It is what came
          with the drill, and no more is claimed of the next player than its interval.
        </p>
      </div>
    </details>
  );
}
