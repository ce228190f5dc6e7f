/** Why a drill is offered, or warned of, in words. */
import { causeLink } from '../causes/trace.ts';
import type { DrillReason, DrillWarning } from '../drills/choose.ts';
import type { Drill, Tendency } from '../drills/drill.ts';
import type { Move } from '../plan/routes.ts';
import { handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { formatNumber } from './format.ts';
import { MOVE_LABELS } from './labels.ts';
import { sideWord } from './sentence.ts';

const TENDENCY_WORDS: Readonly<Record<Tendency, string>> = {
  pull: 'pulls',
  push: 'pushes',
  hook: 'hooks',
  slice: 'slices',
  'in-to-out': 'swings in-to-out',
  'out-to-in': 'swings out-to-in',
  closed: 'has the face closed to the path',
  open: 'has the face open to the path',
};
const OF_WORDS = {
  path: 'the path',
  face: 'the face',
  gap: 'the gap between face and path',
} as const;

function movesWords(path: number, face: number, hand: Hand): string {
  const side = (way: number): string => sideWord(way * handSign(hand));
  if (path !== 0 && path === face) return `turns face and path to the ${side(path)}`;
  const parts = [
    path === 0 ? '' : `moves the path to the ${side(path)}`,
    face === 0 ? '' : `turns the face to the ${side(face)}`,
  ].filter(Boolean);
  return parts.join(' and ');
}

export function drillReason(reason: DrillReason, move: Move, hand: Hand): string {
  switch (reason.kind) {
    case 'steadies':
      return 'trains the same start every time';
    case 'moves':
      return movesWords(reason.path, reason.face, hand);
    case 'serves':
      return `is laid out for ${MOVE_LABELS[move]}`;
    case 'cause':
      return `works on the ${causeLink(reason.link).label.toLowerCase()}, which was seen`;
    case 'credited':
      return reason.byDeg > 0
        ? `clearly moved this player that way before, about ${formatNumber(reason.byDeg, 0) === '0' ? 'half a degree' : `${formatNumber(reason.byDeg, 0)}°`}`
        : 'clearly moved this player the other way before';
  }
}

export function drillWarning(warning: DrillWarning): string {
  switch (warning.kind) {
    case 'not for':
      return `Not for a player who ${TENDENCY_WORDS[warning.tendency]}: it moves them further that way.`;
    case 'leads to':
      return `After this change the player ${TENDENCY_WORDS[warning.tendency]}: not with this drill.`;
    case 'other way':
      return `It moves ${OF_WORDS[warning.of]} the other way than wanted.`;
    case 'further out':
      return `It moves ${OF_WORDS[warning.of]} further from where it is wanted.`;
    case 'loads':
      return `Loads the ${warning.part}, which this player’s notes speak of: ask first, stop at pain, and leave it to a medical professional.`;
  }
}

const SUITS: Readonly<Record<Drill['suits'], string>> = {
  'those who look': 'for players who look where they swing',
  'those who keep missing the message': 'for players who need an obstacle to feel it',
  anyone: '',
};
export const suitsWords = ({ suits }: Drill): string => SUITS[suits];
