/**
 * Files in invented dialects, each with what must be read of it. All hold the same three balls unless they say so:
 * a 7 iron that starts 0.3 right, one that starts 1.5 left, and a driver that starts 3.3 right.
 */
import type { IntakeOptions } from '../../intake/questions/options.ts';
import type { BallQuantity } from '../../intake/quantities.ts';

export interface WrittenFile {
  readonly name: string;
  readonly text: string;
  readonly options?: IntakeOptions;
  /** Figures of its balls in their order, in Loxos' units and signs; null where it must not be read. */
  readonly want?: Readonly<Partial<Record<BallQuantity, readonly (number | null)[]>>>;
  readonly clubs?: readonly (string | null)[];
  /** Kinds of the questions it must ask; none where it is to be read at once. */
  readonly asks?: readonly string[];
  /** Fates other than of balls, blanks and heads that rows must have, with how many. */
  readonly fates?: Readonly<Record<string, number>>;
}

export const FACE = [1.2, -2.1, 3] as const;
export const PATH = [-3.4, 0.8, 4.5] as const;
export const START = [0.3, -1.5, 3.3] as const;
export const CLUBS = ['7-iron', '7-iron', 'driver'] as const;
export const DELIVERED = { faceAngleDeg: FACE, clubPathDeg: PATH } as const;
export const ALL = { ...DELIVERED, startDirectionDeg: START } as const;

export const lines = (...rows: string[]): string => rows.join('\n');
/** The balls' rows in one notation: club, face, path, start. */
const rows = (
  cell: (value: number) => string,
  by = ',',
  clubs: readonly string[] = ['7 Iron', '7 Iron', 'Driver'],
): string[] =>
  FACE.map((face, i) => [clubs[i], cell(face), cell(PATH[i]!), cell(START[i]!)].join(by));
export const plain = (value: number): string => String(value);
export const comma = (value: number): string => String(value).replace('.', ',');
export const letters =
  (right: string, left: string) =>
  (value: number): string =>
    `${Math.abs(value)} ${value > 0 ? right : left}`;
export const base = (head: string, cell = plain, by = ','): string =>
  lines(head, ...rows(cell, by));
