import { ballNote, clubKeyOf, leftOutWords } from '@loxos/core';
import type { BallView, LengthUnit, ReadBlock } from '@loxos/core';
import { ListChecks, Pencil, SlidersHorizontal, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { useOwnDrills } from '../../../api/queries.ts';
import { workshopLink } from '../../../app/workshop-state.ts';
import { Button } from '../../../ui/Button.tsx';
import { DataTable } from '../../../ui/DataTable.tsx';
import { ballName, removeBall, toggleKeep } from '../ball-actions.ts';
import { useLessonScreen } from '../lesson-store.ts';
import { blockLabel } from '../lesson-work.ts';
import { wordingOf } from '../wording.ts';
import { AverageRow, columnsFor } from './columns.tsx';
import type { BallRow } from './columns.tsx';
import { MoveBar } from './MoveBar.tsx';

interface BallTableProps {
  readonly lesson: Lesson;
  readonly views: readonly BallView[];
  readonly blocks: readonly ReadBlock[];
  readonly chosen: BallView | null;
}

/** Blocks whose averages stand under the balls; more would hide the balls. */
const MOST_AVERAGES = 4;

function RowActions({ row: { view, ball }, unit }: { row: BallRow; unit: LengthUnit }) {
  const { openForm, select } = useLessonScreen();
  const notes = [
    view.counts ? '' : `left out: ${leftOutWords(view.leftOut ?? 'coach')}`,
    ballNote(view),
  ].filter(Boolean);
  return (
    <div className="border-t border-line p-1.5">
      <p className="px-1">
        <b>{ballName(ball)}</b>
        {notes.length > 0 && <span className="text-look"> ▲ {notes.join('; ')}</span>}
      </p>
      <div className="flex flex-wrap gap-1">
        {view.delivery !== null && (
          <Link
            to={workshopLink(view.delivery.delivery, ball.club ?? '7-iron', unit, ball.lessonId)}
            className="inline-flex min-h-11 items-center gap-2 rounded-lg px-3 font-semibold hover:bg-line/40"
          >
            <SlidersHorizontal aria-hidden size={16} /> What if
          </Link>
        )}
        <Button look="quiet" className="px-3!" onClick={() => toggleKeep(ball, view)}>
          {view.counts ? 'Leave out' : 'Keep in'}
        </Button>
        <Button look="quiet" className="px-3!" onClick={() => openForm(ball.id)}>
          <Pencil aria-hidden size={16} /> Edit
        </Button>
        <Button look="quiet" className="px-3!" onClick={() => removeBall(ball)}>
          <Trash2 aria-hidden size={16} /> Delete
        </Button>
        <Button look="quiet" className="ml-auto px-3!" onClick={() => select([ball.id])}>
          <ListChecks aria-hidden size={16} /> Select
        </Button>
      </div>
    </div>
  );
}

/** Returns the rows between two balls, both ends in. */
function rangeOf(rows: readonly BallRow[], from: string, to: string): string[] {
  const ids = rows.map(({ ball }) => ball.id);
  const [a, b] = [ids.indexOf(from), ids.indexOf(to)].sort((x, y) => x - y) as [number, number];
  return a < 0 ? [to] : ids.slice(a, b + 1);
}

/** Returns the balls that are there, each with its reading. */
function useRows(lesson: Lesson, views: readonly BallView[]): readonly BallRow[] {
  return useMemo(() => {
    const balls = new Map(lesson.balls.map((ball) => [ball.id, ball]));
    return views.flatMap((view): BallRow[] => {
      const ball = balls.get(view.id);
      return ball === undefined ? [] : [{ view, ball }];
    });
  }, [lesson.balls, views]);
}

/** Every ball with its slant, name and figures, and the averages. Choose one by a tap, J and K, or the arrows. */
export function BallTable({ lesson, views, blocks, chosen }: BallTableProps) {
  const { choose, select, behindIds, chosenId, selectedIds } = useLessonScreen();
  const own = useOwnDrills().data ?? [];
  const withStrike = views.some(({ ball }) => ball.strikeToeMm !== null);
  const withClub = new Set(views.map(({ ball }) => clubKeyOf(ball))).size > 1;
  const columns = useMemo(
    () => columnsFor({ lesson, withStrike, withClub }),
    [lesson, withStrike, withClub],
  );
  const rows = useRows(lesson, views);
  const chosenRow = rows.find(({ ball }) => ball.id === chosen?.id);
  const { units } = wordingOf(lesson.player);
  const onChoose = ({ ball: { id } }: BallRow, { shiftKey }: { readonly shiftKey: boolean }) => {
    const from = selectedIds?.at(-1) ?? chosenId;
    if (shiftKey && from !== null) return select(rangeOf(rows, from, id));
    if (selectedIds === null) choose(id);
  };
  return (
    <section
      id="balls"
      aria-label="Balls"
      className="flex min-w-0 flex-col overflow-hidden panel lg:max-h-[calc(100vh-10.5rem)]"
    >
      <DataTable
        label="Table of balls"
        className="max-h-[60vh] min-h-0 flex-1 lg:max-h-none"
        columns={columns}
        rows={rows}
        keyOf={({ ball }) => ball.id}
        toneOf={({ ball: { id } }) =>
          (selectedIds?.includes(id) ?? id === chosen?.id)
            ? 'chosen'
            : behindIds.includes(id)
              ? 'pointed'
              : 'plain'
        }
        onChoose={onChoose}
        inView={chosenId}
        foot={blocks.slice(-MOST_AVERAGES).map((block) => (
          <AverageRow
            key={block.key}
            block={block}
            label={blockLabel(block, own, withClub)}
            units={units}
            withStrike={withStrike}
          />
        ))}
      />
      {selectedIds !== null ? (
        <MoveBar lesson={lesson} own={own} />
      ) : (
        chosenRow !== undefined && <RowActions row={chosenRow} unit={lesson.player.lengthUnit} />
      )}
    </section>
  );
}
