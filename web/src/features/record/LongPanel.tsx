import {
  followedLabel,
  markText,
  sourceWords,
  spreadOf,
  toldOf,
  visitMarks,
  unitsOf,
} from '@loxos/core';
import type { Followed, FollowedFigure, PlayerRecord } from '@loxos/core';
import { Suspense, lazy, useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Player, RecordAnswer } from '../../api/client.ts';
import { RECORD_CHART_BOX, recordChart } from '../../drawing/record-chart.ts';
import { spanOf } from '../../drawing/time-axis.ts';
import { Catch } from '../../ui/Panel.tsx';
import { drawnPlaces } from './long-chart-data.ts';
import { SavePicture } from '../../ui/SavePicture.tsx';
import { Segments } from '../../ui/Segments.tsx';

const LongChart = lazy(() => import('./LongChart.tsx'));

const DAY_MS = 24 * 3600 * 1000;
/** How much is seen at once: the last of it, or all. */
const SEEN = [
  ['all', 'All'],
  ['365', 'A year'],
  ['92', 'Three months'],
] as const;
type Seen = (typeof SEEN)[number][0] | 'part';
const OF = [
  ['middle', 'Where it stands'],
  ['spread', 'How it spreads'],
] as const;

interface LongPanelProps {
  readonly player: Player;
  readonly answer: Omit<RecordAnswer, 'record'>;
  readonly record: PlayerRecord;
  readonly figure: string | null;
  readonly onFigure: (figure: FollowedFigure) => void;
}

interface ShownProps {
  readonly shown: Followed;
  readonly isSpread: boolean;
  readonly marks: readonly { readonly at: string; readonly text: string }[];
  /** From when to when, ms. */
  readonly seen: readonly [number, number];
}

interface DrawnProps extends ShownProps, Pick<LongPanelProps, 'player' | 'answer' | 'record'> {
  readonly label: string;
  readonly onSee: (from: number, to: number) => void;
}

const doneDays = ({ homework }: Pick<RecordAnswer, 'homework'>): string[] =>
  homework.filter(({ isDone }) => isDone).map(({ date }) => date);

/** The chart, which is fetched when it is looked at. */
function Drawn(props: DrawnProps) {
  const { player, answer, record, shown, isSpread, marks, label, seen, onSee } = props;
  const navigate = useNavigate();
  return (
    <div className="relative min-h-[21rem] grow">
      {/* A finger drawn up or down scrolls the page, as everywhere; across, it moves the chart. */}
      <div className="absolute inset-0 [&_canvas]:[touch-action:pan-y]!">
        <Catch name={label}>
          <Suspense>
            <LongChart
              followed={shown}
              hand={player.hand}
              unit={player.lengthUnit}
              isSpread={isSpread}
              worked={new Set(record.worked)}
              homework={doneDays(answer)}
              marks={marks}
              seen={seen}
              onSee={onSee}
              onChoose={(lessonId) => void navigate(`/lessons/${lessonId}/read`)}
              label={`${label}, visit by visit, ${isSpread ? 'how it spreads' : 'beside the wanted'}; the same as a table below`}
            />
          </Suspense>
        </Catch>
      </div>
    </div>
  );
}

/** What the signs of the chart mean, and how much of it is drawn. */
function Legend({
  shown,
  isSpread,
  marks,
  seen: [first, last],
  homework,
}: ShownProps & { readonly homework: readonly string[] }) {
  const drawn = drawnPlaces(shown.points, [first, last]).length;
  const inSight = shown.points.filter(
    ({ at }) => Date.parse(at) >= first && Date.parse(at) <= last,
  );
  return (
    <p className="mt-1 text-sm text-soft">
      {drawn < inSight.length && `Of ${inSight.length} visits the ${drawn} that stick out. `}
      Each visit with its interval; a diamond had a drill in it.
      {!isSpread && ' Plum: the levels it stood at. Green: wanted'}
      {homework.length > 0 && '; dots below: homework done'}
      {marks.length > 0 && '; dashed: another club or source of figures'}. Tap a visit to open it;
      pinch or drag for a part of it.
    </p>
  );
}

/** Returns the figure chosen, or what the words are about: where it stands or how it spreads, and what changed beside the player. */
function useShown(record: PlayerRecord, figure: string | null, isSpread: boolean) {
  const { followed, visits } = record;
  // What the words are about comes first.
  const chosen = followed.find((one) => one.figure === figure) ?? toldOf(followed);
  const shown = useMemo(
    () => (chosen === undefined || !isSpread ? chosen : spreadOf(chosen)),
    [chosen, isSpread],
  );
  const marks = useMemo(
    () => visitMarks(visits).map((mark) => ({ at: mark.at, text: markText(mark) })),
    [visits],
  );
  return { shown, marks };
}

/** A figure through the visits: what is shown, how much of it, and the chart. */
export function LongPanel({ player, answer, record, figure, onFigure }: LongPanelProps) {
  const [of, showOf] = useState<'middle' | 'spread'>('middle');
  const isSpread = of === 'spread';
  const [looked, look] = useState<readonly [number, number] | null>(null);
  const { followed } = record;
  const { shown, marks } = useShown(record, figure, isSpread);
  const { hand, lengthUnit: unit, name } = player;
  const picture = useCallback(
    () => ({
      shapes: shown === undefined ? [] : recordChart({ ...shown, hand, unit, marks, isSpread }),
      box: RECORD_CHART_BOX,
    }),
    [shown, hand, unit, marks, isSpread],
  );
  if (shown === undefined) return null;
  const label = followedLabel(shown.figure);
  const [from, to] = spanOf(shown.points);
  const choices = SEEN.filter(([days]) => days === 'all' || Number(days) * DAY_MS < to - from);
  const [first, last] = looked ?? [from, to];
  const see = (seen: Seen): void =>
    look(seen === 'all' ? null : [Math.max(from, to - Number(seen) * DAY_MS), to]);
  const isSeen = (days: Seen): boolean =>
    days === 'all' ? looked === null : last === to && first === to - Number(days) * DAY_MS;
  const sources = isSpread ? '' : sourceWords(shown, { hand, units: unitsOf(player) });
  return (
    <section aria-label={`${label} through the visits`} className="flex min-w-0 flex-col panel p-3">
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Segments
          legend="Figure"
          isLegendHidden
          value={shown.figure}
          options={followed.map((one) => [one.figure, followedLabel(one.figure)] as const)}
          onChange={onFigure}
        />
        <span className="ml-auto">
          <SavePicture picture={picture} file={`${name} ${label}`} />
        </span>
      </div>
      <Drawn
        {...{ player, record, answer, shown, isSpread, marks, label }}
        seen={[first, last]}
        onSee={(start, end) => look([start, end])}
      />
      <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
        <Segments legend="Shown" isLegendHidden value={of} options={OF} onChange={showOf} />
        {choices.length > 1 && (
          <Segments
            legend="Seen"
            isLegendHidden
            value={choices.find(([days]) => isSeen(days))?.[0] ?? 'part'}
            options={choices}
            onChange={see}
          />
        )}
      </div>
      {sources !== '' && <p className="mt-1">{sources}</p>}
      <Legend {...{ shown, marks, isSpread }} homework={doneDays(answer)} seen={[first, last]} />
    </section>
  );
}
