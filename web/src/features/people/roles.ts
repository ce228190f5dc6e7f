import type { Role } from '../../api/account.ts';

export const ROLE_OPTIONS: readonly (readonly [Role, string])[] = [
  ['coach', 'Coach'],
  ['assistant', 'Assistant'],
  ['owner', 'Owner'],
];

/** What each role may do. */
export const ROLE_SENTENCES = [
  'An owner does everything, and decides who comes in.',
  'A coach sees every player of the academy, and plans their lessons.',
  'An assistant sees everything and logs balls and repetitions; plans stay the coach’s.',
] as const;
