import { v4 } from 'uuid';

/** Returns a new id. Not the browser's own function for it, which plain http on a studio's network does not have. */
export const newId = (): string => v4();
