import type { DoorEvent } from '../api/doors.ts';

const SENTENCES: Readonly<Record<DoorEvent['kind'], (event: DoorEvent) => string>> = {
  'signed-in': ({ who, detail, isNewBrowser }) =>
    `${who} signed in ${detail}${isNewBrowser ? ', in a new browser' : ''}`,
  refused: ({ who, detail, times }) =>
    `${who === '' ? 'Somebody unknown' : `Somebody as ${who}`} was refused${times === 1 ? '' : ` ${times} times`}${detail === '' ? '' : `: ${detail}`}`,
  'password-changed': ({ who }) => `${who} has a new password`,
  'passkey-added': ({ who }) => `${who} made a passkey`,
  'passkey-removed': ({ who }) => `${who} took a passkey away`,
  'codes-on': ({ who }) => `${who} turned one-time codes on`,
  'codes-off': ({ who, detail }) =>
    `${who} turned one-time codes off${detail === '' ? '' : `, ${detail}`}`,
  invited: ({ who, detail }) => `${who} invited ${detail}`,
  'role-changed': ({ who, detail }) => `${who} changed what somebody may do: ${detail}`,
  'reset-link': ({ who, detail }) => `${who} made a link to a new password for ${detail}`,
  exported: ({ who, detail, player }) => `${who} took out ${detail}${ofWhom(player)}`,
  'archive-taken': ({ who, detail, player }) =>
    `${who} took out ${player === null ? detail : `all that is kept of ${player}`}`,
  'archive-brought': ({ who }) => `${who} brought an archive in`,
  'copy-made': ({ who }) => `${who} made a copy`,
  'copy-taken': ({ who, detail }) => `${who} took out the copy ${detail}`,
  'copy-put-back': ({ who, detail }) => `${who} put a copy back: ${detail}`,
  'copy-tried': ({ detail }) =>
    detail === ''
      ? 'A copy was tried out: it can be put back'
      : `A copy was tried out, and cannot be put back: ${detail.replace(/\.$/, '')}`,
  'copies-sealed': ({ who }) => `${who} sealed the copies with a passphrase`,
  'copies-unsealed': ({ who }) => `${who} seals no more copies`,
  erased: ({ who }) => `${who} erased a player and all that was kept of them`,
  'page-opened': ({ player }) =>
    `The page of ${player ?? 'somebody who was erased'} was opened first`,
  'calendar-made': ({ who }) => `${who} made an address for their calendar`,
  'bay-token-made': ({ who }) => `${who} made a token for a bay’s monitor`,
};

const ofWhom = (player: string | null): string =>
  player === null ? ' of somebody who was erased' : ` of ${player}`;

/** Returns what happened at a door as a sentence without its full stop. */
export const doorSentence = (event: DoorEvent): string => SENTENCES[event.kind](event);
