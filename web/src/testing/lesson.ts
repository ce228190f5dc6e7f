// A lesson as the server would send it, with balls flown by the core.
import {
  EMPTY_BALL,
  findClub,
  headOf,
  lessonBall,
  plainDelivery,
  readLesson,
  simulateShot,
  turnFace,
} from '@loxos/core';
import type { BlockKind, Hand, LessonReading } from '@loxos/core';
import type { Ball, Lesson } from '../api/client.ts';
import { workedOf } from '../features/lesson/lesson-work.ts';
import type { Worked, WorkedFrom } from '../features/lesson/lesson-work.ts';
import { playerWith } from './player.ts';

export interface MadeBalls {
  readonly club?: string | null;
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly toeMm?: number;
  readonly block?: BlockKind | null;
  readonly drillId?: string | null;
}

/** Two by two steps round the middle: an exact mean, some scatter, nothing left to chance. */
const STEPS = [-1.2, -0.4, 0.4, 1.2] as const;

const blockIdOf = (made: MadeBalls, index: number): string | null =>
  made.block == null ? null : `block-${index}`;

function ballsOf(made: MadeBalls, hand: Hand, index: number): Ball[] {
  const from = 8 * index + 1;
  const club = findClub(made.club ?? '7-iron')!;
  const head = headOf(club);
  return STEPS.flatMap((p, i) =>
    STEPS.slice(0, 2).map((f, j) => {
      const plain = plainDelivery(club, hand, 43);
      const delivery = {
        ...turnFace(plain, head, made.faceDeg + (f + 0.8) * 1.5),
        clubPathDeg: made.pathDeg + p,
        strikeToeMm: made.toeMm ?? 0,
      };
      const { launch, flight } = simulateShot(delivery, head);
      const { hand: _hand, strikeToeMm: _toe, strikeHighMm: _high, ...angles } = delivery;
      const { ballSpeedMps, launchAngleDeg, startDirectionDeg, spinRateRpm, spinAxisTiltDeg } =
        launch;
      const ordinal = from + 2 * i + j;
      return {
        ...EMPTY_BALL,
        ...angles,
        ballSpeedMps,
        launchAngleDeg,
        startDirectionDeg,
        spinRateRpm,
        spinAxisTiltDeg,
        carryM: flight.carryM,
        offlineM: flight.offlineM,
        faceToPathDeg: delivery.faceAngleDeg - delivery.clubPathDeg,
        id: `ball-${ordinal}`,
        lessonId: 'lesson',
        ordinal,
        keep: 'auto',
        seen: 'monitor',
        openAmount: null,
        contact: null,
        note: '',
        club: made.club === null ? null : club.id,
        clubText: made.club === null ? 'Mystery stick' : club.label,
        blockId: blockIdOf(made, index),
      } as unknown as Ball;
    }),
  );
}

/** A lesson of some blocks of eight balls. */
export function lessonOf(
  blocks: readonly MadeBalls[],
  player: Partial<Lesson['player']> = {},
): Lesson {
  const hand = player.hand ?? 'right';
  return {
    id: 'lesson',
    startsAt: '2026-03-04T09:00:00.000Z',
    asked: '',
    ballCount: 0,
    player: playerWith({ id: 'player', hand, ...player }),
    balls: blocks.flatMap((made, index) => ballsOf(made, hand, index)),
    blocks: blocks.flatMap((made, index) => {
      const id = blockIdOf(made, index);
      const { block: kind, drillId = null } = made;
      return id === null ? [] : [{ id, kind, drillId, doseStep: null, note: '', aim: null }];
    }),
    files: [],
    parts: [],
    repetitions: [],
    pages: [],
    previousLessonId: null,
  } as unknown as Lesson;
}

/** What the worker would make of it. */
export const readingOf = (lesson: Lesson, context: object = {}): LessonReading =>
  readLesson(
    lesson.balls.map((ball) => lessonBall(ball, lesson.blocks)),
    { hand: lesson.player.hand, ...context },
  );

const NOTHING: WorkedFrom = {
  shown: null,
  effects: [],
  own: [],
  previous: { lesson: null, reading: null },
};

/** What every step is given of it. */
export const stepOf = (
  lesson: Lesson,
  reading: LessonReading | null = readingOf(lesson),
  from: Partial<WorkedFrom> = {},
): { lesson: Lesson; reading: LessonReading | null; worked: Worked } => ({
  lesson,
  reading,
  worked: workedOf(lesson, reading, { ...NOTHING, ...from }),
});
