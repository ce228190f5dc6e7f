import type { Bay } from '../api/client.ts';

/** A bay as the server would tell of it: with a token, heard just now, pointing at no lesson. */
export const bayWith = (change: Partial<Bay> = {}): Bay => ({
  id: 'bay',
  name: 'Bay 1',
  lessonId: null,
  playerName: null,
  isOn: true,
  tokenAt: '2026-03-04T08:00:00.000Z',
  heardAt: '2026-03-04T08:59:58.000Z',
  isHeard: true,
  waiting: 0,
  doubts: [],
  version: 1,
  ...change,
});
