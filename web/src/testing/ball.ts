import { EMPTY_BALL } from '@loxos/core';
import type { Ball } from '../api/client.ts';

/** A ball of the lesson `l` with no figures, as the server would send it. */
export const ballOf = (id: string, ordinal: number): Ball => ({
  ...EMPTY_BALL,
  id,
  lessonId: 'l',
  ordinal,
  keep: 'auto',
  seen: 'monitor',
  openAmount: null,
  contact: null,
  note: '',
  blockId: null,
  launchFileId: null,
  line: null,
  version: 1,
});
