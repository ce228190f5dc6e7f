import {
  CLUB_KINDS,
  homeworkHeld,
  homeworkHeldWords,
  plainWords,
  toldOf,
  unitsOf,
} from '@loxos/core';
import type { ClubKind, FollowedFigure, PlayerRecord } from '@loxos/core';
import { FileText } from 'lucide-react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Player, RecordAnswer } from '../../api/client.ts';
import { useOwnDrills, usePlayer, useRecord } from '../../api/queries.ts';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { KIND_WORDS } from '../../ui/kind-words.ts';
import { today } from '../../ui/academy-time.ts';
import { shortDay, typedDay } from '../../ui/day-text.ts';
import { Findings } from './Findings.tsx';
import { Goals } from './Goals.tsx';
import { LongPanel } from './LongPanel.tsx';
import { MovedList } from './MovedList.tsx';
import { Parting } from './Parting.tsx';
import { FaceAgainstPath, LandingPeriods } from './Pictures.tsx';
import { Score } from './Score.tsx';
import { Stations } from './Stations.tsx';
import { VisitTable } from './VisitTable.tsx';

/** Returns what the two periods laid beside each other are called. */
function periodNames({ periods, visits }: PlayerRecord): string[] {
  if (periods.length < 2) return [];
  const day = shortDay(visits[periods[1]!.from]!.at);
  return [`before ${day}`, `since ${day}`];
}

interface BodyProps {
  readonly player: Player;
  readonly answer: Omit<RecordAnswer, 'record'>;
  readonly record: PlayerRecord;
  readonly figure: string | null;
  readonly onFigure: (figure: FollowedFigure) => void;
  /** ISO day the coach parts the visits at; null for the last change. */
  readonly parted: string | null;
  readonly onPart: (day: string | null) => void;
}

function Body(props: BodyProps) {
  const { player, answer, record, parted, onPart } = props;
  const own = useOwnDrills().data ?? [];
  const names = periodNames(record);
  const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
  const file = `${player.name} record`;
  const plain = record.score === null ? '' : plainWords(record.score);
  const told = toldOf(record.followed);
  const held = told === undefined ? null : homeworkHeld(told, answer.homework);
  const since = record.periods[1];
  return (
    <div className="space-y-3">
      <div className="grid gap-3 lg:grid-cols-[minmax(18rem,0.55fr)_1fr]">
        <div className="min-w-0 space-y-3 py-1">
          <Findings record={record} wording={wording} />
          {plain !== '' && <p>{plain}</p>}
          <Score record={record} names={names} />
          {since !== undefined && (
            <Parting
              day={record.visits[since.from]!.day}
              isChosen={parted !== null}
              onDay={onPart}
            />
          )}
        </div>
        <LongPanel key={record.kind} {...props} />
      </div>
      <div className="grid items-start gap-3 md:grid-cols-2 lg:grid-cols-3">
        {record.scatter.length > 0 && <FaceAgainstPath record={record} names={names} file={file} />}
        <LandingPeriods record={record} names={names} file={file} unit={player.lengthUnit} />
        <div className="space-y-3">
          <Goals player={player} record={record} wording={wording} />
          <MovedList moved={record.moved} own={own} />
          <Stations stations={answer.stations} own={own}>
            {held !== null && (
              <p>
                <b>Homework.</b> {homeworkHeldWords(told!.figure, held, wording)}
              </p>
            )}
          </Stations>
        </div>
      </div>
      <VisitTable record={record} wording={wording} file={file} />
    </div>
  );
}

const kindIn = (text: string | null): ClubKind | null =>
  CLUB_KINDS.find((kind) => kind === text) ?? null;

interface HeadingProps {
  readonly player: Player;
  readonly record: PlayerRecord | null;
  readonly onKind: (kind: ClubKind) => void;
}

function Heading({ player, record, onKind }: HeadingProps) {
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
      <h1 className="text-2xl">
        <Link to={`/players/${player.id}`} className="underline decoration-1 underline-offset-4">
          {player.name}
        </Link>
        : record
      </h1>
      {record !== null && record.kinds.length > 1 && (
        <Segments
          legend="Kind of club"
          isLegendHidden
          value={record.kind}
          options={record.kinds.map((kind) => [kind, KIND_WORDS[kind]] as const)}
          onChange={onKind}
        />
      )}
      {record !== null && (
        <Link
          to={`/players/${player.id}/report?kind=${record.kind}`}
          className="ml-auto inline-flex min-h-11 items-center gap-2 rounded-lg border border-faint px-4 font-semibold hover:border-ink"
        >
          <FileText aria-hidden size={16} /> Report
        </Link>
      )}
    </div>
  );
}

/** A player's face-to-path through the months: is it holding, what comes back, what worked. */
export function RecordPage() {
  const { playerId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const player = usePlayer(playerId);
  const kind = kindIn(search.get('kind'));
  const parted = typedDay(search.get('parted') ?? '', today());
  const asked = useRecord(playerId, {
    ...(kind !== null && { kind }),
    ...(parted !== null && { parted }),
  });
  const choose = (name: string, value: string | null): void => {
    const { [name]: _old, ...rest } = Object.fromEntries(search);
    setSearch(value === null ? rest : { ...rest, [name]: value }, { replace: true });
  };
  if (player.error !== null) return <Trouble error={player.error} />;
  if (player.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const record = asked.data?.record;
  return (
    <div className="mx-auto max-w-[1400px] px-3 py-3 lg:px-4">
      <Heading
        player={player.data}
        record={record ?? null}
        onKind={(next) => choose('kind', next)}
      />
      {asked.error !== null && asked.data === undefined && <Trouble error={asked.error} />}
      {asked.data === undefined && asked.error === null && <p className="text-soft">Reading …</p>}
      {record === null && (
        <Empty>
          The record begins with the first balls of a named club: hit them in a lesson, by file or
          by tap, and they are followed here from visit to visit.
        </Empty>
      )}
      {record !== null && record !== undefined && asked.data !== undefined && (
        <Body
          player={player.data}
          answer={asked.data}
          record={record}
          figure={search.get('figure')}
          onFigure={(figure) => choose('figure', figure)}
          parted={parted}
          onPart={(day) => choose('parted', day)}
        />
      )}
    </div>
  );
}
