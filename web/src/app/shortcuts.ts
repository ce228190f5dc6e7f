import { useEffect, useRef } from 'react';

/** What each key does, for the list that `?` shows. */
export const SHORTCUTS: readonly (readonly [keys: string, does: string])[] = [
  ['/', 'Open the palette'],
  ['?', 'Show this list'],
  ['1 – 6', 'Go to a step of the lesson; Alt and the digit while the pad is on'],
  ['J K', 'Next ball, ball before'],
  ['X', 'Leave the chosen ball out, or keep it in'],
  ['S', 'In Watch with a bay: the tone of each ball on or off'],
  ['B', 'New ball'],
  ['T', 'Begin the next block of balls'],
  ['1 – 9', 'On the pad in Watch: the flight you saw, as on a number pad; with Shift much of it'],
  ['+ –', 'On the pad in Watch: much, a little of the last ball'],
  ['H M O F N', 'On the pad in Watch: the last ball off the heel, the middle, the toe; fat, thin'],
  ['C', 'On the pad in Watch: the next of the clubs'],
  ['Backspace', 'On the pad in Watch: take the last ball back'],
  ['E', 'Edit the chosen ball'],
  ['Delete', 'Delete the chosen ball'],
  ['Ctrl Z', 'Undo'],
];

export type KeyMap = Readonly<Record<string, (() => void) | undefined>>;

/** Inputs that take no letters or digits: a key pressed on them is still a command. */
const WITHOUT_TEXT = /^(?:radio|checkbox|button|file|range|submit|reset)$/;

const isTyping = (target: EventTarget | null): boolean => {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !WITHOUT_TEXT.test(target.type);
  return target.isContentEditable || /^(?:TEXTAREA|SELECT)$/.test(target.tagName);
};

/** Returns what a key may be called in a map, the first that is there: its digit, wherever a keyboard has it, or its sign. */
function namesOf({ code, key, shiftKey, altKey, ctrlKey, metaKey }: KeyboardEvent): string[] {
  const command = `${ctrlKey || metaKey ? 'ctrl+' : ''}${altKey ? 'alt+' : ''}`;
  const digit = /^(?:Digit|Numpad)(\d)$/.exec(code)?.[1];
  const sign = `${command}${key.toLowerCase()}`;
  return digit === undefined ? [sign] : [`${command}${shiftKey ? 'shift+' : ''}${digit}`, sign];
}

/**
 * Runs the function of a key pressed outside fields and dialogs. Keys as in `event.key`, lower case, after `ctrl+` and `alt+`; digits
 * with `shift+` too. `isFirst`: before all others.
 */
export function useKeys(map: KeyMap, isFirst = false): void {
  const latest = useRef(map);
  useEffect(() => {
    latest.current = map;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || isTyping(event.target)) return;
      if (document.querySelector('[role="dialog"], [role="alertdialog"]') !== null) return;
      const name = namesOf(event).find((one) => latest.current[one] !== undefined);
      const run = name === undefined ? undefined : latest.current[name];
      if (run === undefined) return;
      event.preventDefault();
      run();
    };
    document.addEventListener('keydown', onKey, isFirst);
    return () => document.removeEventListener('keydown', onKey, isFirst);
  }, [isFirst]);
}
