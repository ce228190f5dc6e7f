/** Balls written out in Loxos' own forms, which it reads back bit for bit. */
import { findClub } from '../delivery/club.ts';
import type { Hand } from '../line/hand.ts';
import { printLaunchFile } from './write-file.ts';
import type { PrintOptions } from './write-file.ts';
import { BALL_QUANTITIES, infoOf } from './quantities.ts';
import type { BallQuantity, MeasuredBall } from './quantities.ts';

/** What else is told of each ball, as text. */
export type Told = PrintOptions['told'];

/** What is told of each ball as columns of a file of ours, by what it is of the ball (reading/told-in-file.ts reads them). */
export const TOLD_COLUMNS = {
  keep: 'Counted',
  seen: 'Seen by',
  openAmount: 'Not said',
  contact: 'Contact',
  note: 'Note',
} as const;

const WHOLE = { statesSigns: true, digits: null } as const;

/** Balls as CSV: a head that says unit and sign of every column, all digits, no cell a formula. */
export const ballsAsCsv = (balls: readonly MeasuredBall[], told: Told): string =>
  printLaunchFile(balls, { ...WHOLE, told });

const clubOf = ({ club, clubText }: MeasuredBall): string =>
  clubText ?? findClub(club)?.label ?? '';

/** Balls as cells of a spreadsheet, under the head of the CSV: texts as texts, figures as numbers. */
export function ballsAsCells(
  balls: readonly MeasuredBall[],
  told: Told,
): (string | number | null)[][] {
  const [head = ''] = printLaunchFile([], { ...WHOLE, told }).split('\r\n');
  const rows = balls.map((ball) => [
    clubOf(ball),
    ball.hitAt ?? '',
    ...told.map(({ of }) => of(ball)),
    ...BALL_QUANTITIES.map((quantity) => ball[quantity]),
  ]);
  return [head.split(','), ...rows];
}

/** What a JSON file of balls says it is. */
export const BALLS_FORMAT = 'loxos balls';
export const BALLS_VERSION = 1;

export interface BallsJson {
  readonly format: typeof BALLS_FORMAT;
  readonly v: typeof BALLS_VERSION;
  readonly player: string;
  readonly hand: Hand;
  readonly balls: readonly Readonly<Record<string, string | number | null>>[];
}

/** Balls as JSON: names say the unit, and plus is right of the target, towards the toe, up. */
export function ballsAsJson(
  balls: readonly MeasuredBall[],
  told: Told,
  { player, hand }: { readonly player: string; readonly hand: Hand },
): BallsJson {
  return {
    format: BALLS_FORMAT,
    v: BALLS_VERSION,
    player,
    hand,
    balls: balls.map((ball) => ({
      club: clubOf(ball),
      hitAt: ball.hitAt ?? '',
      ...Object.fromEntries(told.map(({ name, of }) => [keyOf(name), of(ball)])),
      ...Object.fromEntries(BALL_QUANTITIES.map((quantity) => [quantity, ball[quantity]])),
    })),
  };
}

/** Returns a name as a key: `Seen by` is `seenBy`. */
export const keyOf = (name: string): string =>
  name.toLowerCase().replace(/ (\p{L})/gu, (_, letter: string) => letter.toUpperCase());

const PLUS_WORDS = {
  none: '',
  ball: '; positive right of the target line',
  club: '; positive right of the target line',
  toe: '; positive towards the toe',
  high: '; positive up',
} as const;

function figureSchema(quantity: BallQuantity) {
  const { label, unit, min, max, side } = infoOf(quantity);
  const description = `${label}, ${unit}${PLUS_WORDS[side]}; null where it was not measured`;
  return { type: ['number', 'null'], minimum: min, maximum: max, description };
}

/** Returns the JSON Schema (draft 2020-12) of `ballsAsJson`. */
export const ballsSchema = () => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Balls of a lesson, as Loxos writes and reads them',
  type: 'object',
  required: ['format', 'v', 'player', 'hand', 'balls'],
  properties: {
    format: { const: BALLS_FORMAT },
    v: { const: BALLS_VERSION },
    player: { type: 'string' },
    hand: { enum: ['right', 'left'] },
    balls: {
      type: 'array',
      items: {
        type: 'object',
        required: [...BALL_QUANTITIES],
        properties: {
          club: { type: 'string' },
          hitAt: { type: 'string', description: 'As the source wrote it; empty where it did not' },
          ...Object.fromEntries(BALL_QUANTITIES.map((q) => [q, figureSchema(q)])),
        },
        additionalProperties: { type: 'string' },
      },
    },
  },
});
