import { HALO_SHARE } from './shape.ts';
import type { Box, Ink, Shape } from './shape.ts';

/** The light palette, for files and paper. */
const PRINT_INKS: Readonly<Record<Ink, string>> = {
  ink: '#22303a',
  soft: '#51606b',
  paper: '#ffffff',
  face: '#7b2d62',
  path: '#2d6a44',
  look: '#8f5600',
  faint: '#6d7a82',
  line: '#c5bda9',
  none: 'none',
};

const escape = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
const colour = (ink: Ink | undefined): string => PRINT_INKS[ink ?? 'none'];

/** Returns a text as runs of one typeface each, for a reader that does not look for letters in others by itself. */
export type Runs = (text: string) => readonly { readonly text: string; readonly font: string }[];

const SANS: Runs = (text) => [{ text, font: 'sans-serif' }];

function shapeText(shape: Shape, runs: Runs): string {
  if (shape.kind === 'text') {
    const { x, y, size, anchor = 'start', text, fill = 'ink' } = shape;
    const set = runs(text);
    const where = `x="${x}" y="${y}" font-size="${size}" font-family="${set[0]?.font ?? 'sans-serif'}" text-anchor="${anchor}"`;
    const halo = `fill="none" stroke="#ffffff" stroke-width="${size * HALO_SHARE}" stroke-linejoin="round"`;
    const words = set
      .map((run, index) =>
        index === 0
          ? escape(run.text)
          : `<tspan font-family="${run.font}">${escape(run.text)}</tspan>`,
      )
      .join('');
    // The paper round a word is a word of its own below it: not every reader knows the order of paint.
    return `<text ${where} ${halo}>${words}</text><text ${where} fill="${colour(fill)}">${words}</text>`;
  }
  const paint = `fill="${colour(shape.fill)}" stroke="${colour(shape.stroke)}" stroke-width="${shape.width ?? 1}" opacity="${shape.opacity ?? 1}"`;
  if (shape.kind === 'circle')
    return `<circle cx="${shape.x}" cy="${shape.y}" r="${shape.r}" ${paint}/>`;
  const dash = shape.dash === undefined ? '' : ` stroke-dasharray="${shape.dash}"`;
  return `<path d="${shape.d}" stroke-linecap="round" ${paint}${dash}/>`;
}

/** Returns a drawing as the text of an SVG file. */
export function svgText(shapes: readonly Shape[], box: Box, runs = SANS): string {
  const body = shapes
    .filter((s) => s.kind !== 'path' || s.d !== '')
    .map((shape) => shapeText(shape, runs))
    .join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.join(' ')}" width="${box[2]}" height="${box[3]}">${body}</svg>`;
}
