import { toast } from 'sonner';
import { ApiError, answerOf, api, queryClient } from './client.ts';
import { useOutbox } from './outbox.ts';
import type { Pending } from './outbox.ts';
import { keys } from './queries.ts';

const RETRY_MS = 3000;

function sendBall(entry: Extract<Pending, { readonly ballId: string }>): Promise<unknown> {
  const id = entry.ballId;
  switch (entry.op) {
    case 'add': {
      const params = { path: { lessonId: entry.lessonId } };
      const body = { ...entry.body, id };
      return answerOf(api.POST('/api/lessons/{lessonId}/balls', { params, body }));
    }
    case 'change':
      return answerOf(api.PATCH('/api/balls/{id}', { params: { path: { id } }, body: entry.body }));
    case 'remove':
      return answerOf(api.DELETE('/api/balls/{id}', { params: { path: { id } } }));
    case 'restore':
      return answerOf(api.POST('/api/balls/{id}/restore', { params: { path: { id } } }));
  }
}

function send(entry: Pending): Promise<unknown> {
  const { lessonId } = entry;
  const params = { path: { lessonId } };
  switch (entry.op) {
    case 'begin':
      return answerOf(api.POST('/api/lessons/{lessonId}/blocks', { params, body: entry.body }));
    case 'block': {
      const path = { id: entry.blockId };
      return answerOf(api.PATCH('/api/blocks/{id}', { params: { path }, body: entry.body }));
    }
    case 'unblock': {
      const path = { id: entry.blockId };
      return answerOf(api.DELETE('/api/blocks/{id}', { params: { path } }));
    }
    case 'move': {
      const body = { ballIds: [...entry.ballIds], blockId: entry.blockId };
      return answerOf(api.POST('/api/lessons/{lessonId}/balls/block', { params, body }));
    }
    case 'part': {
      const path = { lessonId, part: entry.part };
      const body = { value: entry.value };
      return answerOf(api.PUT('/api/lessons/{lessonId}/parts/{part}', { params: { path }, body }));
    }
    case 'repeat':
      return answerOf(
        api.POST('/api/lessons/{lessonId}/repetitions', { params, body: entry.body }),
      );
    case 'unrepeat': {
      const path = { id: entry.repetitionId };
      return answerOf(api.DELETE('/api/repetitions/{id}', { params: { path } }));
    }
    default:
      return sendBall(entry);
  }
}

const isLost = (error: unknown): boolean =>
  error instanceof ApiError && error.status > 0 && error.status < 500;

/** Sends the oldest change; refused ones are dropped with the reason shown, the rest are retried. */
async function sendFirst(entry: Pending): Promise<boolean> {
  try {
    await send(entry);
  } catch (error) {
    if (!isLost(error)) return false;
    toast.error(`Not stored: ${(error as Error).message}`);
  }
  const rest = useOutbox.getState().entries.slice(1);
  // The screen shows server state plus what is pending: fetch before letting the change go.
  if (!rest.some(({ lessonId }) => lessonId === entry.lessonId)) {
    await queryClient.refetchQueries({ queryKey: keys.lesson(entry.lessonId) });
    void queryClient.invalidateQueries({ queryKey: keys.lessons });
  }
  return true;
}

/** Keeps sending what is pending, oldest first, for as long as the page lives. */
export function startOutbox(): void {
  let busy = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const work = async (): Promise<void> => {
    if (busy) return;
    busy = true;
    clearTimeout(timer);
    for (;;) {
      const [entry] = useOutbox.getState().entries;
      if (entry === undefined) break;
      if (await sendFirst(entry)) useOutbox.getState().shift();
      else {
        timer = setTimeout(() => void work(), RETRY_MS);
        break;
      }
    }
    busy = false;
  };
  useOutbox.subscribe(() => void work());
  window.addEventListener('online', () => void work());
  void work();
}
