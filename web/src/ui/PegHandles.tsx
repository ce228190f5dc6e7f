import { handSign, pathOfPegDeg } from '@loxos/core';
import type { Hand, Layout, StationPart } from '@loxos/core';
import { useRef } from 'react';
import type { PointerEvent } from 'react';
import type { StationPlan } from '../drawing/station-plan.ts';

/** Pegs nearer to the ball than this say nothing of a path, m. */
const LEAST_M = 0.1;
/** Pegs past the break say where the ball starts, m. */
const FAR_M = 1.4;
const MOST_DEG = 12;

/** Returns the path a peg asks for where the pointer has it, degrees in-to-out, to half a degree. */
export function draggedPathDeg(alongM: number, rightM: number, hand: Hand): number {
  const way = alongM < 0 ? -1 : 1;
  const deg = pathOfPegDeg(way * alongM, way * rightM * handSign(hand));
  return Math.max(-MOST_DEG, Math.min(MOST_DEG, Math.round(2 * deg) / 2)) + 0;
}

/** Returns whether a part is a peg that says something of the path. */
export const isPathPeg = ({ kind, alongM }: StationPart): boolean =>
  kind === 'peg' && Math.abs(alongM) >= LEAST_M && Math.abs(alongM) < FAR_M;

/** Returns how far a peg stands off the path it asks for, m right: pegs side by side make a channel, the path its middle. */
export function offPathM(peg: StationPart, pegs: readonly StationPart[]): number {
  const abreast = pegs.filter(({ alongM }) => alongM === peg.alongM);
  return peg.rightM - abreast.reduce((sum, { rightM }) => sum + rightM, 0) / abreast.length;
}

interface PegHandlesProps {
  readonly layout: Layout;
  readonly plan: StationPlan;
  readonly hand: Hand;
  readonly onPath: (pathDeg: number) => void;
  /** The peg was let go. */
  readonly onPathEnd?: (() => void) | undefined;
}

/** What lies over the pegs, to drag them by. */
export function PegHandles({ layout, plan, hand, onPath, onPathEnd }: PegHandlesProps) {
  const dragged = useRef<{ readonly alongM: number; readonly offM: number } | null>(null);
  const move = (event: PointerEvent<SVGCircleElement>): void => {
    const part = dragged.current;
    const svg = event.currentTarget.ownerSVGElement;
    const matrix = svg?.getScreenCTM();
    if (part === null || matrix == null) return;
    const { x } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onPath(draggedPathDeg(part.alongM, x / plan.scale - part.offM, hand));
  };
  const letGo = (): void => {
    dragged.current = null;
    onPathEnd?.();
  };
  const pegs = layout.parts.filter(isPathPeg);
  return pegs.map((part, index) => {
    const at = plan.place(part);
    return (
      <circle
        key={index}
        cx={at.x}
        cy={at.y}
        r={18}
        fill="transparent"
        className="cursor-ew-resize touch-none"
        onPointerDown={(event) => {
          dragged.current = { alongM: part.alongM, offM: offPathM(part, pegs) };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={move}
        onPointerUp={letGo}
        onPointerCancel={letGo}
      />
    );
  });
}
