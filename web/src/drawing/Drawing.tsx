import { memo } from 'react';
import type { ReactNode, Ref } from 'react';
import { HALO_SHARE } from './shape.ts';
import type { Box, Ink, Shape } from './shape.ts';

const colour = (ink: Ink | undefined): string =>
  ink === undefined || ink === 'none' ? 'none' : `var(--${ink})`;

function ShapeMark({ shape }: { shape: Shape }) {
  if (shape.kind === 'text') {
    return (
      <text
        x={shape.x}
        y={shape.y}
        fontSize={shape.size}
        textAnchor={shape.anchor ?? 'start'}
        fill={colour(shape.fill ?? 'ink')}
        stroke="var(--sheet)"
        strokeWidth={shape.size * HALO_SHARE}
        strokeLinejoin="round"
        paintOrder="stroke"
      >
        {shape.text}
      </text>
    );
  }
  const paint = {
    fill: colour(shape.fill),
    stroke: colour(shape.stroke),
    strokeWidth: shape.width,
    opacity: shape.opacity,
  };
  if (shape.kind === 'circle') return <circle cx={shape.x} cy={shape.y} r={shape.r} {...paint} />;
  return <path d={shape.d} strokeDasharray={shape.dash} strokeLinecap="round" {...paint} />;
}

interface DrawingProps {
  readonly shapes: readonly Shape[];
  /** Shapes over those, which change more often. */
  readonly over?: readonly Shape[];
  readonly box: Box;
  /** What it shows, in words, for those who cannot see it. */
  readonly title: string;
  readonly className?: string;
  /** What lies over the shapes, such as handles to drag. */
  readonly children?: ReactNode;
  readonly ref?: Ref<SVGSVGElement>;
}

/** The same shapes are not gone through again: a lesson of thousands of flights is one picture under the one looked at. */
const Marks = memo(function Marks({ shapes }: { shapes: readonly Shape[] }) {
  return shapes.map((shape, index) => <ShapeMark key={index} shape={shape} />);
});

const NONE: readonly Shape[] = [];

/** Shapes as an SVG picture. */
export function Drawing({
  shapes,
  over = NONE,
  box,
  title,
  className,
  children,
  ref,
}: DrawingProps) {
  const viewBox = box.join(' ');
  const picture = (
    <svg
      ref={ref}
      viewBox={viewBox}
      role={children ? 'group' : 'img'}
      aria-label={title}
      aria-hidden={title === ''}
      className={over === NONE ? className : 'absolute inset-0 size-full will-change-transform'}
    >
      <Marks shapes={shapes} />
      {children}
    </svg>
  );
  if (over === NONE) return picture;
  // A layer of its own: what lies under it is not painted again.
  return (
    <div className={`relative ${className ?? ''}`}>
      {picture}
      <svg
        viewBox={viewBox}
        aria-hidden
        className="pointer-events-none absolute inset-0 size-full will-change-transform"
      >
        <Marks shapes={over} />
      </svg>
    </div>
  );
}
