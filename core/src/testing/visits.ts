// Visits of a player with a known swing, kept as the server keeps them.
import type { Random } from '../maths/random.ts';
import type { BlockKind, LessonBall } from '../reading/ball.ts';
import { resolveContext } from '../reading/context.ts';
import { openRecord, recordOfLesson } from '../record/lesson-record.ts';
import type { Visit } from '../record/visit.ts';
import { ballsOf } from './players.ts';
import type { SwingOf } from './players.ts';

export interface SetOf extends SwingOf {
  readonly club?: string;
  readonly balls: number;
  readonly block?: BlockKind | null;
  readonly drillId?: string | null;
  readonly source?: string | null;
}

/** A visit a week; `sets` in the order hit, each ball with what else was measured of it. */
export function visitOf(
  week: number,
  sets: readonly SetOf[],
  random: Random,
  measured: (ball: LessonBall) => LessonBall = (ball) => ball,
): Visit {
  const hand = sets[0]?.hand ?? 'right';
  const balls = sets.flatMap(
    ({ club = '7-iron', balls: count, block = null, drillId = null, source = null, ...swing }, s) =>
      ballsOf(club, count, random, swing).map((ball, n): LessonBall => ({
        ...measured(ball),
        id: `v${week}s${s}b${n}`,
        blockId: `v${week}s${s}`,
        block,
        drillId,
        source,
      })),
  );
  const at = new Date(Date.UTC(2026, 0, 5 + 7 * week, 10)).toISOString();
  return {
    lessonId: `visit ${week}`,
    at,
    day: at.slice(0, 10),
    balls: openRecord(recordOfLesson(balls, resolveContext({ hand }))),
  };
}
