import type { ClubKind, Hand } from '@loxos/core';
import { memo, useRef } from 'react';
import type { PointerEvent } from 'react';
import { DIALS } from '../../app/workshop-state.ts';

/** Half the face, mm: across and up (common practice, no source). */
const HALF_FACE_MM: Readonly<Record<ClubKind, readonly [number, number]>> = {
  driver: [52, 28],
  fairway: [44, 19],
  hybrid: [38, 18],
  iron: [36, 22],
  wedge: [36, 25],
};

interface StrikeFaceProps {
  readonly hand: Hand;
  readonly kind: ClubKind;
  readonly strikeToeMm: number;
  readonly strikeHighMm: number;
  readonly onMove: (changes: {
    readonly strikeToeMm: number;
    readonly strikeHighMm: number;
  }) => void;
}

const within = (field: 'strikeToeMm' | 'strikeHighMm', value: number): number =>
  Math.max(DIALS[field].min, Math.min(DIALS[field].max, Math.round(value)));

/** Returns the face's edge: a wood's is round, an iron's has a flat sole, a low heel and a high toe. */
function faceOutline(kind: ClubKind, toeSide: 1 | -1): string {
  const [w, h] = HALF_FACE_MM[kind];
  if (kind === 'iron' || kind === 'wedge') {
    const x = (share: number): number => toeSide * w * share;
    return `M${x(-1)} ${h * 0.75}L${x(-0.95)} ${h * 0.1}L${x(0.55)} ${-h}Q${x(1.02)} ${-h} ${x(1)} ${-h * 0.3}L${x(0.92)} ${h * 0.75}Q${x(0.88)} ${h} ${x(0.7)} ${h}L${x(-0.8)} ${h}Z`;
  }
  return `M${-w} ${h * 0.5}Q${-w} ${-h} 0 ${-h}Q${w} ${-h} ${w} ${h * 0.5}Q${w * 0.8} ${h} 0 ${h}Q${-w * 0.8} ${h} ${-w} ${h * 0.5}Z`;
}

/** A word in the corner of a side. */
const Word = ({ side, children }: { side: number; children: string }) => (
  <text
    x={side * 61}
    y={29}
    fontSize={7}
    textAnchor={side < 0 ? 'start' : 'end'}
    fill="var(--soft)"
  >
    {children}
  </text>
);

/** The face as the ball sees it: touch where it was struck. A right-hander's toe is at the left of it. */
export const StrikeFace = memo(function StrikeFace({
  hand,
  kind,
  strikeToeMm,
  strikeHighMm,
  onMove,
}: StrikeFaceProps) {
  const svg = useRef<SVGSVGElement>(null);
  const [halfWide, halfHigh] = HALF_FACE_MM[kind];
  const toeSide = hand === 'right' ? -1 : 1;
  const take = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const matrix = svg.current?.getScreenCTM()?.inverse();
    if (matrix === undefined) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    onMove({
      strikeToeMm: within('strikeToeMm', at.x * toeSide),
      strikeHighMm: within('strikeHighMm', -at.y),
    });
  };
  const outline = faceOutline(kind, toeSide);
  return (
    <svg
      ref={svg}
      viewBox="-64 -32 128 64"
      role="img"
      aria-label={`Strike ${Math.abs(strikeToeMm)} mm towards the ${strikeToeMm < 0 ? 'heel' : 'toe'}, ${Math.abs(strikeHighMm)} mm ${strikeHighMm < 0 ? 'low' : 'high'}`}
      onPointerDown={take}
      onPointerMove={take}
      className="w-full cursor-crosshair touch-none rounded-lg border border-line bg-sheet"
    >
      <path d={outline} fill="var(--paper)" stroke="var(--face)" strokeWidth={1.4} />
      <path
        d={`M0 ${-halfHigh}L0 ${halfHigh}M${-halfWide} 0L${halfWide} 0`}
        stroke="var(--line)"
        strokeWidth={0.6}
      />
      <Word side={toeSide}>toe</Word>
      <Word side={-toeSide}>heel</Word>
      <circle
        cx={toeSide * strikeToeMm}
        cy={-strikeHighMm}
        r={7}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <circle cx={toeSide * strikeToeMm} cy={-strikeHighMm} r={1.6} fill="var(--ink)" />
    </svg>
  );
});
