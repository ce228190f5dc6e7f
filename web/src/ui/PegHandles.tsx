import { draggedPathDeg, isPathPeg, offPathM } from '@loxos/core';
import type { Hand, Layout } from '@loxos/core';
import { useRef } from 'react';
import type { PointerEvent } from 'react';
import type { StationPlan } from '../drawing/station-plan.ts';

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
    const rightM = x / plan.scale - part.offM;
    onPath(draggedPathDeg({ alongM: part.alongM, rightM }, hand));
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
