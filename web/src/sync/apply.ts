import { BLANK_LESSON, applySteps } from '@loxos/core';
import type { Step } from '@loxos/core';
import type { Bay, Lesson, LessonSummary, OwnDrill, Player, Settings } from '../api/client.ts';
import { stepsOf } from './pending.ts';
import type { Pending } from './pending.ts';

const ofThing = (changes: readonly Pending[], thing: Step['thing']): readonly Step[] =>
  stepsOf(changes).filter((step) => step.thing === thing);

/** Returns the lesson with every pending change made; whether it is there at all is the lists' to say. */
export function applyPending(lesson: Lesson, changes: readonly Pending[]): Lesson {
  const isOwn = ({ thing, verb, id, of }: Step): boolean => {
    if (thing === 'player') return verb === 'set' && id === lesson.player.id;
    return thing === 'lesson' ? verb === 'set' && id === lesson.id : of === lesson.id;
  };
  const steps = stepsOf(changes).filter(isOwn);
  if (steps.length === 0) return lesson;
  const { player, balls, blocks, parts, repetitions, files, pages, ...head } = lesson;
  const pieces = { balls, blocks, parts, repetitions, files, pages };
  const { players, lessons, ...after } = applySteps(
    { players: [player], lessons: [head], ...pieces },
    steps,
  );
  return { ...lessons[0]!, ...after, player: players[0]! };
}

/** Returns the players with every pending change made. */
export const applyPlayers = (
  players: readonly Player[],
  changes: readonly Pending[],
): readonly Player[] => applySteps({ players }, ofThing(changes, 'player')).players;

/** Returns the academy's own drills with every pending change made. */
export const applyDrills = (
  drills: readonly OwnDrill[],
  changes: readonly Pending[],
): readonly OwnDrill[] => applySteps({ drills }, ofThing(changes, 'drill')).drills;

/** Returns the bays with every pending change made. */
export const applyBays = (bays: readonly Bay[], changes: readonly Pending[]): readonly Bay[] =>
  applySteps({ bays }, ofThing(changes, 'bay')).bays;

/** Returns the rules with every pending change made. */
export const applyRules = (rules: Settings, changes: readonly Pending[]): Settings =>
  applySteps({ settings: [rules] }, ofThing(changes, 'setting')).settings[0]!;

/** Returns a lesson that was opened here and is not stored yet, with nothing in it. */
export function lessonOf(
  id: string,
  players: readonly Player[],
  changes: readonly Pending[],
): Lesson | null {
  const opened = ofThing(changes, 'lesson').find((step) => step.verb === 'add' && step.id === id);
  const player = applyPlayers(players, changes).find((one) => one.id === opened?.of);
  if (opened === undefined || player === undefined) return null;
  return {
    ...BLANK_LESSON,
    ...(opened.fields as { startsAt: string }),
    id,
    player,
    version: 0,
    balls: [],
    blocks: [],
    files: [],
    parts: [],
    repetitions: [],
    pages: [],
    previousLessonId: null,
    lastChange: null,
  };
}

/** What a list of lessons asks for. */
export interface LessonFilter {
  readonly from?: string;
  readonly to?: string;
  readonly playerId?: string;
}

const isIn = ({ from, to, playerId }: LessonFilter, lesson: LessonSummary): boolean =>
  (from === undefined || lesson.startsAt >= from) &&
  (to === undefined || lesson.startsAt < to) &&
  (playerId === undefined || lesson.player.id === playerId);

/** Returns a list of lessons with every pending change made. */
export function applyLessons(
  lessons: readonly LessonSummary[],
  filter: LessonFilter,
  players: readonly Player[],
  changes: readonly Pending[],
): readonly LessonSummary[] {
  const all = applyPlayers(players, changes);
  /** One that was opened here names its player, and does not hold them. */
  const withPlayer = (lesson: LessonSummary & { readonly playerId?: string }): LessonSummary[] => {
    if ((lesson as Partial<LessonSummary>).player !== undefined) return [lesson];
    const player = all.find(({ id }) => id === lesson.playerId);
    return player === undefined ? [] : [{ ...lesson, player }];
  };
  const now = applySteps({ lessons }, ofThing(changes, 'lesson')).lessons.flatMap(withPlayer);
  // What the server lists it has sorted out itself; what is new or moved here is held against the filter.
  return now.filter((lesson) => lessons.includes(lesson) || isIn(filter, lesson));
}
