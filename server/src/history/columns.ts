import type { Fields } from '@loxos/core';

/** Fields as columns: whether a thing is taken away is kept as the time it was. */
export function columnsOf(fields: Fields, at: string): Record<string, unknown> {
  const { deleted, ...rest } = fields;
  if (deleted === undefined) return rest;
  return { ...rest, deletedAt: deleted === true ? at : null };
}
