/**
 * What was seen of a player, in one store: a link is known by its figures at set-up or by the word it was answered with, whichever
 * was said last, never by both.
 */
import { aimOf, observationsOf } from '../causes/setup.ts';
import type { SetUp } from '../causes/setup.ts';
import type { CauseLinkId, LinkValue } from '../causes/links.ts';
import type { Observations } from '../causes/trace.ts';
import type { Hand } from '../line/hand.ts';
import type { LessonParts, SetUpPart } from './parts.ts';

/** The figures at set-up that say something of a link. */
const FIGURES_OF = {
  'feet-line': ['feetDeg'],
  'hip-line': ['hipDeg'],
  'shoulder-line': ['shoulderDeg'],
  aim: ['feetDeg', 'hipDeg', 'shoulderDeg'],
  'ball-position': ['ballCm'],
  'grip-strength': ['knuckles'],
  distance: ['distance'],
} as const satisfies Partial<Record<CauseLinkId, readonly (keyof SetUp)[]>>;
type FiguredLink = keyof typeof FIGURES_OF;
const FIGURED = Object.keys(FIGURES_OF) as FiguredLink[];

type Seen = Pick<LessonParts, 'setup' | 'causes'>;

/** Whom figures are read for, and where their ball usually lies, cm from the lead heel. */
export interface SeenOf {
  readonly hand: Hand;
  readonly usualCm: number;
}

const figuresOf = (id: CauseLinkId): readonly (keyof SetUp)[] =>
  FIGURED.some((one) => one === id) ? FIGURES_OF[id as FiguredLink] : [];

const without = (seen: Observations, ids: readonly CauseLinkId[]): Observations =>
  Object.fromEntries(Object.entries(seen).filter(([id]) => !ids.some((one) => one === id)));

/** Returns the links as they were seen; where two devices said a figure and a word at once, the figure says more. */
export const seenLinks = ({ setup, causes }: Seen, { hand, usualCm }: SeenOf): Observations => ({
  ...causes.observations,
  ...observationsOf(setup, hand, usualCm),
});

/**
 * Returns both parts after a link was answered with a word; the same word again takes it back. Figures that say another go; figures
 * that say the same stay, without the word: they say more.
 */
export function withWord(seen: Seen, id: CauseLinkId, value: LinkValue, of: SeenOf): Seen {
  const { setup, causes } = seen;
  const rest = without(causes.observations, [id]);
  const isSaid = seenLinks(seen, of)[id] === value;
  // Of the distance there is no figure: its word stands with the set-up.
  if (id === 'distance')
    return {
      setup: { ...setup, distance: isSaid ? null : value },
      causes: { observations: rest },
    };
  if (isSaid) return { setup, causes: { observations: rest } };
  const none = Object.fromEntries(figuresOf(id).map((figure) => [figure, null]));
  return {
    setup: { ...setup, ...none },
    causes: { observations: { ...rest, [id]: value } },
  };
}

/** Returns both parts after figures of the set-up were changed: what they say, or no longer say, takes the place of a word. */
export function withFigures({ setup, causes }: Seen, changes: Partial<SetUpPart>): Seen {
  const after = { ...setup, ...changes };
  const said = FIGURED.filter(
    (id) =>
      FIGURES_OF[id].some((figure) => figure in changes) && (id !== 'aim' || aimOf(after) !== null),
  );
  return { setup: after, causes: { observations: without(causes.observations, said) } };
}
