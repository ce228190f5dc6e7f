/** A ball as it was tapped, in words: what was told of it, and nothing that was not. */
import { isMuch } from '../inverse/eye.ts';
import type { TapKept } from '../inverse/eye.ts';
import { isBendOpen, isStartOpen } from '../reading/ball.ts';
import type { LessonBall } from '../reading/ball.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
import { degrees } from './angles.ts';
import { formatSideLength } from './format.ts';
import type { DisplayUnits } from './format.ts';
import { capital, sideWord } from './sentence.ts';

/** A ball as it is kept: figures that nobody told are null, or not there. */
type Tapped = Pick<LessonBall, 'seen' | 'openAmount' | 'contact'> &
  TapKept & {
    readonly [K in 'offlineM' | 'strikeToeMm']?: number | null;
  };

function startWords(ball: Tapped): string | null {
  const { startDirectionDeg: start, seen } = ball;
  if (start == null) return null;
  if (start === 0) return 'starts on line';
  if (isStartOpen(ball)) return `starts ${sideWord(start)}`;
  if (seen === 'post') return `starts ${degrees(start)} ${sideWord(start)}`;
  return `starts ${isMuch(start, 'startDeg') ? 'far' : 'a little'} ${sideWord(start)}`;
}

function bendWords(ball: Tapped, units: DisplayUnits): string | null {
  const { curveM: curve, offlineM, carryM } = ball;
  if (offlineM != null) return `finishes ${formatSideLength(offlineM, units.length)}`;
  if (curve == null) return null;
  if (curve === 0) return 'does not bend';
  if (isBendOpen(ball)) return `bends ${sideWord(curve)}`;
  const share = curve / Math.max(1, carryM ?? 1);
  return `bends ${isMuch(share, 'bendShare') ? 'far' : 'a little'} ${sideWord(curve)}`;
}

const strikeWords = ({ strikeToeMm: toe }: Tapped): string | null => {
  if (toe == null) return null;
  if (Math.abs(toe) <= STRIKE_WINDOW_MM) return 'off the middle';
  return toe > 0 ? 'off the toe' : 'off the heel';
};

/** Returns a tapped ball within a sentence: `starts left, bends far right, off the toe, thin`. */
export function tapText(ball: Tapped, units: DisplayUnits): string {
  const told = [startWords(ball), bendWords(ball, units), strikeWords(ball), ball.contact ?? null];
  return told.filter((words) => words !== null).join(', ');
}

/** Returns it as one sentence: `Starts left, bends far right, off the toe, thin.` */
export const tapWords = (ball: Tapped, units: DisplayUnits): string =>
  `${capital(tapText(ball, units))}.`;
