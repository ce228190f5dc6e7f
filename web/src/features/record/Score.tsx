import { PLAIN, plainLabel, sourcesDiffer } from '@loxos/core';
import type { Period, Plain, PlayerRecord } from '@loxos/core';
import { Panel } from '../../ui/Panel.tsx';

const ROWS: readonly (Plain | 'all')[] = [...PLAIN, 'all'];

const shareText = (period: Period, name: Plain | 'all'): string => {
  const share = period.score?.[name];
  return share === undefined || share.of === 0 ? '–' : `${share.had} of ${share.of}`;
};

/** The plain score of two periods: how many balls had each of the four things, and all of them. */
export function Score({
  record,
  names,
}: {
  readonly record: PlayerRecord;
  readonly names: readonly string[];
}) {
  const { periods } = record;
  if (periods.length === 0 || record.score === null) return null;
  return (
    <Panel name="The plain score" isTitled>
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            <th scope="col">Balls with</th>
            {names.map((name) => (
              <th key={name} scope="col" className="text-right">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((name) => (
            <tr key={name} className={name === 'all' ? 'border-t border-line font-semibold' : ''}>
              <th scope="row" className="py-0.5 font-normal">
                {plainLabel(name)}
              </th>
              {periods.map((period) => (
                <td key={period.from} className="text-right font-mono">
                  {shareText(period, name)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {sourcesDiffer(record) && (
        <p className="mt-1 text-look">
          ▲ Another source wrote the second down: what differs may be the monitor.
        </p>
      )}
    </Panel>
  );
}
