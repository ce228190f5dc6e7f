import { CLUB_KINDS, addMonthsIso } from '@loxos/core';
import type { ClubKind, ReportDraft } from '@loxos/core';
import { FileDown, RotateCcw } from 'lucide-react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useAccount, useMay } from '../../api/account.ts';
import type { Player } from '../../api/client.ts';
import { usePlayer, useReports } from '../../api/queries.ts';
import { changePlayer } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { DateField } from '../../ui/DateField.tsx';
import { today } from '../../ui/academy-time.ts';
import { ForCoach } from '../../ui/ForCoach.tsx';
import { LiveText } from '../../ui/LiveText.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { OwnWords } from '../../ui/OwnWords.tsx';
import { PagePreview } from '../../ui/PagePreview.tsx';
import { savePdf } from '../../ui/save-pdf.ts';
import { Segments } from '../../ui/Segments.tsx';
import { Share } from '../../ui/Share.tsx';
import { KIND_WORDS } from '../../ui/kind-words.ts';
import { useReport } from './use-report.ts';
import type { Report } from './use-report.ts';

/** Months a report is often of. */
const MONTHS = [3, 6, 12] as const;

type Set = (changes: Partial<ReportDraft>) => void;
interface Period {
  readonly from: string;
  readonly to: string;
}

/** From when to when it is: typed, or so many months back. */
function PeriodFields({ period, set }: { period: Period; set: Set }) {
  const { from, to } = period;
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-2">
      <div className="w-56">
        <DateField label="From" value={from} onChange={(day) => set({ from: day })} />
      </div>
      <div className="w-56">
        <DateField label="To" value={to} onChange={(day) => set({ to: day })} />
      </div>
      <div className="flex basis-full gap-2">
        {MONTHS.map((months) => (
          <Button
            key={months}
            onClick={() =>
              set({
                from: addMonthsIso(today(), -months),
                to: today(),
              })
            }
          >
            The last {months === 12 ? 'year' : `${months} months`}
          </Button>
        ))}
      </div>
    </div>
  );
}

const replaced = (texts: readonly (string | null)[], index: number, text: string, count: number) =>
  Array.from({ length: count }, (_, n) => (n === index ? text : (texts[n] ?? null)));

function Texts({ report, draft, set }: { report: Report; draft: ReportDraft; set: Set }) {
  const { findings, points } = report;
  return (
    <>
      {findings.map((text, n) => (
        <LiveText
          key={`finding ${n}`}
          label={['What the record says', 'Second sentence', 'Third sentence'][n]!}
          rows={3}
          value={text}
          onChange={(next) =>
            set({ findings: replaced(draft.findings ?? [], n, next, findings.length) })
          }
        />
      ))}
      {points.map((text, n) => (
        <LiveText
          key={`point ${n}`}
          label={n === 0 ? 'What comes next' : 'Second point'}
          rows={3}
          value={text}
          onChange={(next) => set({ points: replaced(draft.points ?? [], n, next, points.length) })}
        />
      ))}
    </>
  );
}

interface EditorProps {
  readonly player: Player;
  readonly report: Report;
  readonly draft: ReportDraft;
  readonly set: Set;
}

/** What the coach writes over it, and gives: by link or as PDF. */
function Editor({ player, report, draft, set }: EditorProps) {
  const academy = useAccount()?.academy ?? '';
  const reports = useReports(player.id).data ?? [];
  const { content, nextLook } = report;
  const { name: playerName, hand, lengthUnit: unit } = player;
  const pdf = (): void => savePdf(content, { playerName, academy, date: today(), hand, unit });
  const isSaid = (content.record?.words.length ?? 0) > 0 || content.points.length > 0;
  return (
    <>
      <Texts report={report} draft={draft} set={set} />
      <Share
        of={{ playerId: player.id, kind: report.kind }}
        pages={reports}
        trouble={isSaid ? null : 'Write at least one sentence first.'}
      />
      <OwnWords document={draft.words ?? null} onChange={(words) => set({ words })} />
      <div className="max-w-72">
        <DateField label="Next look" value={nextLook} onChange={(day) => set({ nextLook: day })} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={pdf}>
          <FileDown aria-hidden size={16} /> PDF
        </Button>
        {Object.keys(draft).length > 0 && (
          <Button look="quiet" onClick={() => changePlayer(player, { report: null })}>
            <RotateCcw aria-hidden size={16} /> Start anew, as the record makes it
          </Button>
        )}
      </div>
    </>
  );
}

function Body({ player, kind }: { player: Player; kind: ClubKind | null }) {
  const { report, draft, period, isAsking, isPaused, error } = useReport(player, kind);
  const mayPlan = useMay('plan');
  const set: Set = (changes) => changePlayer(player, { report: { ...draft, ...changes } });
  const { hand, lengthUnit: unit } = player;
  return (
    <div className="grid gap-5 lg:grid-cols-2">
      <ForCoach>
        <div className="min-w-0 space-y-4">
          <PeriodFields period={period} set={set} />
          {report !== null && report.kinds.length > 1 && (
            <Segments
              legend="Kind of club"
              isLegendHidden
              value={report.kind}
              options={report.kinds.map((one) => [one, KIND_WORDS[one]] as const)}
              onChange={(next) => set({ kind: next })}
            />
          )}
          {error !== null && report === null && <Trouble error={error} />}
          {report === null && isAsking && (
            <p className={isPaused ? 'text-look' : 'text-soft'}>
              {isPaused
                ? '▲ No network just now: the report of this period is made when it is back. What you wrote is kept.'
                : 'Reading …'}
            </p>
          )}
          {report !== null && mayPlan && (
            <Editor player={player} report={report} draft={draft} set={set} />
          )}
        </div>
      </ForCoach>
      {report === null ? (
        !isAsking &&
        error === null && (
          <Empty>
            No visit with a named club in this period: choose another, or hit some balls first.
          </Empty>
        )
      ) : (
        <PagePreview content={report.content} hand={hand} unit={unit} />
      )}
    </div>
  );
}

/** A report over a period for the player: made from the record, changed as the coach likes, given by link or as PDF. */
export function ReportPage() {
  const { playerId = '' } = useParams();
  const [search] = useSearchParams();
  const player = usePlayer(playerId);
  if (player.error !== null) return <Trouble error={player.error} />;
  if (player.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const kind = CLUB_KINDS.find((one) => one === search.get('kind')) ?? null;
  return (
    <div className="mx-auto max-w-[1400px] px-3 py-3 lg:px-4">
      <h1 className="mb-3 text-2xl">
        <Link
          to={`/players/${playerId}/record`}
          className="underline decoration-1 underline-offset-4"
        >
          {player.data.name}
        </Link>
        : report
      </h1>
      <Body player={player.data} kind={kind} />
    </div>
  );
}
