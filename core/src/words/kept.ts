/** What is kept of people, who reads it and for how long: in plain words, with the figures that are in force. */
import type { PersonalReaders } from '../academy/personal.ts';

/** What an academy keeps, and how long. */
export interface KeptFor {
  readonly academy: string;
  readonly personalFor: PersonalReaders;
  /** Months without a lesson after which a player is long gone; null where nobody said. */
  readonly goneMonths: number | null;
  /** Copies kept at most, by why they were made. */
  readonly copies: {
    readonly daily: number;
    readonly asked: number;
    readonly beforeUpdate: number;
    readonly beforeRestore: number;
  };
  readonly doorRecordDays: number;
  readonly idleHours: number;
  readonly sessionDays: number;
  readonly pageDays: number;
}

export interface KeptSection {
  readonly title: string;
  readonly sentences: readonly string[];
}

const HOURS_A_DAY = 24;

/** Hours as they are spoken of: `8 hours`, `a day`, `30 days`. */
function hoursText(hours: number): string {
  const isDays = hours >= HOURS_A_DAY && hours % HOURS_A_DAY === 0;
  const [count, one, many] = isDays
    ? [hours / HOURS_A_DAY, 'a day', 'days']
    : [hours, 'an hour', 'hours'];
  return count === 1 ? one : `${count} ${many}`;
}

/** Months as they are spoken of: `18 months`, `2 years`. */
export function monthsText(months: number): string {
  if (months % 12 !== 0) return `${months} months`;
  return months === 12 ? 'a year' : `${months / 12} years`;
}

const daysText = (days: number): string => (days === 365 ? 'a year' : `${days} days`);

const PERSONAL_WORDS: Readonly<Record<PersonalReaders, readonly string[]>> = {
  coaches: [
    'Body notes and what players write back are read by every coach.',
    'An assistant sees only which parts of the body to mind.',
  ],
  'own-coach': [
    'Body notes and what players write back are read by the player’s own coach alone.',
    'How the body feels on the day of a lesson, every coach reads that day.',
    'Otherwise the rest see only which parts of the body to mind.',
  ],
};

/** Returns what an academy keeps of its people, section by section. */
export const keptWords = (kept: KeptFor): readonly KeptSection[] => [
  {
    title: 'Of a player',
    sentences: [
      'Name, hand, units, kind of player, driver speed, aims and body notes.',
      'Of a minor also the day of birth, a parent or guardian, and what they agreed to.',
      'Lessons with their balls, drills, notes, and the files the balls came in.',
      'Pages and reports, with what the player ticked, logged and wrote there.',
      'Every change: what it was before, who made it and when.',
    ],
  },
  {
    title: 'Of those who coach',
    sentences: [
      'Name, e-mail, role, and a password that nobody can read back.',
      'Each sign-in, with its time, address and kind of browser.',
    ],
  },
  {
    title: 'Who reads it',
    sentences: [
      'Everybody who signs in here reads players, lessons and balls.',
      ...PERSONAL_WORDS[kept.personalFor],
      'A link opens its one page, to whoever has it.',
      'The record of doors, archives and copies are for owners.',
      'Nothing leaves the machine this runs on, unless somebody takes it out.',
      'A browser keeps what it showed until somebody signs out there.',
    ],
  },
  {
    title: 'How long',
    sentences: [
      kept.goneMonths === null
        ? 'A player stays until an owner erases them.'
        : `A player without a lesson for ${monthsText(kept.goneMonths)} is named to the owner, to erase or keep.`,
      'What is taken away can be brought back until its player is erased.',
      `A link ends after ${daysText(kept.pageDays)} at the latest, or once it is withdrawn.`,
      `Copies: the last ${kept.copies.daily} days, and ${kept.copies.asked} that were asked for.`,
      `Of those made before an update ${kept.copies.beforeUpdate}, before a restore ${kept.copies.beforeRestore}.`,
      'Erasing a player takes them out of these copies too.',
      `The record of doors goes back ${daysText(kept.doorRecordDays)}.`,
      `A browser nobody uses is signed out after ${hoursText(kept.idleHours)}, any after ${daysText(kept.sessionDays)}.`,
    ],
  },
  {
    title: 'What a player may ask',
    sentences: [
      'A copy of everything that is kept of them, as a file.',
      'To be erased: lessons, balls, pages and notes, for good.',
      'For a minor a parent or guardian asks.',
    ],
  },
];

/** Returns what a player reads of it on their own page. `until`: the last day of the page, as it is written. */
export const keptOfYouWords = (academy: string, until: string): readonly string[] => [
  `${academy} keeps your lessons, your balls, and what you tick, log and write here.`,
  `This link opens until ${until}. Whoever has it sees this page, so keep it to yourself.`,
  'Ask your coach for a copy of everything, or to be erased. For a minor a parent or guardian asks.',
];
