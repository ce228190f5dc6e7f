// Messages of a sender, as a launch monitor would post them.
import { randomUUID } from 'node:crypto';
import { findClub, headOf, plainDelivery, simulateShot } from '@loxos/core';
import type { LiveAnswer, LiveFate } from '../bays/bay.dto.ts';
import type { TestApp } from './app.ts';
import { edit } from './edit.ts';

const QUANTITIES = {
  clubPath: { unit: 'deg', plus: 'right' },
  faceAngle: { unit: 'deg', plus: 'right' },
  startDirection: { unit: 'deg', plus: 'right' },
  spinAxisTilt: { unit: 'deg', plus: 'right' },
  clubSpeed: { unit: 'mph' },
  carry: { unit: 'yd' },
} as const;

export interface SaidOf {
  readonly path?: number;
  readonly face?: number;
  /** Whether its path is the other way round than it says. */
  readonly isTurned?: boolean;
}

/** A ball of a 7-iron as its sender says it, flown by the model. */
export function saidBall(
  sequence: number,
  { path = -4, face = -1, isTurned = false }: SaidOf = {},
) {
  const club = findClub('7-iron')!;
  const head = headOf(club);
  const swing = { ...plainDelivery(club, 'right', 43), clubPathDeg: path, faceAngleDeg: face };
  const { launch, flight } = simulateShot(swing, head);
  return {
    sequence,
    club: '7-iron',
    figures: {
      clubPath: isTurned ? -path : path,
      faceAngle: face,
      startDirection: launch.startDirectionDeg,
      spinAxisTilt: launch.spinAxisTiltDeg,
      clubSpeed: swing.clubSpeedMps / 0.44704,
      carry: flight.carryM / 0.9144,
    },
  };
}

export const messageOf = (balls: readonly unknown[], more: object = {}) => ({
  version: 1,
  source: 'monitor 1',
  quantities: QUANTITIES,
  balls,
  ...more,
});

/** A bay with a token, pointed at a lesson where one is said. */
export async function newBay(t: TestApp, lessonId: string | null = null, name = 'Bay 1') {
  const id = randomUUID();
  await edit(t.http(), 'bay.add', { id, fields: { name } }).expect(200);
  if (lessonId !== null) await edit(t.http(), 'bay.set', { id, fields: { lessonId } }).expect(200);
  const made = await t.http().post(`/api/bays/${id}/token`).expect(201);
  const { token } = made.body as { token: string };
  const post = (message: object, key = token) =>
    t.as('').post('/api/live').set('authorization', `Bearer ${key}`).send(message);
  /** Sends balls; what became of each. */
  const send = async (...balls: unknown[]): Promise<LiveFate[]> => {
    const answer = await post(messageOf(balls)).expect(200);
    return [...(answer.body as LiveAnswer).fates];
  };
  return { id, token, post, send };
}
