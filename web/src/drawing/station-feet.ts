/** The feet of a station: drawn where they stand, or left out on a phone where everything else lies at the ball. */
import type { Layout } from '@loxos/core';
import { boxOfText, boxesOfLine } from './labels.ts';
import type { Box } from './labels.ts';
import type { Shape } from './shape.ts';
import { reach } from './station-parts.ts';

/** What lies nearer to the line than this lies at the ball, m. */
const AT_BALL_M = 0.45;
/** The arrow from the edge of the drawing, and the word over it. */
const ARROW = { inset: 8, length: 34, barb: 7, wordSize: 14, wordY: -9 } as const;

export const hasFeet = ({ parts }: Pick<Layout, 'parts'>): boolean =>
  parts.some(({ kind }) => kind === 'shoe');

/** Returns the layout without the feet where everything else, and all there is to tape, lies at the ball. */
export function withoutFeet(layout: Layout): Layout {
  const rest = layout.parts.filter(({ kind }) => kind !== 'shoe');
  const isAtBall =
    rest.every((part) => Math.abs(part.rightM) + reach(part).x < AT_BALL_M) &&
    layout.tape.every(({ from, to }) =>
      [from, to].every(({ rightM }) => Math.abs(rightM) < AT_BALL_M),
    );
  return isAtBall ? { ...layout, parts: rest } : layout;
}

interface Arrow {
  readonly shapes: readonly Shape[];
  /** What words keep off. */
  readonly boxes: readonly Box[];
}
export const NO_ARROW: Arrow = { shapes: [], boxes: [] };

/** Returns an arrow to feet that are not drawn, at the player's edge; `way` is 1 where that is the left one. */
export function feetArrow(edge: number, way: 1 | -1): Arrow {
  const tip = edge + way * ARROW.inset;
  const tail = tip + way * ARROW.length;
  const barb = tip + way * ARROW.barb;
  const word = { x: tip, y: ARROW.wordY };
  const anchor = way > 0 ? 'start' : 'end';
  return {
    shapes: [
      {
        kind: 'path',
        d: `M${tail} 0L${tip} 0M${barb} -5L${tip} 0L${barb} 5`,
        stroke: 'soft',
        width: 1.6,
      },
      { kind: 'text', ...word, text: 'feet', size: ARROW.wordSize, anchor, fill: 'ink' },
    ],
    boxes: [
      boxOfText('feet', ARROW.wordSize, word, anchor),
      ...boxesOfLine({ x: edge, y: 0 }, { x: tail, y: 0 }, 6),
    ],
  };
}
