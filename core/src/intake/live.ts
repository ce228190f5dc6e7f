/**
 * Balls that arrive by themselves: a message says once what unit each figure is in and what its plus stands for, then gives balls. They
 * are read as the rows of a launch file are, by the same checks.
 */
import { plusZero } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import type { Unit } from '../units/units.ts';
import { parseLaunchFile } from './parse.ts';
import { QUANTITY_NAMES, infoOf } from './quantities.ts';
import type { MeasuredBall, Quantity } from './quantities.ts';
import type { IntakeQuestion, IntakeSays } from './questions/questions.ts';
import { optionsOf } from './questions/file-answers.ts';
import { sideSign, sidesOf } from './side.ts';
import type { Side } from './side.ts';
import type { RawTable } from './table/raw.ts';

export const LIVE_VERSION = 1;
/** So many balls are heard before it is said what they contradict. */
export const LIVE_JUDGED_BALLS = 10;
/** The most balls of one message. */
export const LIVE_MOST_BALLS = 200;

/** Returns a quantity's name in a message: the message says the unit, so the name does not. */
export const liveName = (quantity: Quantity): string =>
  quantity.replace(/(?:Mps|Deg|Mm|Rpm|M|S)$/, '');

const QUANTITY_OF: ReadonlyMap<string, Quantity> = new Map(
  QUANTITY_NAMES.map((quantity) => [liveName(quantity), quantity]),
);
export const LIVE_NAMES: readonly string[] = [...QUANTITY_OF.keys()];

/** What a message says of a quantity. */
export interface LiveQuantity {
  readonly unit: Unit;
  /** What plus stands for; null of what has no side. */
  readonly plus: Side | null;
}
export type LiveQuantities = Readonly<Record<string, LiveQuantity>>;

export interface LiveBall {
  /** The club as its sender calls it; null where it does not say. */
  readonly club: string | null;
  /** When it was hit, ISO 8601; null where its sender has no clock. */
  readonly hitAt: string | null;
  readonly figures: Readonly<Record<string, number>>;
}

export type LiveRead =
  | { readonly outcome: 'ball'; readonly ball: MeasuredBall }
  | { readonly outcome: 'refused'; readonly reason: string };

/** Returns what is wrong with what a message says of its quantities, in sentences; none where all is said. */
export function liveTroubles(quantities: LiveQuantities): readonly string[] {
  return Object.entries(quantities).flatMap(([name, { unit, plus }]) => {
    const quantity = QUANTITY_OF.get(name);
    if (quantity === undefined)
      return [`“${name}” is not known: a quantity is one of ${LIVE_NAMES.join(', ')}.`];
    const { units, side } = infoOf(quantity);
    const sides = sidesOf(side);
    return [
      ...(units.includes(unit)
        ? []
        : [`“${name}” cannot be in “${unit}”: give it in ${units.join(', ')}.`]),
      ...(sides.length === 0 || (plus !== null && sides.includes(plus))
        ? []
        : [`“${name}” needs to say what plus stands for: ${sides.join(', ')}.`]),
    ];
  });
}

const CLUB = 'Club';

/** Returns a message as a table: signs are turned to those of Loxos, and each column says its unit. */
function tableOf(quantities: LiveQuantities, balls: readonly LiveBall[], hand: Hand): RawTable {
  const said = Object.entries(quantities).map(([name, { unit, plus }]) => ({
    name,
    header: `${infoOf(QUANTITY_OF.get(name)!).label} (${unit})`,
    sign: plus === null ? 1 : sideSign(plus, hand)!,
  }));
  const rows = balls.map(({ club, figures }) => [
    club ?? '',
    ...said.map(({ name, sign }) =>
      figures[name] === undefined ? '' : String(plusZero(sign * figures[name])),
    ),
  ]);
  return {
    rows: [[CLUB, ...said.map(({ header }) => header)], ...rows].map((cells, n) => ({
      line: n + 1,
      cells,
      trouble: null,
    })),
    delimiter: null,
    decimal: 'dot',
    sheets: [],
  };
}

/** Returns why a ball cannot be read at all; null where its row tells. */
function refusalOf(ball: LiveBall, quantities: LiveQuantities): string | null {
  const names = Object.keys(ball.figures);
  if (names.length === 0) return 'No figure of the ball was given.';
  const unsaid = names.find((name) => quantities[name] === undefined);
  return unsaid === undefined ? null : `Nothing says what unit “${unsaid}” is in.`;
}

export interface LiveReading {
  /** One for each ball that was given, in their order. */
  readonly balls: readonly LiveRead[];
  /** What the balls contradict that their sender says of them; empty of a few, which prove nothing. */
  readonly questions: readonly IntakeQuestion[];
}

/**
 * Returns what balls of a message come to. A ball that cannot be is refused with its reason, and the others stand. `quantities` have no
 * `liveTroubles`; `answered`: what was said of their sender since.
 */
export function readLive(
  quantities: LiveQuantities,
  balls: readonly LiveBall[],
  { hand, answered }: { readonly hand: Hand; readonly answered: IntakeSays },
): LiveReading {
  const refusals = balls.map((ball) => refusalOf(ball, quantities));
  const own = balls.filter((_, n) => refusals[n] === null);
  const options = optionsOf({ signs: 'target', ...answered }, { hand, player: '' });
  const parsed = parseLaunchFile(tableOf(quantities, own, hand), options);
  const rows = parsed.rows.slice(1);
  let at = 0;
  const read = balls.map((ball, n): LiveRead => {
    const reason = refusals[n] ?? null;
    if (reason !== null) return { outcome: 'refused', reason };
    const row = rows[at++];
    if (row?.ball == null)
      return { outcome: 'refused', reason: row?.reason || 'It holds no ball.' };
    return { outcome: 'ball', ball: { ...parsed.balls[row.ball]!, hitAt: ball.hitAt } };
  });
  const isEnough = own.length >= LIVE_JUDGED_BALLS;
  return { balls: read, questions: isEnough ? parsed.questions : [] };
}

const sideOf = (name: string): string => {
  const sides = sidesOf(infoOf(QUANTITY_OF.get(name)!).side);
  return sides.length === 0 ? '' : `; plus: ${sides.join(', ')}`;
};

/** Returns the JSON Schema (draft 2020-12) of a message. */
export const liveSchema = () => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Balls as a sender posts them to a bay of Loxos',
  type: 'object',
  required: ['version', 'source', 'quantities', 'balls'],
  additionalProperties: false,
  properties: {
    version: { const: LIVE_VERSION },
    source: {
      type: 'string',
      minLength: 1,
      maxLength: 100,
      description: 'A name for this run of numbers: new whenever they begin anew',
    },
    quantities: {
      type: 'object',
      additionalProperties: false,
      properties: Object.fromEntries(
        LIVE_NAMES.map((name) => {
          const { label, units, side } = infoOf(QUANTITY_OF.get(name)!);
          const sides = sidesOf(side);
          return [
            name,
            {
              type: 'object',
              description: `${label}${sideOf(name)}`,
              required: sides.length === 0 ? ['unit'] : ['unit', 'plus'],
              additionalProperties: false,
              properties: {
                unit: { enum: [...units] },
                ...(sides.length > 0 && { plus: { enum: [...sides] } }),
              },
            },
          ];
        }),
      ),
    },
    balls: {
      type: 'array',
      maxItems: LIVE_MOST_BALLS,
      items: {
        type: 'object',
        required: ['sequence', 'figures'],
        additionalProperties: false,
        properties: {
          sequence: { type: 'integer', minimum: 0, maximum: Number.MAX_SAFE_INTEGER },
          club: { type: ['string', 'null'], maxLength: 60 },
          hitAt: { type: ['string', 'null'], description: 'ISO 8601, with time and zone' },
          figures: {
            type: 'object',
            minProperties: 1,
            additionalProperties: false,
            properties: Object.fromEntries(LIVE_NAMES.map((name) => [name, { type: 'number' }])),
          },
        },
      },
    },
  },
});
