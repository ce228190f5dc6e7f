import { faceWord, formatSideAngle, pathWord } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { useRef } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { Drawing } from '../../drawing/Drawing.tsx';
import { IMPACT_VIEW, PLAN_TIMES, impactPlan } from '../../drawing/impact-plan.ts';
import { drawnAngle } from '../../drawing/marks.ts';
import { polar } from '../../drawing/shape.ts';
import { DIALS } from '../../app/workshop-state.ts';

const KEY_STEP_DEG = 0.5;
type Angle = 'faceAngleDeg' | 'clubPathDeg';

interface PlanEditorProps {
  readonly hand: Hand;
  readonly faceAngleDeg: number;
  readonly clubPathDeg: number;
  readonly startDirectionDeg: number;
  readonly onMove: (field: Angle, value: number) => void;
}

const clampTo = (field: Angle, value: number): number =>
  Math.max(DIALS[field].min, Math.min(DIALS[field].max, Math.round(value * 10) / 10));

/** Returns the angle of a point of the plan as dragged: the bar is square to where it points. */
export function draggedAngleDeg(field: Angle, x: number, y: number): number {
  const degrees = (radians: number): number => (radians * 180) / Math.PI;
  const [dx, dy] = y > 0 && field === 'clubPathDeg' ? [-x, -y] : [x, y];
  const drawn =
    field === 'clubPathDeg'
      ? degrees(Math.atan2(dx, -dy))
      : degrees(x >= 0 ? Math.atan2(y, x) : Math.atan2(-y, -x));
  return clampTo(field, drawn / PLAN_TIMES);
}

const line = (angle: number, from: number, to: number): string => {
  const [a, b] = [polar(angle, from), polar(angle, to)];
  return `M${a.x} ${a.y}L${b.x} ${b.y}`;
};

interface HandleProps {
  readonly field: Angle;
  readonly value: number;
  readonly words: string;
  /** Where it is taken hold of. */
  readonly d: string;
  readonly onMove: PlanEditorProps['onMove'];
  readonly onDrag: (event: PointerEvent<SVGElement>) => void;
}

/** What a finger or a key takes hold of: wider than what is seen. */
function Handle({ field, value, words, d, onMove, onDrag }: HandleProps) {
  const keys = (event: KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(field, clampTo(field, value + by * KEY_STEP_DEG));
  };
  return (
    <path
      d={d}
      tabIndex={0}
      role="slider"
      aria-label={DIALS[field].label}
      aria-valuenow={value}
      aria-valuemin={DIALS[field].min}
      aria-valuemax={DIALS[field].max}
      aria-valuetext={`${formatSideAngle(value)} ${words}`}
      onPointerDown={onDrag}
      onPointerMove={onDrag}
      onKeyDown={keys}
      stroke="transparent"
      strokeWidth={44}
      strokeLinecap="round"
      className="cursor-grab touch-none focus-visible:stroke-look/40 active:cursor-grabbing"
    />
  );
}

/** The impact plan with a bar and a needle that can be taken hold of, by pointer or keys. */
export function PlanEditor({
  hand,
  faceAngleDeg,
  clubPathDeg,
  startDirectionDeg,
  onMove,
}: PlanEditorProps) {
  const svg = useRef<SVGSVGElement>(null);
  const shapes = impactPlan({ hand, faceAngleDeg, clubPathDeg, startDirectionDeg }, 'letters');

  const drag = (field: Angle) => (event: PointerEvent<SVGElement>) => {
    if (event.type === 'pointerdown') event.currentTarget.setPointerCapture(event.pointerId);
    else if (event.buttons === 0) return;
    const matrix = svg.current?.getScreenCTM()?.inverse();
    if (matrix === undefined) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    onMove(field, draggedAngleDeg(field, at.x, at.y));
  };
  const handle = (field: Angle, value: number, words: string, d: string) => (
    <Handle {...{ field, value, words, d, onMove }} onDrag={drag(field)} />
  );
  const path = drawnAngle(clubPathDeg, PLAN_TIMES);
  const face = drawnAngle(faceAngleDeg, PLAN_TIMES);
  return (
    <Drawing
      ref={svg}
      shapes={shapes}
      box={IMPACT_VIEW}
      title="The plan: drag the bar and the needle"
      className="max-h-[46vh] w-full select-none"
    >
      {handle(
        'clubPathDeg',
        clubPathDeg,
        pathWord(clubPathDeg, hand),
        `${line(path, 40, 140)}${line(path, -140, -40)}`,
      )}
      {handle('faceAngleDeg', faceAngleDeg, faceWord(faceAngleDeg, hand), line(face + 90, -56, 56))}
    </Drawing>
  );
}
