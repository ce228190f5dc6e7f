import { CLUB_KINDS, followedLabel, plainWords, toldOf } from '@loxos/core';
import type { ClubKind, FollowedFigure, PlayerRecord } from '@loxos/core';
import type { Chart as ChartJs } from 'chart.js';
import { Download } from 'lucide-react';
import { Suspense, lazy, useRef } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { toast } from 'sonner';
import type { Player, RecordAnswer } from '../../api/client.ts';
import { useOwnDrills, usePlayer, useRecord } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { ink } from '../../ui/chart-ink.ts';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Catch } from '../../ui/Panel.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { KIND_WORDS } from '../../ui/kind-words.ts';
import { shortDay } from '../../ui/day-text.ts';
import { saveFile } from '../../ui/save-file.ts';
import { unitsOf } from '../../ui/units-of.ts';
import { Findings } from './Findings.tsx';
import { MovedList } from './MovedList.tsx';
import { FaceAgainstPath, LandingPeriods } from './Pictures.tsx';
import { Score } from './Score.tsx';
import { Stations } from './Stations.tsx';
import { VisitTable } from './VisitTable.tsx';

const LongChart = lazy(() => import('./LongChart.tsx'));

/** What the two periods laid beside each other are called. */
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
}

/** A chart as it is seen: with the sheet it stands on. */
function onPaper(drawn: HTMLCanvasElement): HTMLCanvasElement {
  const sheet = document.createElement('canvas');
  [sheet.width, sheet.height] = [drawn.width, drawn.height];
  const pen = sheet.getContext('2d')!;
  pen.fillStyle = ink('sheet');
  pen.fillRect(0, 0, sheet.width, sheet.height);
  pen.drawImage(drawn, 0, 0);
  return sheet;
}

function LongPanel({ player, answer, record, figure, onFigure }: BodyProps) {
  const navigate = useNavigate();
  const chart = useRef<ChartJs<'scatter'> | null>(null);
  const { followed } = record;
  // What the words are about comes first.
  const shown = followed.find((one) => one.figure === figure) ?? toldOf(followed);
  if (shown === undefined) return null;
  const label = followedLabel(shown.figure);
  const savePng = (): void => {
    const drawn = chart.current?.canvas;
    if (drawn == null) return;
    onPaper(drawn).toBlob((blob) => {
      if (blob === null) toast.error('The picture could not be made: save the table as CSV.');
      else saveFile(`${player.name} ${label}.png`, 'image/png', blob);
    }, 'image/png');
  };
  return (
    <section
      aria-label={`${label} through the visits`}
      className="flex min-w-0 flex-col rounded-xl border border-line bg-sheet p-3"
    >
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <Segments
          legend="Figure"
          isLegendHidden
          value={shown.figure}
          options={followed.map((one) => [one.figure, followedLabel(one.figure)] as const)}
          onChange={onFigure}
        />
        <Button look="quiet" onClick={savePng} aria-label="Save the chart as PNG">
          <Download aria-hidden size={16} />
        </Button>
      </div>
      <div className="relative min-h-[21rem] grow">
        <div className="absolute inset-0">
          <Catch name={label}>
            <Suspense>
              <LongChart
                followed={shown}
                hand={player.hand}
                unit={player.lengthUnit}
                worked={new Set(record.worked)}
                homework={answer.homework}
                onChoose={(lessonId) => void navigate(`/lessons/${lessonId}/read`)}
                onChart={(made) => (chart.current = made)}
                label={`${label}, visit by visit, beside what is wanted; the same as a table below`}
              />
            </Suspense>
          </Catch>
        </div>
      </div>
      <p className="mt-1 text-sm text-soft">
        Each visit with its interval; a diamond had a drill in it. Plum: the levels it stood at.
        Green: what is wanted{answer.homework.length > 0 && '; dots below: homework done'}. Tap a
        visit to open it.
      </p>
    </section>
  );
}

function Body(props: BodyProps) {
  const { player, answer, record } = props;
  const own = useOwnDrills().data ?? [];
  const names = periodNames(record);
  const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
  const file = `${player.name} record`;
  const plain = record.score === null ? '' : plainWords(record.score);
  return (
    <div className="space-y-3">
      <div className="grid gap-3 lg:grid-cols-[minmax(18rem,0.55fr)_1fr]">
        <div className="min-w-0 space-y-3 py-1">
          <Findings record={record} wording={wording} />
          {plain !== '' && <p>{plain}</p>}
          <Score record={record} names={names} />
        </div>
        <LongPanel {...props} />
      </div>
      <div className="grid items-start gap-3 md:grid-cols-2 lg:grid-cols-3">
        {record.scatter.length > 0 && <FaceAgainstPath record={record} names={names} file={file} />}
        <LandingPeriods record={record} names={names} file={file} unit={player.lengthUnit} />
        <div className="space-y-3">
          <MovedList moved={record.moved} own={own} />
          <Stations stations={answer.stations} own={own} />
        </div>
      </div>
      <VisitTable record={record} wording={wording} file={file} />
    </div>
  );
}

const kindIn = (text: string | null): ClubKind | null =>
  CLUB_KINDS.find((kind) => kind === text) ?? null;

/** A player's face-to-path through the months: is it holding, what comes back, what worked. */
export function RecordPage() {
  const { playerId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const player = usePlayer(playerId);
  const asked = useRecord(playerId, kindIn(search.get('kind')));
  const choose = (name: string, value: string): void =>
    setSearch({ ...Object.fromEntries(search), [name]: value }, { replace: true });
  if (player.error !== null) return <Trouble error={player.error} />;
  if (player.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const { name } = player.data;
  const record = asked.data?.record;
  return (
    <div className="mx-auto max-w-[1400px] px-3 py-3 lg:px-4">
      <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="text-2xl">
          <Link to={`/players/${playerId}`} className="underline decoration-1 underline-offset-4">
            {name}
          </Link>
          : record
        </h1>
        {record !== null && record !== undefined && record.kinds.length > 1 && (
          <Segments
            legend="Kind of club"
            isLegendHidden
            value={record.kind}
            options={record.kinds.map((kind) => [kind, KIND_WORDS[kind]] as const)}
            onChange={(kind) => choose('kind', kind)}
          />
        )}
      </div>
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
        />
      )}
    </div>
  );
}
