import type { DoorEvent } from '../api/doors.ts';

/** Something that happened at a door, as the server tells it. */
export const doorEvent = (id: string, more: Partial<DoorEvent> = {}): DoorEvent => ({
  id,
  kind: 'signed-in',
  at: '2026-05-04T09:00:00.000Z',
  lastAt: '2026-05-04T09:00:00.000Z',
  times: 1,
  who: 'Olga Ower',
  address: '10.0.0.9',
  device: 'Mozilla/5.0 (iPad) Safari/1',
  detail: 'with a password',
  isNewBrowser: false,
  player: null,
  ...more,
});
