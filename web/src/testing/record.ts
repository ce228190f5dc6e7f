// A player's record as the server makes it, from visits of balls with a known face and path.
import {
  EMPTY_BALL,
  addDaysIso,
  openRecord,
  playerRecord,
  recordOfLesson,
  resolveContext,
} from '@loxos/core';
import type { Hand, LessonBall, PlayerRecord } from '@loxos/core';
import type { RecordAnswer } from '../api/client.ts';

const BALLS = 12;

export interface WeekOf {
  readonly path: number;
  readonly face: number;
  readonly club?: string;
  readonly drillId?: string;
}

const ballsOf = ({ path, face, club = '7-iron' }: WeekOf, week: number, block: string | null) =>
  Array.from({ length: BALLS }, (_, n): LessonBall => ({
    ...EMPTY_BALL,
    id: `${week} ${block ?? ''} ${n}`,
    club,
    clubText: club,
    clubSpeedMps: 36 + (n % 3) / 10,
    clubPathDeg: path + ((n % 5) - 2) / 2,
    faceAngleDeg: face + ((n % 4) - 1.5) / 2,
    carryM: 140 + (n % 6),
    offlineM: 2 * face + (n % 7) - 3,
    blockId: block,
    block: block === null ? null : 'drill',
  }));

/** A visit a week; one with a drill has a block of it after its own balls. */
export function recordWith(weeks: readonly WeekOf[], hand: Hand = 'right'): PlayerRecord | null {
  const context = resolveContext({ hand });
  const visits = weeks.map((week, n) => {
    const { drillId } = week;
    const drill =
      drillId === undefined ? [] : ballsOf(week, n, 'd').map((ball) => ({ ...ball, drillId }));
    const day = addDaysIso('2026-01-05', 7 * n);
    return {
      lessonId: `visit ${n}`,
      at: `${day}T10:00:00.000Z`,
      day,
      balls: openRecord(recordOfLesson([...ballsOf(week, n, null), ...drill], context)),
    };
  });
  return playerRecord(visits, { context, wanted: null, effects: [] });
}

export const answerWith = (
  record: PlayerRecord | null,
  more: Partial<Omit<RecordAnswer, 'record'>> = {},
) => ({ record, stations: [], homework: [], ...more });
