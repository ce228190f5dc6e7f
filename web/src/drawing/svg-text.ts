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

function shapeText(shape: Shape): string {
  if (shape.kind === 'text') {
    const { x, y, size, anchor = 'start', text, fill = 'ink' } = shape;
    const where = `x="${x}" y="${y}" font-size="${size}" font-family="sans-serif" text-anchor="${anchor}"`;
    const halo = `fill="none" stroke="#ffffff" stroke-width="${size * HALO_SHARE}" stroke-linejoin="round"`;
    // The paper round a word is a word of its own below it: not every reader knows the order of paint.
    return `<text ${where} ${halo}>${escape(text)}</text><text ${where} fill="${colour(fill)}">${escape(text)}</text>`;
  }
  const paint = `fill="${colour(shape.fill)}" stroke="${colour(shape.stroke)}" stroke-width="${shape.width ?? 1}" opacity="${shape.opacity ?? 1}"`;
  if (shape.kind === 'circle')
    return `<circle cx="${shape.x}" cy="${shape.y}" r="${shape.r}" ${paint}/>`;
  const dash = shape.dash === undefined ? '' : ` stroke-dasharray="${shape.dash}"`;
  return `<path d="${shape.d}" stroke-linecap="round" ${paint}${dash}/>`;
}

/** Returns a drawing as the text of an SVG file. */
export function svgText(shapes: readonly Shape[], box: Box): string {
  const body = shapes
    .filter((s) => s.kind !== 'path' || s.d !== '')
    .map(shapeText)
    .join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.join(' ')}" width="${box[2]}" height="${box[3]}">${body}</svg>`;
}
