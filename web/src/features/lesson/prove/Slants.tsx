import type { ReadBlock } from '@loxos/core';
import type { Player } from '../../../api/client.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { IMPACT_VIEW, impactPlan } from '../../../drawing/impact-plan.ts';

/** The average slant of each block, side by side. */
export function Slants({
  blocks,
  labels,
  player,
}: {
  blocks: readonly [ReadBlock, ReadBlock];
  labels: readonly [string, string];
  player: Player;
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {blocks.map(({ figures, counted, balls }, index) => {
        const angles = {
          faceAngleDeg: figures.faceAngleDeg?.mean ?? null,
          clubPathDeg: figures.clubPathDeg?.mean ?? null,
          startDirectionDeg: figures.startDirectionDeg?.mean ?? null,
        };
        const out = balls.length - counted.length;
        return (
          <figure key={index} className="rounded-xl border border-line bg-sheet p-2">
            <Drawing
              shapes={impactPlan({ hand: player.hand, ...angles }, player.angleStyle)}
              box={IMPACT_VIEW}
              title={`Average of ${labels[index]!}`}
              className="max-h-[36vh] w-full"
            />
            <figcaption className="text-sm text-soft">
              {labels[index]}: {counted.length} balls{out > 0 && `, ${out} left out`}
            </figcaption>
          </figure>
        );
      })}
    </div>
  );
}
