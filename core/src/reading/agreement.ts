import type { SimulatedShot } from '../flight/simulate.ts';
import type { MeasuredBall } from '../intake/quantities.ts';
import type { FlightOptions } from '../flight/options.ts';
import type { AssumedDelivery } from './delivery.ts';
import type { SourcedFigure } from './figure.ts';
import { guessStrike } from './strike-guess.ts';

export type AgreementVerdict =
  'agrees' | 'bent-more' | 'bent-less' | 'bent-otherwise' | 'started-elsewhere' | 'cannot-tell';

/** Whether the measured ball is the one its face and path should give. */
export interface Agreement {
  readonly verdict: AgreementVerdict;
  /** Measured start less the model's, degrees, positive right; null when not both known. */
  readonly startLeftDeg: number | null;
  /** Measured curve less the model's, m, positive right; null when not both known. */
  readonly curveLeftM: number | null;
  /** Left out of averages unless the coach keeps it in. */
  readonly suspect: boolean;
  /** What it may be, in words; empty when it agrees. */
  readonly note: string;
  /** Strike that would explain what is left over, mm, toe positive; null where none was looked for or found. */
  readonly strikeToeMm: number | null;
}

/** How far measured and modelled may lie apart and still agree (common practice, no source). */
export const AGREEMENT_DEFAULTS = {
  /** Start direction, degrees: about twice a monitor's error in face and start together. */
  startDeg: 2,
  /** Curve, as a share of carry: about a degree and a half of face to path with a driver. */
  curveShare: 0.06,
} as const;

export const CANNOT_TELL: Agreement = {
  verdict: 'cannot-tell',
  startLeftDeg: null,
  curveLeftM: null,
  suspect: false,
  note: '',
  strikeToeMm: null,
};

interface Figures {
  readonly start: SourcedFigure | null;
  readonly curve: SourcedFigure | null;
  readonly carry: SourcedFigure | null;
}

const isModel = (figure: SourcedFigure | null): boolean => figure?.from === 'model';

/** Compares the measured ball with the model's for the same face and path. */
export function agreementOf(
  ball: MeasuredBall,
  { start, curve, carry }: Figures,
  modelled: SimulatedShot | null,
  assumed: AssumedDelivery | null,
  context: { readonly flight: FlightOptions },
): Agreement {
  if (modelled === null || assumed === null || modelled.flight.outcome !== 'landed')
    return CANNOT_TELL;
  const known = (figure: SourcedFigure | null): figure is SourcedFigure =>
    figure !== null && !isModel(figure);
  const startLeftDeg = known(start) ? start.value - modelled.launch.startDirectionDeg : null;
  const carryM = known(carry) ? carry.value : modelled.flight.carryM;
  // A short ball bends less: compare the curves at the measured length.
  const expectedM = modelled.flight.curveM * (carryM / Math.max(modelled.flight.carryM, 1)) ** 2;
  const curveLeftM = known(curve) ? curve.value - expectedM : null;
  if (startLeftDeg === null && curveLeftM === null) return CANNOT_TELL;
  const verdict = verdictOf(startLeftDeg, curveLeftM, expectedM, carryM, curve?.value ?? 0);
  const facts = { verdict, startLeftDeg, curveLeftM };
  if (verdict === 'agrees' || verdict === 'cannot-tell') {
    return { ...facts, suspect: false, note: '', strikeToeMm: null };
  }
  const seen = {
    startDirectionDeg: known(start) ? start.value : null,
    curveM: known(curve) ? curve.value : null,
    carryM,
  };
  // A strike that was measured is in the model already: what is left is not the strike.
  const guess =
    ball.strikeToeMm === null
      ? guessStrike(assumed.delivery, assumed.head, seen, context.flight)
      : null;
  const strikeToeMm = guess?.explains === true ? guess.strikeToeMm : null;
  const why =
    strikeToeMm === null
      ? 'wind or a bad reading'
      : `probably off the ${strikeToeMm > 0 ? 'toe' : 'heel'}, about ${Math.abs(strikeToeMm)} mm`;
  return { ...facts, suspect: true, note: `${VERDICT_WORDS[verdict]}: ${why}`, strikeToeMm };
}

function verdictOf(
  startLeftDeg: number | null,
  curveLeftM: number | null,
  expectedM: number,
  carryM: number,
  curveM: number,
): AgreementVerdict {
  const { startDeg, curveShare } = AGREEMENT_DEFAULTS;
  if (curveLeftM !== null && Math.abs(curveLeftM) > curveShare * carryM) {
    if (curveM * expectedM < 0) return 'bent-otherwise';
    return Math.abs(curveM) > Math.abs(expectedM) ? 'bent-more' : 'bent-less';
  }
  if (startLeftDeg !== null && Math.abs(startLeftDeg) > startDeg) return 'started-elsewhere';
  return 'agrees';
}

const VERDICT_WORDS: Readonly<Record<Exclude<AgreementVerdict, 'agrees' | 'cannot-tell'>, string>> =
  {
    'bent-more': 'bent more than its face and path explain',
    'bent-less': 'bent less than its face and path explain',
    'bent-otherwise': 'bent the other way than its face and path explain',
    'started-elsewhere': 'started where its face and path do not point',
  };
