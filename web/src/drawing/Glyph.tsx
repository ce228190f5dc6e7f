import { Drawing } from './Drawing.tsx';
import { glyph } from './glyph.ts';
import type { GlyphAngles } from './glyph.ts';

const BOX = [-12, -12, 24, 24] as const;

/** The 24 px slant of one ball. */
export function Glyph({ angles, title }: { angles: GlyphAngles; title: string }) {
  return <Drawing shapes={glyph(angles)} box={BOX} title={title} className="size-7 shrink-0" />;
}
