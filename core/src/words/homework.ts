/** Returns how much of what was due is done, the one way it is said. */
export const homeworkWords = (done: number, due: number): string =>
  due === 0 ? 'No homework was due yet.' : `${done} of ${due} homework days done.`;
