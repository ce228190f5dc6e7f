import { single } from './log-db.ts';
import { newId } from './new-id.ts';

let name = newId();

/** This browser's name among those that write: the same in all its tabs, and from day to day. */
export const deviceName = (): string => name;

/** Reads the name the browser keeps; where it keeps nothing, the page has one of its own. */
export async function readDevice(): Promise<void> {
  name = await single('device', () => name).catch(() => name);
}
