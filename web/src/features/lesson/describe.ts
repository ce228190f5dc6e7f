import { faceWord, formatNumber, formatSideAngle, pathWord, surenessOf } from '@loxos/core';
import type { AngleStyle, BallView, Hand } from '@loxos/core';

const degrees = (angle: number): string => `${formatNumber(Math.abs(angle))}°`;

/** Returns the slant of a ball in words, for those who cannot see the drawing. */
export function describeImpact(view: BallView, hand: Hand, style: AngleStyle): string {
  if (surenessOf(view.ball) === 'side') return 'At impact: only the sides are known';
  const { faceAngleDeg: face, clubPathDeg: path, faceToPathDeg: gap, start } = view;
  const parts = [
    face === null ? 'face not known' : `face ${degrees(face)} ${faceWord(face, hand)}`,
    path === null ? 'path not known' : `path ${degrees(path)} ${pathWord(path, hand)}`,
  ];
  if (gap !== null) parts.push(`face ${degrees(gap)} ${faceWord(gap, hand)} to the path`);
  if (start !== null) parts.push(`starts ${formatSideAngle(start.value, style)}`);
  return `At impact: ${parts.join(', ')}`;
}

/** Returns a shot's name with a capital. */
export const titled = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
