/** A colour by its part in the drawing; the theme says what it looks like. */
export type Ink = 'ink' | 'soft' | 'paper' | 'face' | 'path' | 'look' | 'faint' | 'line' | 'none';

/** One thing to draw. Lengths in the drawing's own units; y grows downwards, as in SVG. */
export type Shape =
  | {
      readonly kind: 'path';
      readonly d: string;
      readonly fill?: Ink;
      readonly stroke?: Ink;
      readonly width?: number;
      readonly dash?: string;
      readonly opacity?: number;
    }
  | {
      readonly kind: 'circle';
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly fill?: Ink;
      readonly stroke?: Ink;
      readonly width?: number;
      readonly opacity?: number;
      readonly ballId?: string;
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly anchor?: 'start' | 'middle' | 'end';
      readonly fill?: Ink;
    };

/** How wide the paper round a word is, as a share of its size: a line behind a word ends before it. */
export const HALO_SHARE = 0.3;

/** x, y, width and height of what a drawing shows. */
export type Box = readonly [number, number, number, number];

export interface Point {
  readonly x: number;
  readonly y: number;
}

const DIGITS = 2;
const round = (value: number): string => String(Number(value.toFixed(DIGITS)));

/** Returns the point at an angle (degrees, positive right of the target, which is up) and a distance. */
export function polar(angleDeg: number, distance: number): Point {
  const angle = (angleDeg * Math.PI) / 180;
  return { x: distance * Math.sin(angle), y: -distance * Math.cos(angle) };
}

export const plus = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });

/** Returns an SVG path through points, closed or open. */
export function polyline(points: readonly Point[], closed = false): string {
  const steps = points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`);
  return `${steps.join('')}${closed ? 'Z' : ''}`;
}
