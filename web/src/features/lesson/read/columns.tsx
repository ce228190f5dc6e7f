import { createColumnHelper } from '@tanstack/react-table';
import {
  figureText,
  findClub,
  formatNumber,
  formatSideAngle,
  fromSi,
  isBendOpen,
  isByEye,
  isStartOpen,
  sideOnlyFigures,
  strikeText,
  surenessOf,
} from '@loxos/core';
import type {
  AngleStyle,
  BallView,
  DisplayUnits,
  LengthUnit,
  ProofFigure,
  ReadBlock,
} from '@loxos/core';
import type { Ball, Lesson } from '../../../api/client.ts';
import { useLog } from '../../../sync/log.ts';
import { stepsOf } from '../../../sync/pending.ts';
import { Glyph } from '../../../drawing/Glyph.tsx';
import type { TableFeatures } from '../../../ui/DataTable.tsx';
import { describeImpact, titled } from '../describe.ts';
import { useLessonScreen } from '../lesson-store.ts';

/** A ball with what was read of it. */
export interface BallRow {
  readonly view: BallView;
  readonly ball: Ball;
}

const helper = createColumnHelper<TableFeatures, BallRow>();
const DASH = '–';

const angle = (value: number | null | undefined, style: AngleStyle, digits = 1): string =>
  value === null || value === undefined ? DASH : formatSideAngle(value, style, digits);

/** Returns a figure as an eye sees it: no tenths. */
const digitsOf = ({ ball }: BallView): number => (isByEye(ball) ? 0 : 1);

/** A face or path read backwards from the ball is marked as not measured. */
function clubAngle(view: BallView, value: number | null, style: AngleStyle): string {
  if (!view.inferred) return angle(value, style);
  return surenessOf(view.ball) === 'side' ? DASH : `~${angle(value, style, digitsOf(view))}`;
}

/** A side nobody gave a size. */
const sideText = (value: number | undefined): string => ((value ?? 0) < 0 ? 'L' : 'R');

function BallCell({ row: { view, ball }, lesson }: { row: BallRow; lesson: Lesson }) {
  const { choose, selectedIds, select, chosenId } = useLessonScreen();
  const { hand, angleStyle } = lesson.player;
  if (selectedIds !== null) {
    const isSelected = selectedIds.includes(ball.id);
    const toggle = (): void =>
      select(isSelected ? selectedIds.filter((id) => id !== ball.id) : [...selectedIds, ball.id]);
    return (
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="size-5" checked={isSelected} onChange={toggle} />
        <span className="sr-only">Select ball</span> {ball.ordinal}
      </label>
    );
  }
  return (
    <button
      type="button"
      aria-label={`Choose ball ${ball.ordinal}`}
      aria-pressed={ball.id === chosenId}
      onClick={() => choose(ball.id)}
      className="flex min-h-11 items-center gap-1"
    >
      <span className="w-6 text-right">{ball.ordinal}</span>
      <Glyph
        angles={{
          faceAngleDeg: view.faceAngleDeg,
          clubPathDeg: view.clubPathDeg,
          startDirectionDeg: view.start?.value ?? null,
        }}
        title={describeImpact(view, hand, angleStyle)}
      />
    </button>
  );
}

function NameCell({ row: { view, ball }, withClub }: { row: BallRow; withClub: boolean }) {
  const waiting = useLog(({ entries }) =>
    stepsOf(entries.map(({ change }) => change)).some(({ id }) => id === ball.id),
  );
  const origin = isByEye(view.ball) ? 'by eye' : view.inferred ? 'inferred' : '';
  const club = withClub ? (findClub(ball.club)?.label ?? ball.clubText ?? 'no club named') : '';
  const out = view.counts ? '' : ball.keep === 'shown' ? 'shown' : 'left out';
  const seen = [ball.contact ?? '', ball.note];
  const small = [out, waiting ? 'not yet stored' : '', club, origin, ...seen]
    .filter(Boolean)
    .join(' · ');
  return (
    <span className="block font-sans leading-tight">
      <span className={view.counts ? 'font-semibold' : 'text-soft line-through'}>
        {view.name === null ? 'No start or bend' : titled(view.name.name)}
      </span>
      {small !== '' && <span className="block text-sm text-soft">{small}</span>}
    </span>
  );
}

/** `29 R`: the unit stands in the head. */
function bendText(valueM: number | undefined, unit: LengthUnit): string {
  if (valueM === undefined) return DASH;
  const text = formatNumber(Math.abs(fromSi(valueM, unit)), 0);
  return text === '0' ? text : `${text} ${valueM < 0 ? 'L' : 'R'}`;
}

export interface ColumnsFor {
  readonly lesson: Lesson;
  readonly withStrike: boolean;
  readonly withClub: boolean;
}

/** Returns the columns of the balls: the strike only when there is one, the club only when there are several. */
export function columnsFor({ lesson, withStrike, withClub }: ColumnsFor) {
  const { angleStyle: style, lengthUnit: unit } = lesson.player;
  return helper.columns([
    helper.display({
      id: 'ball',
      header: 'Ball',
      cell: ({ row: { original } }) => <BallCell row={original} lesson={lesson} />,
    }),
    helper.display({
      id: 'name',
      header: 'Shot',
      cell: ({ row: { original } }) => <NameCell row={original} withClub={withClub} />,
    }),
    helper.accessor(({ view }) => clubAngle(view, view.faceAngleDeg, style), {
      id: 'face',
      header: 'Face',
    }),
    helper.accessor(({ view }) => clubAngle(view, view.clubPathDeg, style), {
      id: 'path',
      header: 'Path',
    }),
    helper.accessor(({ view }) => clubAngle(view, view.faceToPathDeg, style), {
      id: 'gap',
      header: 'Gap',
    }),
    helper.accessor(
      ({ view }) =>
        isStartOpen(view.ball)
          ? sideText(view.start?.value)
          : angle(view.start?.value, style, digitsOf(view)),
      { id: 'start', header: 'Start' },
    ),
    helper.accessor(
      ({ view }) =>
        isBendOpen(view.ball) ? sideText(view.curve?.value) : bendText(view.curve?.value, unit),
      { id: 'bend', header: `Bend ${unit}` },
    ),
    helper.accessor(
      ({ view }) => (view.carry === null ? DASH : formatNumber(fromSi(view.carry.value, unit), 0)),
      { id: 'carry', header: `Carry ${unit}` },
    ),
    ...(withStrike
      ? [
          helper.accessor(
            ({ ball }) => (ball.strikeToeMm == null ? DASH : strikeText(ball.strikeToeMm)),
            { id: 'strike', header: 'Strike' },
          ),
        ]
      : []),
  ]);
}

const AVERAGED: readonly ProofFigure[] = [
  'faceAngleDeg',
  'clubPathDeg',
  'faceToPathDeg',
  'startDirectionDeg',
  'curveM',
  'carryM',
];

/** Returns an average as its column shows the balls': of an eye's in whole degrees. */
function averageText(
  figure: ProofFigure,
  mean: number,
  units: DisplayUnits,
  isByEyeAlone: boolean,
): string {
  if (isByEyeAlone && figure.endsWith('Deg')) {
    const text = formatSideAngle(mean, units.angle, 0);
    return figure === 'startDirectionDeg' ? text : `~${text}`;
  }
  if (figure === 'curveM') return bendText(mean, units.length);
  if (figure === 'carryM') return formatNumber(fromSi(mean, units.length), 0);
  return figureText(figure, mean, units);
}

/** The averages of a block and club, over the counted balls, under the columns of the balls. */
export function AverageRow({
  block,
  label,
  units,
  withStrike,
}: {
  block: ReadBlock;
  label: string;
  units: DisplayUnits;
  withStrike: boolean;
}) {
  const balls = block.counted.map(({ ball }) => ball);
  const sideOnly = sideOnlyFigures(balls);
  const isByEyeAlone = balls.every(isByEye);
  const figures = withStrike ? [...AVERAGED, 'strikeToeMm' as const] : AVERAGED;
  return (
    <tr className="border-t border-line">
      <th scope="row" colSpan={2} className="px-1 py-1 text-left font-sans leading-tight">
        {label} <span className="font-normal text-soft">average of {block.counted.length}</span>
      </th>
      {figures.map((figure) => {
        const summary = block.figures[figure];
        return (
          <td key={figure} className="px-1 font-semibold whitespace-nowrap">
            {summary === undefined || sideOnly.has(figure)
              ? DASH
              : averageText(figure, summary.mean, units, isByEyeAlone)}
          </td>
        );
      })}
    </tr>
  );
}
