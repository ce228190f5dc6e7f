/** What may be said of one block against another. */
export const VERDICTS = [
  'on plan',
  'there',
  'past it',
  'no real change',
  'away from plan',
  'not yet clear',
] as const;
export type Verdict = (typeof VERDICTS)[number];
