import { figureText } from '@loxos/core';
import type { ProofFigure, ReadBlock } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { useOwnDrills } from '../../../api/queries.ts';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { blockLabel } from '../lesson-work.ts';
import { wordingOf } from '../wording.ts';

const DASH = '–';
const COLUMNS: readonly (readonly [ProofFigure, string])[] = [
  ['faceAngleDeg', 'Face'],
  ['clubPathDeg', 'Path'],
  ['faceToPathDeg', 'Gap'],
  ['startDirectionDeg', 'Start'],
  ['curveM', 'Bend'],
  ['carryM', 'Carry'],
  ['strikeToeMm', 'Strike'],
];
const HEADS = ['Averages', 'Balls', ...COLUMNS.map(([, head]) => head)];

/** The averages of each block and club, over the balls that count; never of two clubs or blocks together. */
export function Averages({ lesson, reading }: { lesson: Lesson; reading: LessonReading }) {
  const own = useOwnDrills().data ?? [];
  const { units } = wordingOf(lesson.player);
  const withClub = reading.reading.groups.length > 1;
  const cellsOf = ({ figures, counted }: ReadBlock): string[] => [
    String(counted.length),
    ...COLUMNS.map(([figure]) => {
      const summary = figures[figure];
      return summary === undefined ? DASH : figureText(figure, summary.mean, units);
    }),
  ];
  return (
    <section
      aria-label="Averages"
      className="min-w-0 overflow-x-auto rounded-xl border border-line bg-sheet p-2"
      tabIndex={0}
    >
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            {HEADS.map((head) => (
              <th key={head} scope="col" className="px-2 py-1 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {reading.blocks.map((block) => (
            <tr key={block.key} className="border-t border-line/60">
              <th scope="row" className="px-2 py-1 font-semibold">
                {blockLabel(block, own, withClub)}
              </th>
              {cellsOf(block).map((cell, index) => (
                <td key={index} className="px-2 font-mono whitespace-nowrap">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
