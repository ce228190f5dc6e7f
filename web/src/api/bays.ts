import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { applyBays } from '../sync/apply.ts';
import { newId } from '../sync/new-id.ts';
import { push } from '../sync/push.ts';
import { step } from '../sync/step.ts';
import { didUndoably, remember } from '../app/undo.ts';
import { answerOf, api } from './client.ts';
import type { Bay, UpdateBay } from './client.ts';
import { keys } from './keys.ts';
import { useWaiting } from './queries.ts';

/** How often bays that are looked at are asked for, ms: whether their senders are heard is told by it. */
const LOOK_MS = 4000;

/** Returns the bays as they will be once everything on its way is stored; `isWatched` keeps up with their senders. */
export function useBays(isWatched: boolean) {
  const query = useQuery({
    queryKey: keys.bays,
    queryFn: () => answerOf(api.GET('/api/bays')),
    refetchInterval: isWatched ? LOOK_MS : false,
  });
  const changes = useWaiting();
  const data = useMemo(
    () => (query.data === undefined ? undefined : applyBays(query.data, changes)),
    [query.data, changes],
  );
  return { data, error: data === undefined ? query.error : null };
}

/** Makes a bay; it is there at once. Returns its id. */
export function addBay(name: string): string {
  const id = newId();
  void push(step('bay.add', { id }, { name }));
  return id;
}

/** Changes a bay; undo puts it back. */
export function changeBay(bay: Bay, changes: Omit<UpdateBay, 'answers'>): void {
  const { id } = bay;
  const before = Object.fromEntries(
    Object.keys(changes).map((name) => [name, bay[name as keyof typeof changes]]),
  );
  void push(step('bay.set', { id }, changes));
  remember(bay.name, () => void push(step('bay.set', { id }, before)));
}

/** Says what the figures of a bay are, as one of the answers of a question says it; undone it is asked again. */
export function answerBay({ id, name }: Bay, answers: NonNullable<UpdateBay['answers']>): void {
  void push(step('bay.set', { id }, { answers }));
  didUndoably(
    `${name} told what its figures are`,
    () => void push(step('bay.set', { id }, { answers: null })),
  );
}

/** Takes a bay away, and with it its sender's token; undo brings it back without one. */
export function removeBay(bay: Bay): void {
  const { id, name } = bay;
  void push(step('bay.remove', { id }));
  didUndoably(`${name} taken away`, () => void push(step('bay.restore', { id }, bay)));
}

/** Makes the token of a bay, which is told once, or ends it. */
export function useBayToken(id: string) {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: keys.bays });
  const params = { path: { id } };
  const make = useMutation({
    mutationFn: () => answerOf(api.POST('/api/bays/{id}/token', { params })),
    onSuccess,
  });
  const end = useMutation({
    mutationFn: async () => {
      await answerOf(api.DELETE('/api/bays/{id}/token', { params }));
    },
    onSuccess,
  });
  return { make, end };
}

/** Gives what waits in a bay to a lesson, or throws it away. */
export function useGiveWaiting({ id }: Bay) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (lessonId: string | null) =>
      answerOf(
        api.POST('/api/bays/{id}/waiting', { params: { path: { id } }, body: { lessonId } }),
      ),
    onSuccess: async (_, lessonId) => {
      await client.invalidateQueries({ queryKey: keys.bays });
      if (lessonId !== null) await client.refetchQueries({ queryKey: keys.lesson(lessonId) });
    },
  });
}
