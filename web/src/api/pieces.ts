import { answerOf, api, queryClient } from './client.ts';
import type { Ball, Lesson } from './client.ts';
import { PIECES, keys } from './keys.ts';
import type { Pieces } from './keys.ts';
import { deviceName } from '../sync/device.ts';

/** All balls of a lesson: an answer holds so many at most, and says where the next begins. */
async function allBalls(lessonId: string): Promise<readonly Ball[]> {
  const balls: Ball[] = [];
  for (let after: number | null = 0; after !== null;) {
    const params: { path: { lessonId: string }; query: { after: number } } = {
      path: { lessonId },
      query: { after },
    };
    const page = await answerOf(api.GET('/api/lessons/{lessonId}/balls', { params }));
    balls.push(...page.balls);
    after = page.next;
  }
  return balls;
}

type Ask = { readonly [K in keyof Pieces]: (lessonId: string) => Promise<Pieces[K]> };

/** How each piece of a lesson is asked for. */
const ASK: Ask = {
  // Named, so that what other devices changed can be told from what this one did.
  head: (id) =>
    answerOf(
      api.GET('/api/lessons/{id}', {
        params: { path: { id } },
        headers: { 'x-loxos-device': deviceName() },
      }),
    ),
  balls: allBalls,
  blocks: (lessonId) =>
    answerOf(api.GET('/api/lessons/{lessonId}/blocks', { params: { path: { lessonId } } })),
  parts: (lessonId) =>
    answerOf(api.GET('/api/lessons/{lessonId}/parts', { params: { path: { lessonId } } })),
  files: (lessonId) =>
    answerOf(api.GET('/api/lessons/{lessonId}/files', { params: { path: { lessonId } } })),
  repetitions: (lessonId) =>
    answerOf(api.GET('/api/lessons/{lessonId}/repetitions', { params: { path: { lessonId } } })),
  pages: (lessonId) =>
    answerOf(api.GET('/api/lessons/{lessonId}/pages', { params: { path: { lessonId } } })),
};

/** Returns the queries of a lesson's pieces, in the order of `PIECES`. */
export const pieceQueries = (id: string) =>
  PIECES.map((piece) => ({
    queryKey: keys.piece(id, piece),
    queryFn: (): Promise<Pieces[typeof piece]> => ASK[piece](id),
    enabled: id !== '',
  }));

/** Returns a piece of a lesson as the server last had it, where this browser knows. */
export const knownPiece = <K extends keyof Pieces>(id: string, piece: K): Pieces[K] | undefined =>
  queryClient.getQueryData<Pieces[K]>(keys.piece(id, piece));

/** Returns whether all pieces are known. */
const isWhole = (pieces: Partial<Pieces>): pieces is Pieces =>
  PIECES.every((piece) => pieces[piece] !== undefined);

/** Returns the lesson its pieces make; null while one is not known. */
export function lessonFrom(pieces: Partial<Pieces>): Lesson | null {
  if (!isWhole(pieces)) return null;
  const { head, ...rest } = pieces;
  return { ...head, ...rest };
}
