import { useEffect, useRef } from 'react';

/** What each key does, for the list that `?` shows. */
export const SHORTCUTS: readonly (readonly [keys: string, does: string])[] = [
  ['/', 'Open the palette'],
  ['?', 'Show this list'],
  ['1 – 6', 'Go to a step of the lesson'],
  ['J K', 'Next ball, ball before'],
  ['X', 'Leave the chosen ball out, or keep it in'],
  ['B', 'New ball'],
  ['T', 'Begin the next block of balls'],
  ['1 – 9', 'In Watch, once the club is chosen: the flight you saw, as on a number pad'],
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

/** Runs the function of a key pressed outside fields and dialogs. Keys as in `event.key`, lower case. `isFirst`: before all others. */
export function useKeys(map: KeyMap, isFirst = false): void {
  const latest = useRef(map);
  useEffect(() => {
    latest.current = map;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || isTyping(event.target) || event.altKey) return;
      if (document.querySelector('[role="dialog"], [role="alertdialog"]') !== null) return;
      const command = event.ctrlKey || event.metaKey ? 'ctrl+' : '';
      const pad = /^Numpad\d$/.test(event.code)
        ? latest.current[event.code.toLowerCase()]
        : undefined;
      const run = pad ?? latest.current[`${command}${event.key.toLowerCase()}`];
      if (run === undefined) return;
      event.preventDefault();
      run();
    };
    document.addEventListener('keydown', onKey, isFirst);
    return () => document.removeEventListener('keydown', onKey, isFirst);
  }, [isFirst]);
}
