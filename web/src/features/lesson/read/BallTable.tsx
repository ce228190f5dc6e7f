import { createColumnHelper, tableFeatures, useTable } from '@tanstack/react-table';
import {
  ballNote,
  findClub,
  formatNumber,
  formatSideAngle,
  formatSideLength,
  fromSi,
  leftOutWords,
  strikeText,
} from '@loxos/core';
import type { AngleStyle, BallView, LengthUnit } from '@loxos/core';
import { Pencil, SlidersHorizontal, Trash2 } from 'lucide-react';
import { useEffect, useMemo, useRef } from 'react';
import { Link } from 'react-router';
import type { Ball, Lesson } from '../../../api/client.ts';
import { useOutbox } from '../../../api/outbox.ts';
import { Glyph } from '../../../drawing/Glyph.tsx';
import { Button } from '../../../ui/Button.tsx';
import { workshopLink } from '../../../app/workshop-state.ts';
import { ballName, removeBall, toggleKeep } from '../ball-actions.ts';
import { describeImpact, titled } from '../describe.ts';
import { useLessonScreen } from '../lesson-store.ts';

interface BallTableProps {
  readonly lesson: Lesson;
  readonly views: readonly BallView[];
  readonly chosen: BallView | null;
}

interface Row {
  readonly view: BallView;
  readonly ball: Ball;
}

const features = tableFeatures({});
const helper = createColumnHelper<typeof features, Row>();
const DASH = '–';

const angle = (value: number | null | undefined, style: AngleStyle): string =>
  value === null || value === undefined ? DASH : formatSideAngle(value, style);

/** A face or path read backwards from the ball is marked as not measured. */
const clubAngle = (view: BallView, value: number | null, style: AngleStyle): string =>
  view.inferred ? `~${angle(value, style)}` : angle(value, style);

function columnsFor(lesson: Lesson, withStrike: boolean) {
  const { hand, angleStyle: style, lengthUnit: unit } = lesson.player;
  const side = (value: number | undefined, of: LengthUnit): string =>
    value === undefined
      ? DASH
      : formatSideLength(value, of).replace('right', 'R').replace('left', 'L');
  return helper.columns([
    helper.display({
      id: 'ball',
      header: 'Ball',
      cell: ({ row: { original } }) => (
        <span className="flex items-center gap-1">
          <span className="w-6 text-right font-mono">{original.ball.ordinal}</span>
          <Glyph
            angles={{
              faceAngleDeg: original.view.faceAngleDeg,
              clubPathDeg: original.view.clubPathDeg,
              startDirectionDeg: original.view.start?.value ?? null,
            }}
            title={describeImpact(original.view, hand, style)}
          />
        </span>
      ),
    }),
    helper.display({
      id: 'name',
      header: 'Shot',
      cell: ({ row: { original } }) => <NameCell row={original} />,
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
    helper.accessor(({ view }) => angle(view.start?.value, style), {
      id: 'start',
      header: 'Start',
    }),
    helper.accessor(({ view }) => side(view.curve?.value, unit), { id: 'bend', header: 'Bend' }),
    helper.accessor(
      ({ view }) => (view.carry === null ? DASH : formatNumber(fromSi(view.carry.value, unit), 0)),
      { id: 'carry', header: `Carry ${unit}` },
    ),
    ...(withStrike
      ? [
          helper.accessor(
            ({ ball }) => (ball.strikeToeMm == null ? DASH : strikeText(ball.strikeToeMm)),
            {
              id: 'strike',
              header: 'Strike',
            },
          ),
        ]
      : []),
  ]);
}

function NameCell({ row: { view, ball } }: { row: Row }) {
  const waiting = useOutbox((state) =>
    state.entries.some((entry) => 'ballId' in entry && entry.ballId === ball.id),
  );
  const note = view.counts ? '' : `left out: ${leftOutWords(view.leftOut ?? 'coach')}`;
  const origin = ball.seen === 'eye' ? 'by eye' : view.inferred ? 'inferred' : '';
  return (
    <span className="block min-w-24">
      <span className={view.counts ? 'font-semibold' : 'text-soft line-through'}>
        {view.name === null ? 'No start or bend' : titled(view.name.name)}
      </span>
      <span className="block text-sm text-soft">
        {[findClub(ball.club)?.label ?? ball.clubText ?? '', origin].filter(Boolean).join(' · ')}
      </span>
      {note !== '' && <span className="block text-sm text-look">▲ {note}</span>}
      {waiting && <span className="block text-sm font-semibold text-look">not yet stored</span>}
    </span>
  );
}

function RowActions({ row: { view, ball }, unit }: { row: Row; unit: LengthUnit }) {
  const openForm = useLessonScreen((state) => state.openForm);
  return (
    <div className="flex flex-wrap items-center justify-end gap-2 border-t border-line p-2">
      <span className="mr-auto">
        <span className="font-semibold">{ballName(ball)}</span>
        {ballNote(view) !== '' && <span className="block text-look">▲ {ballNote(view)}</span>}
      </span>
      {view.delivery !== null && (
        <Link
          to={workshopLink(view.delivery.delivery, ball.club ?? '7-iron', unit)}
          className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-line bg-sheet px-4 font-semibold hover:border-ink"
        >
          <SlidersHorizontal aria-hidden size={16} /> What if
        </Link>
      )}
      <Button onClick={() => toggleKeep(ball, view)}>
        {view.counts ? 'Leave out' : 'Keep in'}
      </Button>
      <Button onClick={() => openForm(ball.id)}>
        <Pencil aria-hidden size={16} /> Edit
      </Button>
      <Button onClick={() => removeBall(ball)}>
        <Trash2 aria-hidden size={16} /> Delete
      </Button>
    </div>
  );
}

/** Every ball with its slant, name and figures. Choose one by a tap, J and K, or the arrows. */
export function BallTable({ lesson, views, chosen }: BallTableProps) {
  const { choose, behindIds, chosenId } = useLessonScreen();
  const withStrike = views.some(({ ball }) => ball.strikeToeMm !== null);
  const columns = useMemo(() => columnsFor(lesson, withStrike), [lesson, withStrike]);
  const data = useMemo(() => {
    const balls = new Map(lesson.balls.map((ball) => [ball.id, ball]));
    return views.flatMap((view) => {
      const ball = balls.get(view.id);
      return ball === undefined ? [] : [{ view, ball }];
    });
  }, [lesson.balls, views]);
  const table = useTable({ features, columns, data });
  const current = useRef<HTMLTableRowElement>(null);
  // Only a ball the coach chose comes into view: opening the page must not scroll it.
  useEffect(() => {
    if (chosenId !== null) current.current?.scrollIntoView({ block: 'nearest' });
  }, [chosenId]);
  const chosenRow = data.find(({ ball }) => ball.id === chosen?.id);
  return (
    <section
      aria-label="Balls"
      className="self-start overflow-hidden rounded-xl border border-line bg-sheet"
    >
      <div
        className="max-h-[56vh] overflow-auto"
        tabIndex={0}
        role="region"
        aria-label="Table of balls"
      >
        <table className="w-full text-left">
          <thead className="sticky top-0 bg-sheet text-sm text-soft">
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map((header) => (
                  <th
                    key={header.id}
                    scope="col"
                    className="border-b border-line px-1.5 py-1 font-semibold"
                  >
                    <table.FlexRender header={header} />
                  </th>
                ))}
              </tr>
            ))}
          </thead>
          <tbody>
            {table.getRowModel().rows.map((row) => {
              const { id } = row.original.ball;
              const isChosen = id === chosen?.id;
              const behind = behindIds.includes(id);
              return (
                <tr
                  key={id}
                  ref={isChosen ? current : null}
                  aria-selected={isChosen}
                  onClick={() => choose(id)}
                  className={`cursor-pointer border-b border-line/60 align-top ${isChosen ? 'bg-wash' : behind ? 'bg-line/40' : 'hover:bg-line/25'}`}
                >
                  {row.getAllCells().map((cell) => (
                    <td
                      key={cell.id}
                      className={`px-1.5 py-1.5 ${cell.column.id === 'name' ? '' : 'font-mono text-[0.9rem] whitespace-nowrap'}`}
                    >
                      {cell.column.id === 'ball' ? (
                        <button
                          type="button"
                          aria-label={`Choose ball ${row.original.ball.ordinal}`}
                          aria-pressed={isChosen}
                          onClick={() => choose(id)}
                        >
                          <table.FlexRender cell={cell} />
                        </button>
                      ) : (
                        <table.FlexRender cell={cell} />
                      )}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {chosenRow !== undefined && <RowActions row={chosenRow} unit={lesson.player.lengthUnit} />}
    </section>
  );
}
