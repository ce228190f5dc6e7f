/** Names of shots in a sentence. */
import { aOrAn } from './sentence.ts';

const PLURALS: Readonly<Record<string, string>> = {
  straight: 'straight balls',
  pull: 'straight pulls',
  push: 'straight pushes',
};
/** `straight pulls`, `push-slices`. */
export const shotsWord = (name: string): string => PLURALS[name] ?? `${name}s`;

const ONES: Readonly<Record<string, string>> = {
  straight: 'a straight ball',
  pull: 'a straight pull',
  push: 'a straight push',
};
/** `a straight pull`, `a push-slice`. */
export const shotWord = (name: string): string => ONES[name] ?? `${aOrAn(name)} ${name}`;

/** Returns whether a shot's name is that of a strong bend. */
export const isStrongName = (name: string): boolean => /(hook|slice)$/.test(name);
