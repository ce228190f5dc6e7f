import { EMPTY_BALL, PLAIN_WANTED, DEFAULT_DISPLAY_UNITS, fieldsOf, recordOf } from '@loxos/core';
import type {
  Ball,
  CreatePlayer,
  Lesson,
  LessonSummary,
  OwnDrill,
  Player,
  Settings,
} from '../api/client.ts';
import { keptAccount } from '../api/who.ts';
import { isOfDrill, isOfLesson, isOfPlayer } from './pending.ts';
import type { OfLesson, OfPlayer, Pending } from './pending.ts';

const byOrdinal = (balls: readonly Ball[]): Ball[] =>
  [...balls].sort((a, b) => a.ordinal - b.ordinal);

type PendingBall = Extract<OfLesson, { readonly ballId: string }>;

function applyToBalls({ balls, blocks }: Lesson, entry: PendingBall): Ball[] {
  const underWay = blocks.at(-1);
  const others = balls.filter((ball) => ball.id !== entry.ballId);
  switch (entry.op) {
    case 'add': {
      const ordinal = Math.max(0, ...others.map((ball) => ball.ordinal)) + 1;
      const base = {
        ...EMPTY_BALL,
        keep: 'auto',
        seen: 'monitor',
        blockId: underWay?.id ?? null,
        launchFileId: null,
        line: null,
        version: 0,
      } as const;
      const { lessonId } = entry;
      return [...others, { ...base, ...entry.body, id: entry.ballId, lessonId, ordinal }];
    }
    case 'change':
      return balls.map((ball) => (ball.id === entry.ballId ? { ...ball, ...entry.body } : ball));
    case 'remove':
      return others;
    case 'restore':
      return byOrdinal([...others, entry.ball]);
  }
}

const NOT_YET = '9999';

function applyOfLesson(lesson: Lesson, entry: OfLesson): Lesson {
  switch (entry.op) {
    case 'begin': {
      if (lesson.blocks.some(({ id }) => id === entry.body.id)) return lesson;
      const { drillId = null, doseStep = null, note = '', aim = null, ...rest } = entry.body;
      const begun = { ...rest, drillId, doseStep, note, aim, startedAt: NOT_YET, version: 0 };
      return { ...lesson, blocks: [...lesson.blocks, begun] };
    }
    case 'block': {
      const blocks = lesson.blocks.map((block) =>
        block.id === entry.blockId ? { ...block, ...entry.body } : block,
      );
      return { ...lesson, blocks };
    }
    case 'unblock':
      return { ...lesson, blocks: lesson.blocks.filter(({ id }) => id !== entry.blockId) };
    case 'move': {
      const { ballIds, blockId } = entry;
      const moved = (ball: Ball): Ball => (ballIds.includes(ball.id) ? { ...ball, blockId } : ball);
      return { ...lesson, balls: lesson.balls.map(moved) };
    }
    case 'part': {
      const { part, changes } = entry;
      const known = lesson.parts.find((one) => one.part === part);
      const value = recordOf(part, { ...fieldsOf(part, known?.value ?? {}), ...changes });
      const others = lesson.parts.filter((one) => one.part !== part);
      const made = { part, value, version: known?.version ?? 0, updatedAt: NOT_YET };
      return { ...lesson, parts: [...others, { ...made, updatedBy: 'coach' }] };
    }
    case 'repeat': {
      if (lesson.repetitions.some(({ id }) => id === entry.body.id)) return lesson;
      const {
        miss = '',
        doseStep = null,
        feltDeg = null,
        measuredDeg = null,
        ...rest
      } = entry.body;
      const told = { miss, doseStep, feltDeg, measuredDeg };
      const made = { ...rest, ...told, at: NOT_YET, byPlayer: false };
      return { ...lesson, repetitions: [...lesson.repetitions, made] };
    }
    case 'unrepeat': {
      const kept = lesson.repetitions.filter(({ id }) => id !== entry.repetitionId);
      return { ...lesson, repetitions: kept };
    }
    case 'lesson':
      return { ...lesson, ...entry.body };
    case 'unfile': {
      const files = lesson.files.filter(({ id }) => id !== entry.fileId);
      const balls = lesson.balls.filter(({ launchFileId }) => launchFileId !== entry.fileId);
      return { ...lesson, files, balls };
    }
    case 'file':
    case 'open':
    case 'close':
    case 'reopen':
      return lesson;
    default:
      return { ...lesson, balls: applyToBalls(lesson, entry) };
  }
}

function applyOne(lesson: Lesson, change: Pending): Lesson {
  if (isOfLesson(change))
    return change.lessonId === lesson.id ? applyOfLesson(lesson, change) : lesson;
  if (!isOfPlayer(change) || change.playerId !== lesson.player.id) return lesson;
  return change.op === 'player'
    ? { ...lesson, player: { ...lesson.player, ...change.body } }
    : lesson;
}

/** The lesson with every pending change made. */
export const applyPending = (lesson: Lesson, changes: readonly Pending[]): Lesson =>
  changes.reduce(applyOne, lesson);

/** A player as they will be once they are stored. */
export const playerOf = (id: string, body: CreatePlayer): Player => ({
  lengthUnit: DEFAULT_DISPLAY_UNITS.length,
  speedUnit: DEFAULT_DISPLAY_UNITS.speed,
  angleStyle: DEFAULT_DISPLAY_UNITS.angle,
  playerKind: null,
  driverSpeedMps: null,
  aims: '',
  bodyNotes: '',
  isPersonalRead: true,
  coachId: keptAccount()?.id ?? '',
  wanted: { all: PLAIN_WANTED },
  goals: [],
  report: null,
  ...body,
  id,
  version: 0,
});

function applyToPlayers(players: readonly Player[], change: OfPlayer): readonly Player[] {
  const id = change.playerId;
  switch (change.op) {
    case 'meet':
      return players.some((player) => player.id === id)
        ? players
        : [...players, playerOf(id, change.body)];
    case 'player':
      return players.map((player) => (player.id === id ? { ...player, ...change.body } : player));
    case 'part-with':
      return players.filter((player) => player.id !== id);
    case 'take-back':
      return players;
  }
}

/** The players with every pending change made. */
export const applyPlayers = (
  players: readonly Player[],
  changes: readonly Pending[],
): readonly Player[] => changes.filter(isOfPlayer).reduce(applyToPlayers, players);

/** The academy's own drills with every pending change made. */
export const applyDrills = (drills: readonly OwnDrill[], changes: readonly Pending[]): OwnDrill[] =>
  changes.filter(isOfDrill).reduce<OwnDrill[]>(
    (now, change) => {
      const others = now.filter(({ id }) => id !== change.drillId);
      if (change.op === 'forget') return others;
      const drill = change.op === 'recall' ? change.drill : { ...change.body, id: change.drillId };
      return [...others, drill];
    },
    [...drills],
  );

/** The rules with every pending change made. */
export const applyRules = (rules: Settings, changes: readonly Pending[]): Settings =>
  changes.reduce((now, change) => {
    if (change.op !== 'rules') return now;
    const { version, ...fields } = now;
    const made = recordOf('setting', { ...fieldsOf('setting', fields), ...change.changes });
    return { ...(made as unknown as Omit<Settings, 'version'>), version };
  }, rules);

/** A lesson that was opened here and is not stored yet, with nothing in it. */
export function lessonOf(
  id: string,
  players: readonly Player[],
  changes: readonly Pending[],
): Lesson | null {
  const opened = changes.find((change) => change.op === 'open' && change.lessonId === id);
  if (opened?.op !== 'open') return null;
  const { playerId, startsAt, asked = '' } = opened.body;
  const player = applyPlayers(players, changes).find((one) => one.id === playerId);
  if (player === undefined) return null;
  return {
    id,
    startsAt,
    asked,
    ballCount: 0,
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

/** A list of lessons with every pending change made. */
export function applyLessons(
  lessons: readonly LessonSummary[],
  filter: LessonFilter,
  players: readonly Player[],
  changes: readonly Pending[],
): readonly LessonSummary[] {
  const closed = new Set<string>();
  const opened: LessonSummary[] = [];
  for (const change of changes) {
    if (change.op === 'close') closed.add(change.lessonId);
    if (change.op === 'reopen') closed.delete(change.lessonId);
    if (change.op !== 'open' || lessons.some(({ id }) => id === change.lessonId)) continue;
    const made = lessonOf(change.lessonId, players, changes);
    if (made !== null) opened.push(made);
  }
  const changed = [...lessons, ...opened].map((lesson) => {
    const own = changes.filter((c) => c.op === 'lesson' && c.lessonId === lesson.id);
    return own.reduce((now, c) => (c.op === 'lesson' ? { ...now, ...c.body } : now), lesson);
  });
  // What the server lists it has sorted out itself; what is new or moved here is held against the filter.
  const isStored = (lesson: LessonSummary): boolean => lessons.includes(lesson);
  return changed.filter(
    (lesson) => !closed.has(lesson.id) && (isStored(lesson) || isIn(filter, lesson)),
  );
}
