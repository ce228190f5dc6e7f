import { drillBy, stationRecord, stationRecordWords } from '@loxos/core';
import type { OwnDrillFacts } from '@loxos/core';
import type { ReactNode } from 'react';
import type { StationDay } from '../../api/client.ts';
import { Drawing } from '../../drawing/Drawing.tsx';
import type { Shape } from '../../drawing/shape.ts';
import { Panel } from '../../ui/Panel.tsx';

const [WIDE, TALL] = [200, 56];
/** Days drawn of a drill at most: the last ones. */
const DAYS_SHOWN = 12;

/** Returns a bar a day: how many of the repetitions were good; hollow where the player logged it at home. */
function barsOf(days: readonly StationDay[]): Shape[] {
  const wide = Math.min(22, WIDE / days.length);
  return [
    { kind: 'path', d: `M0 ${TALL}L${WIDE} ${TALL}`, stroke: 'line', width: 1 },
    { kind: 'path', d: `M0 0L${WIDE} 0`, stroke: 'line', width: 1, dash: '3 4' },
    ...days.map(({ good, of, isHome }, n): Shape => {
      const height = Math.max(1, (TALL * good) / of);
      const x = n * wide + 2;
      return {
        kind: 'path',
        d: `M${x} ${TALL}v${-height}h${wide - 4}v${height}Z`,
        fill: isHome ? 'none' : 'path',
        stroke: 'path',
        width: 1.5,
      };
    }),
  ];
}

/** Success at each station, day by day: small pictures on one scale. */
export function Stations({
  stations,
  own,
  children = null,
}: {
  readonly stations: readonly StationDay[];
  readonly own: readonly OwnDrillFacts[];
  /** What is said with them. */
  readonly children?: ReactNode;
}) {
  if (stations.length === 0) return children;
  const drills = [...new Set(stations.map(({ drillId }) => drillId))];
  return (
    <Panel name="At the stations" isTitled>
      <ul className="grid gap-4 sm:grid-cols-2">
        {drills.map((drillId) => {
          const all = stations.filter((day) => day.drillId === drillId);
          const days = all.slice(-DAYS_SHOWN);
          const name = drillBy(drillId, own)?.name ?? 'A drill since taken away';
          const words = stationRecordWords(stationRecord(all)!);
          return (
            <li key={drillId}>
              <b>{name}</b>
              <Drawing
                shapes={barsOf(days)}
                box={[-2, -4, WIDE + 4, TALL + 8]}
                title={`${name}: ${words}`}
                className="w-full max-w-64"
              />
              <span className="text-soft">{words}</span>
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">Hollow: logged at home, from the player’s page.</p>
      {children}
    </Panel>
  );
}
