// Pages given to players, as a coach gives them: the words written over what the lesson makes, then the link.
import type { SendPart } from '@loxos/core';
import type { Response } from 'supertest';
import type { TestAgent } from './agent.ts';
import type { TestApp } from './app.ts';
import { edit } from './edit.ts';

const DAY_MS = 24 * 3600 * 1000;

/** Gives the page of a lesson with these words over it; where no point is said, `Aim there`. */
export async function givePage(
  http: TestAgent,
  lessonId: string,
  over: Partial<SendPart> = {},
  days = 30,
): Promise<Response> {
  const fields = { points: ['Aim there'], ...over };
  await edit(http, 'part.set', { id: `${lessonId}.send`, fields });
  return http.post(`/api/lessons/${lessonId}/pages`).send({ days });
}

/** Homework of these days. */
export const homeworkOn = (...days: readonly string[]): SendPart['homework'] =>
  days.map((date) => ({ date, what: 'Ten swings' }));

/** A launch file of eight balls of a 7-iron. */
export const EIGHT_BALLS = `Club,Face angle (deg),Club path (deg),Carry (m)\n${Array.from(
  { length: 8 },
  (_, n) => `7 iron,${1 + n / 10},${-4 + (n % 3) / 2},140`,
).join('\n')}\n`;

/** A player with three visits of eight balls in this half year, and the lesson of the last. */
export async function threeVisits(
  { http, player: addPlayer }: Pick<TestApp, 'http' | 'player'>,
  who: Record<string, unknown> = {},
): Promise<{ readonly player: string; readonly lesson: string }> {
  const player = await addPlayer(who);
  let lesson = '';
  for (const daysAgo of [60, 40, 20]) {
    const startsAt = new Date(Date.now() - daysAgo * DAY_MS).toISOString();
    const made = await edit(http(), 'lesson.add', { fields: { playerId: player, startsAt } });
    lesson = (made.body as { id: string }).id;
    const file = Buffer.from(EIGHT_BALLS);
    await http().post(`/api/lessons/${lesson}/files`).attach('file', file, 'eight.csv').expect(200);
  }
  return { player, lesson };
}
