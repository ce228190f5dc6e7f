/** Why a drill is offered, or warned of, in words. */
import { causeLink } from '../causes/trace.ts';
import type { DrillReason, DrillWarning } from '../drills/choose.ts';
import { DOSE } from '../drills/dose.ts';
import type { Drill, Tendency } from '../drills/drill.ts';
import type { StationScore } from '../drills/score.ts';
import type { DrillInUse } from '../lesson/findings.ts';
import type { Move } from '../plan/routes.ts';
import { handSign } from '../line/hand.ts';
import { pathWord } from '../line/words.ts';
import type { Hand } from '../line/hand.ts';
import { formatNumber } from './format.ts';
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
  faceToPath: 'the gap between face and path',
} as const;

function movesWords(path: number, face: number, hand: Hand): string {
  const side = (way: number): string => sideWord(way * handSign(hand));
  if (path !== 0 && path === face) return `Turns both ${side(path)}`;
  const parts = [
    path === 0 ? '' : `Moves the path ${side(path)}`,
    face === 0 ? '' : `${path === 0 ? 'T' : 't'}urns the face ${side(face)}`,
  ].filter(Boolean);
  return parts.join(', ');
}

const SERVES: Readonly<Record<Move, string>> = {
  path: 'Trains the path',
  face: 'Trains the face',
  together: 'Trains both',
  strike: 'Trains the strike',
  aim: 'Trains the aim',
};

/** Why a drill is offered, a short sentence each: `Turns both right.`, `For the body aim you saw.` */
export function drillReason(reason: DrillReason, move: Move | null, hand: Hand): string {
  switch (reason.kind) {
    case 'steadies':
      return 'Trains the same start every time.';
    case 'keeps':
      return 'Keeps it so.';
    case 'moves':
      return `${movesWords(reason.path, reason.face, hand)}.`;
    case 'serves':
      return `${SERVES[move ?? 'aim']}.`;
    case 'cause':
      return `For the ${causeLink(reason.link).label.toLowerCase()} you saw.`;
    case 'credited': {
      const size = formatNumber(Math.abs(reason.byDeg), 0);
      const amount = size === '0' ? 'half a degree' : `${size}°`;
      return reason.byDeg > 0
        ? `Moved this player ${amount} before.`
        : `Moved this player the wrong way before.`;
    }
  }
}

export function drillWarning(warning: DrillWarning): string {
  switch (warning.kind) {
    case 'not for':
      return `Not for a player who ${TENDENCY_WORDS[warning.tendency]}: it makes more of that.`;
    case 'leads to':
      return `After this change the player ${TENDENCY_WORDS[warning.tendency]}: not with this drill.`;
    case 'other way':
      return `It moves ${OF_WORDS[warning.of]} the other way.`;
    case 'further out':
      return `It moves ${OF_WORDS[warning.of]} further off.`;
    case 'loads':
      return `Loads the ${warning.part}, which the notes name. Ask first, stop at pain, and leave pain to a medical professional.`;
  }
}

/** Returns what is said of a drill in use that no longer fits; empty where it does. */
export function inUseWords({ drill, warnings, makesMove, worsens, fits }: DrillInUse): string {
  if (fits && makesMove) return '';
  if (fits && warnings.length === 0) return `${drill.name} is not for this stage.`;
  const why = warnings.map(drillWarning).join(' ');
  const left = fits ? '' : ' It is left off the page.';
  return `${drill.name}${worsens ? ' no longer fits' : ': mind it'}. ${why}${left}`;
}

const SUITS: Readonly<Record<Drill['suits'], string>> = {
  'those who look': 'For players who look where they swing.',
  'those who keep missing the message': 'For players who need an obstacle.',
  anyone: '',
};
export const suitsWords = ({ suits }: Drill): string => SUITS[suits];

/** Returns how a station stands: the last ten, and whether to step up or back. */
export function scoreWords({ advice, lastGood, lastOf }: StationScore): string {
  if (lastOf < DOSE.setOf) return `${lastOf} of a set of ten.`;
  const good = `${lastGood} of ten good`;
  switch (advice) {
    case 'step up':
      return `${good}: step up.`;
    case 'step back':
      return `${good}: step back, slower or shorter.`;
    case 'go on':
      return `${good}: go on like this.`;
  }
}

/** What is said where a body must not overdo it. */
export const GENTLY_WORDS =
  'Shorter and slower: trail foot drawn back, toes turned out. Nothing overdone at full speed.';

/** Returns what a peg asks for as it was laid, degrees in-to-out, and that a drill is not laid for that; null for one that is. */
export function pegWords(pathDeg: number, notOf: string | null): string {
  const size = formatNumber(Math.abs(pathDeg), 0);
  const asks =
    size === '0'
      ? 'It asks for a path along the line.'
      : `It asks for a path ${size}° ${pathWord(pathDeg, 'right')}.`;
  return notOf === null ? asks : `${asks} ${notOf} is not laid for that.`;
}
