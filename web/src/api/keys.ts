import type { LaunchFile, Lesson, LessonHead } from './client.ts';

/** What a lesson is made of, each asked for and kept apart. */
export interface Pieces extends Pick<
  Lesson,
  'balls' | 'blocks' | 'parts' | 'files' | 'repetitions' | 'pages'
> {
  readonly head: LessonHead;
}

export const PIECES = [
  'head',
  'balls',
  'blocks',
  'parts',
  'files',
  'repetitions',
  'pages',
] as const satisfies readonly (keyof Pieces)[];

/** What the query cache keeps each thing under. */
export const keys = {
  players: ['players'] as const,
  lessons: ['lessons'] as const,
  lesson: (id: string) => ['lesson', id] as const,
  piece: (id: string, piece: keyof Pieces) => ['lesson', id, piece] as const,
  history: (lessonId: string) => ['lesson', lessonId, 'history'] as const,
  /** A file asked about anew is read anew, and has another time of arrival. */
  rows: ({ id, receivedAt }: LaunchFile, fate?: string) =>
    ['rows', id, receivedAt, fate ?? 'all'] as const,
  settings: ['settings'] as const,
  health: ['health'] as const,
  drills: ['drills'] as const,
  bays: ['bays'] as const,
  effects: (playerId: string) => ['effects', playerId] as const,
  standings: (since?: string) => ['standings', since ?? null] as const,
  moved: (kind: string) => ['moved', kind] as const,
  record: (playerId: string, of: object) => ['record', playerId, of] as const,
  reports: (playerId: string) => ['reports', playerId] as const,
};
