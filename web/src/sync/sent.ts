import { ApiError } from '../api/client.ts';
import { useLog, waiting } from './log.ts';
import { laneOf } from './pending.ts';

const WAIT_MS = 15_000;

const isEmpty = (lane: string): boolean =>
  waiting(useLog.getState().entries).every(({ change }) => laneOf(change) !== lane);

/**
 * Waits until everything of a lane is stored: what goes to the server beside the log, such as a launch file, must not
 * overtake the block it is hit in. Rejects when that takes too long.
 */
export function whenStored(lane: string, mostMs = WAIT_MS): Promise<void> {
  if (isEmpty(lane)) return Promise.resolve();
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => {
      stop();
      reject(
        new ApiError(0, 'Earlier changes are not stored yet. Try again when the server answers.'),
      );
    }, mostMs);
    const stop = useLog.subscribe(() => {
      if (!isEmpty(lane)) return;
      clearTimeout(timer);
      stop();
      resolve();
    });
  });
}
