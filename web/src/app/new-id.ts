/** An id of one's own making, so that what is sent twice is one. */
export const newId = (): string => crypto.randomUUID();
