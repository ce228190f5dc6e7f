import type { PageContent, ReportDraft } from '@loxos/core';
import { QueryClient } from '@tanstack/react-query';
import createClient from 'openapi-fetch';
import { create } from 'zustand';
import { ApiError, errorOf } from './error.ts';
import type { components, paths } from './schema.gen.ts';
import { takeEarly } from './early.ts';
import { keptAccount } from './who.ts';

type Schemas = components['schemas'];
export type Player = Schemas['Player'];
export type CreatePlayer = Schemas['CreatePlayer'];
export type UpdatePlayer = Omit<Schemas['UpdatePlayer'], 'report'> & {
  readonly report?: ReportDraft | null;
};
export type LessonHead = Schemas['LessonHead'];
export type LessonSummary = Schemas['LessonSummary'];
export type UpdateLesson = Schemas['UpdateLesson'];
export type CreateLesson = Schemas['CreateLesson'];
export type Ball = Schemas['Ball'];
export type Block = Schemas['Block'];
export type StartBlock = Schemas['StartBlock'];
export type UpdateBlock = Schemas['UpdateBlock'];
export type CreateBall = Schemas['CreateBall'];
export type UpdateBall = Schemas['UpdateBall'];
export type LaunchFile = Schemas['LaunchFile'];
export type IntakeResult = Schemas['IntakeResult'];
export type IntakeAnswers = Schemas['IntakeAnswers'];
export type IntakeRow = Schemas['Row'];
export type IntakeColumn = Schemas['Column'];
export type FileSource = Schemas['FileSource'];
export type ChangeSource = Schemas['ChangeSource'];
export type ChangedFigure = Schemas['ChangedFigure'];
export type LessonPart = Schemas['LessonPart'];
export type LessonPartName = LessonPart['part'];
export type StoredRepetition = Schemas['StoredRepetition'];
export type AddRepetition = Schemas['AddRepetition'];
export type PlayerPage = PageContent & Schemas['PageHead'];
export type Given = Schemas['Given'];
export type GivenTo = Schemas['GivenTo'];
export type RecordAnswer = Schemas['RecordAnswer'];
export type StationDay = Schemas['StationDay'];
export type Bay = Schemas['Bay'];
export type CreateBay = Schemas['CreateBay'];
export type UpdateBay = Schemas['UpdateBay'];
export type OwnDrill = Schemas['OwnDrill'];
export type CreateOwnDrill = Schemas['CreateOwnDrill'];
export type Settings = Schemas['StoredSettings'];
export type Problem = Schemas['Problem'];
export type ChangedThing = Schemas['ChangedThing'];
export type HistoryEntry = Schemas['HistoryEntry'];
export type SharedPage = Schemas['SharedPage'];

/** A lesson with all that is of it, as the screens read it; the server has each piece apart. */
export interface Lesson extends LessonHead {
  readonly balls: readonly Ball[];
  /** In the order begun; the last is under way. */
  readonly blocks: readonly Block[];
  readonly parts: readonly LessonPart[];
  readonly files: readonly LaunchFile[];
  readonly repetitions: readonly StoredRepetition[];
  readonly pages: readonly SharedPage[];
}

export { ApiError, errorOf };

export const api = createClient<paths>({
  baseUrl: globalThis.location.origin,
  // Looked up at each call, so that what stands in for the network can be changed.
  fetch: (request) => takeEarly(request) ?? globalThis.fetch(request),
});

// A page left open must not act for whoever signed in after.
api.use({
  onRequest({ request }) {
    const id = keptAccount()?.id;
    if (id !== undefined) request.headers.set('x-loxos-user', id);
    return request;
  },
});

/** Whether the server last said that nobody is signed in here: what is in hand stays on the screen. */
export const useSignedOut = create<{ readonly isOut: boolean }>()(() => ({ isOut: false }));
/** Returns what is sent of a password said again: nothing where it was not asked for. */
export const saidAgain = (password: string | undefined) =>
  password === undefined ? {} : { password };

const NO_ANSWER = 'The server does not answer. This was not sent: try again when it is back.';

interface Answer<T> {
  readonly data?: T;
  readonly error?: unknown;
  readonly response: Response;
}

/** Returns the data of an answer; throws ApiError with the server's own words otherwise. */
export async function answerOf<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await request;
  } catch {
    throw new ApiError(0, NO_ANSWER);
  }
  if (answer.response.ok) return answer.data as T;
  const problem = (answer.error ?? {}) as Partial<Problem>;
  if (problem.kind === 'signed-out') useSignedOut.setState({ isOut: true });
  throw errorOf({ ...problem, statusCode: answer.response.status });
}

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5000,
      // As long as the browser keeps it.
      gcTime: 3 * 24 * 3600 * 1000,
      networkMode: 'always',
      retry: (count, error) => error instanceof ApiError && error.status === 0 && count < 3,
    },
    mutations: { networkMode: 'always' },
  },
});
