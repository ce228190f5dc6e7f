import { seededRandom } from '@loxos/core';
import { FaultyLine, MANY_FAULTS, NO_FAULTS } from './faults.ts';
import type { Faults, Sending } from './faults.ts';
import type { SentBall } from './message.ts';

const ball = (sequence: number): SentBall => ({ sequence, hitAt: '', club: '7 iron', figures: {} });
function sendAll(faults: Faults, count: number): Sending[] {
  const line = new FaultyLine(faults, seededRandom(8));
  const sent = Array.from({ length: count }, (_, n) => line.after('s', ball(n + 1))).flat();
  return [...sent, ...line.rest()];
}
const numbers = (sent: readonly Sending[]) =>
  sent.map((one) => (one.ball as SentBall).sequence).filter((sequence) => sequence > 0);

it('sends each ball once and in order where nothing goes wrong', () => {
  expect(numbers(sendAll(NO_FAULTS, 50))).toEqual(Array.from({ length: 50 }, (_, n) => n + 1));
});

it('sends every ball whole in the end, some late, some twice, some broken before', () => {
  const sent = sendAll(MANY_FAULTS, 2000);
  const all = numbers(sent);
  expect(new Set(all).size).toBe(2000);
  expect(all.length).toBeGreaterThan(2100);
  expect(all.filter((n, at) => n < (all[at - 1] ?? 0)).length).toBeGreaterThan(50);
  expect(sent.length - all.length).toBeGreaterThan(40);
  expect(sent.filter(({ isAnswerLost }) => isAnswerLost).length).toBeGreaterThan(50);
});
