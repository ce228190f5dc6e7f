/** What a page holds: two weeks to the next look, nothing else; `more` says what it is about. */
export const pageWith = <T extends object>(more: T = {} as T) => ({
  points: ['Aim there'],
  numbers: [],
  slants: [],
  stations: [],
  homework: [],
  nextLook: '2026-05-18',
  words: null,
  ...more,
});
