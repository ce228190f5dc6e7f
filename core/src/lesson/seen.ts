/**
 * What was seen of a player, in one store: a link is known by its figure at set-up or by the word it was answered with, whichever
 * was said last, never by both.
 */
import { observationsOf } from '../causes/setup.ts';
import type { SetUp } from '../causes/setup.ts';
import type { CauseLinkId, LinkValue } from '../causes/links.ts';
import type { Observations } from '../causes/trace.ts';
import type { Hand } from '../line/hand.ts';
import type { LessonParts, SetUpPart } from './parts.ts';

/** The links that have a figure at set-up. */
export const FIGURE_OF = {
  'feet-line': 'feetDeg',
  'hip-line': 'hipDeg',
  'shoulder-line': 'shoulderDeg',
  'ball-position': 'ballCm',
  'grip-strength': 'knuckles',
  distance: 'distance',
} as const satisfies Partial<Record<CauseLinkId, keyof SetUp>>;
type FiguredLink = keyof typeof FIGURE_OF;

const isFigured = (id: CauseLinkId): id is FiguredLink => id in FIGURE_OF;
const FIGURED = Object.keys(FIGURE_OF) as FiguredLink[];

type Seen = Pick<LessonParts, 'setup' | 'causes'>;

const without = (seen: Observations, ids: readonly CauseLinkId[]): Observations =>
  Object.fromEntries(Object.entries(seen).filter(([id]) => !ids.some((one) => one === id)));

/**
 * Returns both parts after a link was answered with a word; the word that stands already takes it back. A figure at set-up that says
 * another goes, one that says the same stays: it says more.
 */
export function withWord(
  { setup, causes }: Seen,
  id: CauseLinkId,
  value: LinkValue,
  { hand, usualCm }: { readonly hand: Hand; readonly usualCm: number },
): Seen {
  const figured = observationsOf(setup, hand, usualCm);
  const stands = causes.observations[id] ?? figured[id];
  const rest = without(causes.observations, [id]);
  const bare = isFigured(id) ? { ...setup, [FIGURE_OF[id]]: null } : setup;
  if (stands === value) return { setup: bare, causes: { observations: rest } };
  if (id === 'distance')
    return { setup: { ...setup, distance: value }, causes: { observations: rest } };
  return { setup: bare, causes: { observations: { ...rest, [id]: value } } };
}

/** Returns both parts after figures of the set-up were changed: a figure, or none, takes the place of the word. */
export function withFigures({ setup, causes }: Seen, changes: Partial<SetUpPart>): Seen {
  const changed = FIGURED.filter((id) => FIGURE_OF[id] in changes);
  return {
    setup: { ...setup, ...changes },
    causes: { observations: without(causes.observations, changed) },
  };
}
