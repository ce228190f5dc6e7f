import type { APIRequestContext } from '@playwright/test';
import { now } from './clock.ts';
import { fileOf, launchText } from './balls.ts';

const DAY_MS = 864e5;

/** A player with a visit a week: paths as a right-hander's, the last one today. */
export async function followed(
  api: APIRequestContext,
  name: string,
  hand: 'right' | 'left',
  paths: readonly number[],
): Promise<string> {
  const made = await api.post('/api/players', { data: { name, hand, lengthUnit: 'm' } });
  const { id: playerId } = (await made.json()) as { id: string };
  for (const [n, path] of paths.entries()) {
    const startsAt = new Date(now().getTime() - (paths.length - 1 - n) * 7 * DAY_MS).toISOString();
    const lesson = await api.post('/api/lessons', { data: { playerId, startsAt } });
    const { id } = (await lesson.json()) as { id: string };
    const sets = [{ balls: 12, path, face: 0 }];
    const file = fileOf(launchText(hand, '7-iron', sets, 40 + n), `${n}.csv`);
    await api.post(`/api/lessons/${id}/files`, { multipart: { file } });
  }
  return playerId;
}
