import { queryClient } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { isOfDrill, isOfLesson, isOfPlayer } from './pending.ts';
import type { Pending } from './pending.ts';

/** Asks the server for what a change is of. What is on the screen is there when this resolves; the rest follows. */
export async function askAnew(change: Pending): Promise<void> {
  if (isOfLesson(change)) {
    await queryClient.refetchQueries({ queryKey: keys.lesson(change.lessonId) });
    if (change.op === 'open' || change.op === 'reopen')
      await queryClient.refetchQueries({ queryKey: keys.lessons });
    else void queryClient.invalidateQueries({ queryKey: keys.lessons });
  } else if (isOfPlayer(change)) {
    await queryClient.refetchQueries({ queryKey: keys.players });
    void queryClient.invalidateQueries();
  } else if (isOfDrill(change)) {
    await queryClient.refetchQueries({ queryKey: keys.drills });
  } else await queryClient.refetchQueries({ queryKey: keys.settings });
}
