import { recordOfLesson, resolveContext } from '@loxos/core';
import type { LessonRecord, ReadingContext } from '@loxos/core';
import type { Scope } from '../common/scope.ts';
import { connect } from '../db/connect.ts';
import { handleOn } from '../db/handle.ts';
import type { Handle } from '../db/handle.ts';
import { ReadingsRepository } from './readings.repository.ts';
import type { Task } from '../threads/task.ts';

interface LessonsToRead {
  readonly url: string;
  readonly authToken: string | undefined;
  readonly scope: Scope;
  readonly lessonIds: readonly string[];
  readonly context: ReadingContext;
}

interface LessonRead {
  readonly lessonId: string;
  /** Of the balls that were read. */
  readonly ballsVersion: number;
  readonly record: LessonRecord;
}

/** Returns the balls of a lesson and the version they are of: read again where somebody changed them meanwhile. */
async function ofOneMoment(
  readings: ReadingsRepository,
  scope: Scope,
  db: Handle,
  lessonId: string,
) {
  let ballsVersion = await readings.ballsVersion(scope, db, lessonId);
  for (;;) {
    if (ballsVersion === null) return null;
    const balls = await readings.balls(scope, db, lessonId);
    const after = await readings.ballsVersion(scope, db, lessonId);
    if (after === ballsVersion) return { ballsVersion, balls };
    ballsVersion = after;
  }
}

/** Reads lessons off the database by a connection of its own: neither their balls nor the work are the server's thread's. */
async function readLessons(asked: LessonsToRead): Promise<LessonRead[]> {
  const { url, authToken, scope, lessonIds } = asked;
  const context = resolveContext(asked.context);
  const readings = new ReadingsRepository();
  const connection = connect(url, authToken);
  try {
    const db = handleOn(connection);
    const read: LessonRead[] = [];
    for (const lessonId of lessonIds) {
      const found = await ofOneMoment(readings, scope, db, lessonId);
      if (found === null) continue;
      const { ballsVersion, balls } = found;
      read.push({ lessonId, ballsVersion, record: recordOfLesson(balls, context) });
    }
    return read;
  } finally {
    connection.close();
  }
}

/** Reads lessons in a thread. */
export const READ_LESSONS: Task<LessonsToRead, LessonRead[]> = {
  name: 'readLessons',
  work: readLessons,
};
