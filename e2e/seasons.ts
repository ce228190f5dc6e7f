import type { APIRequestContext } from '@playwright/test';
import { now } from './clock.ts';
import { edit } from './edit.ts';
import { fileOf, launchText } from './balls.ts';

const DAY_MS = 864e5;

/** A player with a visit a week: paths as a right-hander's, the last one today. */
export async function followed(
  api: APIRequestContext,
  name: string,
  hand: 'right' | 'left',
  paths: readonly number[],
): Promise<string> {
  const of = await edit(api, 'player.add', { fields: { name, hand, lengthUnit: 'm' } });
  for (const [n, path] of paths.entries()) {
    const startsAt = new Date(now().getTime() - (paths.length - 1 - n) * 7 * DAY_MS).toISOString();
    const id = await edit(api, 'lesson.add', { of, fields: { startsAt } });
    const sets = [{ balls: 12, path, face: 0 }];
    const file = fileOf(launchText(hand, '7-iron', sets, 40 + n), `${n}.csv`);
    await api.post(`/api/lessons/${id}/files`, { multipart: { file } });
  }
  return of;
}
