/** The one look that tells most, in words: what to do, and what each of its answers leads to. */
import { PLAN_DEFAULTS } from '../plan/defaults.ts';
import type { Look, LookAnswer, LookShows } from '../plan/looks.ts';
import type { Plan } from '../plan/plan.ts';
import type { FlightFact } from '../plan/seen.ts';
import { capital, numberWord, sideWord } from './sentence.ts';

/** A heading for the look. */
export const LOOK_LABELS: Readonly<Record<Look['kind'], string>> = {
  'how far': 'How far off line?',
  'how much': 'How much do they bend?',
  strike: 'Where on the face?',
  post: 'A start post',
  stick: 'A stick on the line',
  monitor: 'A monitor',
  balls: 'More balls',
};

const BASICS = 'Check grip, aim, ball position and posture';
/** Balls asked for of a handful where no number settles it. */
const HIT_MORE = 5;

/** Returns what to do now: one or two short sentences. */
export function lookWords({
  look,
  ballIds,
  seen,
}: Pick<Plan, 'look' | 'ballIds' | 'seen'>): string {
  if (look === null) return '';
  const isFew = ballIds.length < PLAN_DEFAULTS.fewBalls;
  // Of balls that go to both sides no side is named.
  const sideOf = (figure: FlightFact): string =>
    look.answers.length === 0
      ? ''
      : ` ${sideWord(seen.find((fact) => fact.figure === figure)?.value ?? 0)}`;
  switch (look.kind) {
    case 'how far':
      return look.answers.length === 0
        ? 'How far off line do they start?'
        : `How far${sideOf('startDirectionDeg')} do they start?`;
    case 'how much':
      return `How much do they bend${sideOf('curveM')}?`;
    case 'strike':
      return 'Where on the face? Spray it and hit three.';
    case 'post':
      return 'Lay a start post on the line, three steps ahead. Hit five.';
    case 'stick':
      return 'Lay a stick on the target line. Do feet and shoulders follow it?';
    case 'monitor':
      return 'The eye can’t part face from path here. A monitor can.';
    case 'balls': {
      // Of a handful no number settles anything: a few more are hit, and read again.
      const more = numberWord(isFew ? HIT_MORE : (look.balls ?? HIT_MORE)).toLowerCase();
      return isFew ? `${BASICS}; hit ${more} more.` : `Hit ${more} more.`;
    }
  }
}

export const SHOWS_WORDS: Readonly<Record<LookShows, string>> = {
  'a little': 'A little',
  much: 'Much',
  heel: 'Heel',
  middle: 'Middle',
  toe: 'Toe',
  left: 'Left of it',
  'on line': 'At the post',
  right: 'Right of it',
  face: 'The face is off',
  path: 'The path is off',
};

const LEADS: Readonly<Record<string, string>> = {
  path: 'the path first',
  face: 'the face first',
  together: 'turn everything',
  aim: 'the aim first',
  strike: 'the strike first',
};

/** Returns what an answer leads to: `turn everything`, `leave it`. */
export const leadWords = ({ move }: LookAnswer): string =>
  move === null ? 'leave it' : LEADS[move]!;

/** Where each answer leads, in a line: `Heel: the face first. Toe: leave it.` */
export const answersWords = ({ answers, kind }: Look): string =>
  kind === 'stick'
    ? 'If they point off it, turn the aim first.'
    : answers.map((one) => `${SHOWS_WORDS[one.shows]}: ${leadWords(one)}.`).join(' ');

/** Returns what a player is told to do before the next visit. */
export function lookForPlayer({ kind }: Look): string {
  switch (kind) {
    case 'how far':
    case 'how much':
      return 'Watch ten of your balls. Note how far off line they start, and how much they bend.';
    case 'strike':
      return 'Where on the face do you hit it? Spray it, hit six, send the picture.';
    case 'post':
      return 'Lay a stick on your start line, three steps ahead. Count which side the balls pass.';
    case 'stick':
      return 'Lay a stick on the line to the target. Set feet and shoulders along it.';
    case 'monitor':
      return 'Next time we measure face and path before we change anything.';
    case 'balls':
      return `${BASICS} before every ball.`;
  }
}
/** Said of a handful of balls before anything is tried. */
export const BASICS_FIRST = `${BASICS} first.`;
export const BASICS_FOR_PLAYER = `${BASICS} before every ball.`;

/** Returns the words a button of an answer bears. */
export const answerLabel = ({ shows }: Pick<LookAnswer, 'shows'>): string =>
  capital(SHOWS_WORDS[shows]);
