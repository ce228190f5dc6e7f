import { contextOf, lessonBall, pageKind, pageOfLesson, readLesson, workedOf } from '@loxos/core';
import type {
  AcademyRules,
  ClubKind,
  DisplayUnits,
  DrillEffect,
  HeldLesson,
  LessonReading,
  OwnDrillFacts,
  PageContent,
} from '@loxos/core';
import type { Task } from '../threads/task.ts';

interface PageToMake {
  readonly lesson: HeldLesson;
  /** The player's lesson before it; null where there is none. */
  readonly previous: HeldLesson | null;
  /** The club the page is about; null for the one hit most. */
  readonly club: string | null;
  readonly rules: AcademyRules;
  readonly effects: readonly DrillEffect[];
  readonly own: readonly OwnDrillFacts[];
  readonly units: DisplayUnits;
  /** ISO day of the lesson, and whether it is today. */
  readonly date: string;
  readonly isToday: boolean;
}

interface PageMade {
  /** All but the record. */
  readonly content: PageContent;
  /** The kind of club whose record belongs to it. */
  readonly kind: ClubKind;
}

const readingOf = (lesson: HeldLesson, rules: AcademyRules): LessonReading =>
  readLesson(
    lesson.balls.map((ball) => lessonBall(ball, lesson.blocks)),
    contextOf(lesson, rules),
  );

/** Makes a player's page of a lesson, as the Send step shows it. */
function makePage(asked: PageToMake): PageMade {
  const { lesson, previous, club, rules, effects, own, units, date, isToday } = asked;
  const worked = workedOf(lesson, readingOf(lesson, rules), {
    shown: club,
    ...{ effects, own, rules, isToday },
    previous: {
      lesson: previous,
      reading: previous === null ? null : readingOf(previous, rules),
    },
  });
  const wording = { hand: lesson.player.hand, bands: rules.bands, units };
  const { content } = pageOfLesson(lesson, { worked, wording, date, record: null });
  return { content, kind: pageKind(worked) };
}

/** Makes a page in a thread: the lesson is read anew for it. */
export const MAKE_PAGE: Task<PageToMake, PageMade> = { name: 'makePage', work: makePage };
