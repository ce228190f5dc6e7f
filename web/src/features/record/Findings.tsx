import { findingWords, findingsOf } from '@loxos/core';
import type { PlayerRecord, RecordWording } from '@loxos/core';

/** What the record says, the most important first and largest. */
export function Findings({
  record,
  wording,
}: {
  readonly record: PlayerRecord;
  readonly wording: RecordWording;
}) {
  const findings = findingsOf(record);
  return (
    <div className="space-y-2" data-findings>
      {findings.map((finding, n) => (
        <p
          key={`${finding.kind} ${finding.figure}`}
          className={n === 0 ? 'text-[1.35rem] leading-snug font-semibold' : 'text-lg'}
        >
          {findingWords(finding, wording)}
        </p>
      ))}
      {findings.length === 0 && (
        <p className="text-[1.35rem] leading-snug font-semibold">
          Nothing to say yet: a visit is a point from three balls on that were hit in no drill.
        </p>
      )}
      {record.visits.length < 3 && (
        <p className="text-soft">
          {record.visits.length === 1 ? 'One visit' : 'Two visits'} with this kind of club so far: a
          change is called from four on.
        </p>
      )}
    </div>
  );
}
