import { surenessOfAll } from '@loxos/core';
import type { ReadBlock } from '@loxos/core';
import type { Player } from '../../../api/client.ts';
import { IMPACT_VIEW, impactPlan } from '../../../drawing/impact-plan.ts';
import { Figure } from '../../../ui/Figure.tsx';

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
          <Figure
            key={index}
            shapes={impactPlan(
              { hand: player.hand, ...angles },
              player.angleStyle,
              surenessOfAll(counted.map(({ ball }) => ball)),
            )}
            box={IMPACT_VIEW}
            title={`Average of ${labels[index]!}`}
            caption={`${labels[index]}: ${counted.length} balls${out > 0 ? `, ${out} left out` : ''}`}
            file={index === 0 ? 'before' : 'after'}
            drawingClass="max-h-[36vh] w-full"
          />
        );
      })}
    </div>
  );
}
