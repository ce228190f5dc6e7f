import { Injectable, NotFoundException } from '@nestjs/common';
import { plainToInstance } from 'class-transformer';
import { nowText } from '../common/clock.ts';
import { invalid, validationPipe } from '../common/validation.ts';
import { LESSON_PARTS } from '../db/schema/work.ts';
import type { LessonPartName } from '../db/schema/work.ts';
import { Store } from '../db/store.ts';
import { LessonsRepository } from '../lessons/lessons.repository.ts';
import { PART_CLASSES, partTrouble } from './part.dto.ts';
import type {
  AddRepetition,
  LessonChange,
  LessonPart,
  PutPart,
  StoredRepetition,
} from './part.dto.ts';
import { COACH, StepsRepository, toRepetition } from './steps.repository.ts';

@Injectable()
export class StepsService {
  constructor(
    private readonly store: Store,
    private readonly lessons: LessonsRepository,
    private readonly steps: StepsRepository,
  ) {}

  async put(lessonId: string, name: string, { value, who }: PutPart): Promise<LessonPart> {
    const part = LESSON_PARTS.find((known) => known === name);
    if (part === undefined) throw new NotFoundException(`A lesson has no part “${name}”.`);
    const checked = await this.check(part, value);
    const by = { who: who ?? COACH, at: nowText() };
    await this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      await this.steps.putPart(tx, lessonId, part, JSON.stringify(checked), by);
    });
    return { part, value: checked, updatedAt: by.at, updatedBy: by.who };
  }

  changes(lessonId: string): Promise<LessonChange[]> {
    return this.store.read(async (db) => {
      await this.lessons.require(db, lessonId);
      return this.steps.changes(db, lessonId);
    });
  }

  /** Adds a repetition; sent twice with one id it is one. */
  addRepetition(
    lessonId: string,
    dto: AddRepetition,
    pageId: string | null = null,
  ): Promise<StoredRepetition> {
    return this.store.write(async (tx) => {
      await this.lessons.require(tx, lessonId);
      const known = await this.steps.findRepetition(tx, dto.id);
      if (known !== null) {
        await this.steps.markRepetition(tx, dto.id, null);
        return toRepetition(known);
      }
      const row = {
        id: dto.id,
        lessonId,
        pageId,
        drillId: dto.drillId,
        good: dto.good,
        miss: dto.good ? '' : (dto.miss ?? ''),
        feltDeg: dto.feltDeg ?? null,
        measuredDeg: dto.measuredDeg ?? null,
        at: nowText(),
        deletedAt: null,
      };
      await this.steps.addRepetition(tx, row);
      return toRepetition({ ...row, academyId: '' });
    });
  }

  async removeRepetition(id: string): Promise<void> {
    await this.store.write(async (tx) => {
      if ((await this.steps.findRepetition(tx, id)) === null) {
        throw new NotFoundException('There is no such repetition in this academy.');
      }
      await this.steps.markRepetition(tx, id, nowText());
    });
  }

  private async check(part: LessonPartName, value: object): Promise<Record<string, unknown>> {
    const metatype = PART_CLASSES[part];
    const instance: unknown = plainToInstance(metatype as new () => object, value);
    const checked = (await validationPipe().transform(instance, {
      type: 'body',
      metatype,
    })) as object;
    const trouble = partTrouble(part, checked);
    if (trouble !== null) throw invalid([{ field: part, reason: trouble }]);
    return JSON.parse(JSON.stringify(checked)) as Record<string, unknown>;
  }
}
