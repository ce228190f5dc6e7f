/** How much of a drill: what is done first, and what follows. Each drill has its own way up; all have four steps. */
import type { DoseKind, Drill } from './drill.ts';

/** Sets of ten, on at eight good, back at under five (common practice, no source). */
export const DOSE = { steps: 4, setOf: 10, moveOnAt: 8, stepBackUnder: 5 } as const;

export interface DoseStep {
  readonly words: string;
  readonly hasBalls: boolean;
  /** Balls at full speed with the change overdone: never for a bad, stiff or older back. */
  readonly isHard: boolean;
  /** Balls of a change that is toned down again. */
  readonly isToned: boolean;
}

const step = (words: string, rest: Partial<DoseStep> = {}): DoseStep => ({
  words,
  hasBalls: true,
  isHard: false,
  isToned: false,
  ...rest,
});

const DOSES: Readonly<Record<DoseKind, readonly DoseStep[]>> = {
  feel: [
    step('Ten slow swings, half length, no ball', { hasBalls: false }),
    step('Three rehearsals to one ball, ten balls'),
    step('Ten balls at full speed, overdone', { isHard: true }),
    step('Ten balls, toned down', { isToned: true }),
  ],
  station: [
    step('Ten slow swings through it, half length'),
    step('Ten balls, half swing'),
    step('Ten balls, three-quarter swing'),
    step('Ten balls, full swing'),
  ],
  'set-up': [
    step('Set up ten times, no swing', { hasBalls: false }),
    step('Ten balls, half swing'),
    step('Ten balls, full swing'),
    step('Ten balls with the sticks taken away'),
  ],
  routine: [
    step('Five times through it, no ball', { hasBalls: false }),
    step('Ten balls, every step said aloud'),
    step('Ten balls, each at another target'),
    step('Ten balls, each one scored'),
  ],
};

/** What takes the place of a hard step. */
const GENTLY = step('Ten balls at half speed, overdone a little');

/** Returns the steps of a drill; `gently` for a back or hip that hurts, is stiff or is old: nothing overdone at full speed. */
export const doseOf = ({ dose }: Pick<Drill, 'dose'>, gently = false): readonly DoseStep[] =>
  DOSES[dose].map((one) => (gently && one.isHard ? GENTLY : one));
