import type { Fields } from '@loxos/core';
import { nowText } from '../common/clock.ts';

/** Fields as columns: whether a thing is taken away is kept as the time it was. */
export function columnsOf(fields: Fields): Record<string, unknown> {
  const { deleted, ...rest } = fields;
  if (deleted === undefined) return rest;
  return { ...rest, deletedAt: deleted === true ? nowText() : null };
}
