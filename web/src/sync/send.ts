import { answerOf, api } from '../api/client.ts';
import { deviceName } from './device.ts';
import type { Entry } from './log-db.ts';
import type { OfDrill, OfLesson, OfPlayer } from './pending.ts';
import { sendFile } from './send-file.ts';
import { isOfDrill, isOfLesson, isOfPlayer } from './pending.ts';

/** How a write names itself: the change, the device, and the version that was seen. */
type Naming = Readonly<Record<string, string>>;

const namingOf = ({ id, seen }: Entry): Naming => ({
  'x-loxos-change': id,
  'x-loxos-device': deviceName(),
  ...(seen !== null && { 'if-match': `"${seen}"` }),
});

function sendBall(
  entry: Extract<OfLesson, { readonly ballId: string }>,
  headers: Naming,
): Promise<unknown> {
  const id = entry.ballId;
  switch (entry.op) {
    case 'add': {
      const params = { path: { lessonId: entry.lessonId } };
      const body = { ...entry.body, id };
      return answerOf(api.POST('/api/lessons/{lessonId}/balls', { params, body, headers }));
    }
    case 'change':
      return answerOf(
        api.PATCH('/api/balls/{id}', { params: { path: { id } }, body: entry.body, headers }),
      );
    case 'remove':
      return answerOf(api.DELETE('/api/balls/{id}', { params: { path: { id } }, headers }));
    case 'restore':
      return answerOf(api.POST('/api/balls/{id}/restore', { params: { path: { id } }, headers }));
  }
}

function sendOfLesson(entry: OfLesson, headers: Naming): Promise<unknown> {
  const { lessonId } = entry;
  const params = { path: { lessonId } };
  switch (entry.op) {
    case 'begin':
      return answerOf(
        api.POST('/api/lessons/{lessonId}/blocks', { params, body: entry.body, headers }),
      );
    case 'block': {
      const path = { id: entry.blockId };
      return answerOf(
        api.PATCH('/api/blocks/{id}', { params: { path }, body: entry.body, headers }),
      );
    }
    case 'unblock': {
      const path = { id: entry.blockId };
      return answerOf(api.DELETE('/api/blocks/{id}', { params: { path }, headers }));
    }
    case 'move': {
      const body = { ballIds: [...entry.ballIds], blockId: entry.blockId };
      return answerOf(api.POST('/api/lessons/{lessonId}/balls/block', { params, body, headers }));
    }
    case 'part': {
      const path = { lessonId, part: entry.part };
      const body = { changes: { ...entry.changes } };
      return answerOf(
        api.PATCH('/api/lessons/{lessonId}/parts/{part}', { params: { path }, body, headers }),
      );
    }
    case 'repeat':
      return answerOf(
        api.POST('/api/lessons/{lessonId}/repetitions', { params, body: entry.body, headers }),
      );
    case 'unrepeat': {
      const path = { id: entry.repetitionId };
      return answerOf(api.DELETE('/api/repetitions/{id}', { params: { path }, headers }));
    }
    case 'open': {
      const body = { ...entry.body, id: lessonId };
      return answerOf(api.POST('/api/lessons', { body, headers }));
    }
    case 'lesson': {
      const path = { id: lessonId };
      return answerOf(
        api.PATCH('/api/lessons/{id}', { params: { path }, body: entry.body, headers }),
      );
    }
    case 'close': {
      const path = { id: lessonId };
      return answerOf(api.DELETE('/api/lessons/{id}', { params: { path }, headers }));
    }
    case 'reopen': {
      const path = { id: lessonId };
      return answerOf(api.POST('/api/lessons/{id}/restore', { params: { path }, headers }));
    }
    case 'file':
      return sendFile(entry, headers);
    case 'unfile': {
      const path = { id: entry.fileId };
      return answerOf(api.DELETE('/api/files/{id}', { params: { path }, headers }));
    }
    default:
      return sendBall(entry, headers);
  }
}

function sendOfPlayer(entry: OfPlayer, headers: Naming): Promise<unknown> {
  const params = { path: { id: entry.playerId } };
  switch (entry.op) {
    case 'meet': {
      const body = { ...entry.body, id: entry.playerId };
      return answerOf(api.POST('/api/players', { body, headers }));
    }
    case 'player':
      return answerOf(api.PATCH('/api/players/{id}', { params, body: entry.body, headers }));
    case 'part-with':
      return answerOf(api.DELETE('/api/players/{id}', { params, headers }));
    case 'take-back':
      return answerOf(api.POST('/api/players/{id}/restore', { params, headers }));
  }
}

function sendOfDrill(entry: OfDrill, headers: Naming): Promise<unknown> {
  const id = entry.drillId;
  const params = { path: { id } };
  switch (entry.op) {
    case 'invent':
      return answerOf(api.POST('/api/drills', { body: { ...entry.body, id }, headers }));
    case 'forget':
      return answerOf(api.DELETE('/api/drills/{id}', { params, headers }));
    case 'recall':
      return answerOf(api.POST('/api/drills/{id}/restore', { params, headers }));
  }
}

/** Sends a change; rejects with the server's own words where it is not taken. */
export function send(entry: Entry): Promise<unknown> {
  const { change } = entry;
  const headers = namingOf(entry);
  if (isOfLesson(change)) return sendOfLesson(change, headers);
  if (isOfPlayer(change)) return sendOfPlayer(change, headers);
  if (isOfDrill(change)) return sendOfDrill(change, headers);
  const body = { changes: { ...change.changes } };
  return answerOf(api.PATCH('/api/settings', { body, headers }));
}
