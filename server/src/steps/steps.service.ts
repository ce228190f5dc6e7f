import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import { LessonBody } from '../lessons/lesson-body.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import type { LessonPart, StoredRepetition } from './part.dto.ts';
import { partFor } from './part.edits.ts';
import { StepsRepository, toRepetition } from './steps.repository.ts';

@Injectable()
export class StepsService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly body: LessonBody,
    private readonly steps: StepsRepository,
  ) {}

  /** Returns what was put down in each step of a lesson. */
  parts(scope: Scope, lessonId: string): Promise<LessonPart[]> {
    return this.store.read(async (db) => {
      const found = await this.lessons.require(scope, db, lessonId);
      const parts = await this.steps.parts(scope, db, lessonId);
      const body = parts.find(({ part }) => part === 'setup')?.value['body'];
      const isRead = await this.body.isRead(scope, db, found, body);
      return parts.map((part) => partFor(part, isRead));
    });
  }

  /** Returns the repetitions logged at a lesson's stations, in the order made. */
  repetitions(scope: Scope, lessonId: string): Promise<StoredRepetition[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(scope, db, lessonId);
      return (await this.steps.repetitions(scope, db, lessonId)).map(toRepetition);
    });
  }
}
