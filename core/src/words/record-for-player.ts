/** What a record says to the player themselves: plain sentences, the same findings, nothing surer than they are. */
import type { GoalProgress, NoForecast } from '../record/goal.ts';
import type { RecordFinding } from '../record/findings.ts';
import type { FollowedFigure } from '../record/points.ts';
import { formatNumber } from './format.ts';
import { sizeText, standText, towards } from './record.ts';
import type { RecordWording } from './record.ts';
import { countOf } from './sentence.ts';

/** The number’s own sentence, and the one for none of it. */
const SAYS: Readonly<Record<FollowedFigure, readonly [(value: string) => string, string]>> = {
  faceToPathDeg: [
    (value) => `Your clubface is ${value} to the way the club travels`,
    'Your clubface is square to the way the club travels',
  ],
  clubPathDeg: [(value) => `Your club travels ${value}`, 'Your club travels along the line'],
  faceAngleDeg: [
    (value) => `Your clubface is ${value} to the target`,
    'Your clubface points at the target',
  ],
  startDirectionDeg: [
    (value) => `Your ball starts ${value} of the line`,
    'Your ball starts on the line',
  ],
  curveM: [(value) => `Your ball bends ${value}`, 'Your ball flies without a bend'],
  offlineM: [(value) => `Your ball ends ${value} of the line`, 'Your ball ends on the line'],
  strikeToeMm: [(value) => `You strike it ${value}`, 'You strike it in the middle'],
};
/** What the number is called in the middle of a sentence. */
const CALLED: Readonly<Record<FollowedFigure, string>> = {
  faceToPathDeg: 'clubface against the way the club travels',
  clubPathDeg: 'way the club travels',
  faceAngleDeg: 'clubface',
  startDirectionDeg: 'start of the ball',
  curveM: 'bend',
  offlineM: 'place where the ball ends',
  strikeToeMm: 'strike',
};

function says(
  figure: FollowedFigure,
  value: number,
  half95: number,
  wording: RecordWording,
): string {
  const [some, none] = SAYS[figure];
  const text = standText(figure, value, half95, wording);
  return /[1-9]/.test(text) ? some(text) : none;
}

type Of<Kind extends RecordFinding['kind']> = Extract<RecordFinding, { kind: Kind }>;

function standing(finding: Of<'standing'>, wording: RecordWording): string | null {
  const { figure, now, wanted, beyond, visits } = finding;
  // One visit is no record yet.
  if (visits === 1) return null;
  const what = `${says(figure, now.value, now.half95, wording)}, over your last ${visits} visits`;
  if (wanted === null) return `${what}.`;
  switch (now.state) {
    case 'within':
      return `${what}: as you want it.`;
    case 'off':
      return `${what}: ${sizeText(figure, beyond, now.half95, wording.units)} outside what you want.`;
    case 'cannot tell':
      return `${what}. Too early to say if that is as you want it.`;
  }
}

function changed(finding: Of<'changed'>, wording: RecordWording): string {
  const { figure, change, at, visitsSince } = finding;
  const { from, to, half95, isNearer, isReturn } = change;
  const [before, since] = [from, to].map((value) => standText(figure, value, half95, wording));
  const what = `The ${CALLED[figure]} went from ${before} to ${since} on ${wording.dayText(at)}`;
  const held = countOf(visitsSince, 'visit');
  if (change.isOfSource)
    return `${what}; it was measured differently since, so that may be the measuring.`;
  if (isNearer === null) return `${what}, and has held for ${held}.`;
  if (isNearer) return `${what}: nearer to what you want, and it has held for ${held}.`;
  return isReturn ? `${what}: the old habit is back.` : `${what}: further from what you want.`;
}

/** Returns a finding as the player is told it; null where it is none for them yet. */
export function findingForPlayer(finding: RecordFinding, wording: RecordWording): string | null {
  const { figure } = finding;
  const called = CALLED[figure];
  switch (finding.kind) {
    case 'standing':
      return standing(finding, wording);
    case 'changed':
      return changed(finding, wording);
    case 'steady':
      return `The ${called} has not changed in ${finding.visits} visits, since ${wording.dayText(finding.since)}.`;
    case 'drifted': {
      const { by, half95, state, isOfSource } = finding.drift;
      const size = sizeText(figure, by, half95, wording.units);
      const way = state === 'away' ? 'further from' : 'nearer to';
      const ending = isOfSource
        ? 'it was measured differently that day, so that may be the measuring.'
        : `${way} what you want. One day is not yet a change.`;
      return `On ${wording.dayText(finding.at)} the ${called} was ${size} more ${towards(figure, by, wording.hand)} than before: ${ending}`;
    }
    case 'leans':
      return `In your last visits the ${called} leans ${towards(figure, finding.side, wording.hand)}: something to keep an eye on.`;
    case 'slips': {
      const { value } = finding.pooled;
      return `Between two visits the ${called} comes out ${formatNumber(Math.abs(value), 1)}° more ${towards(figure, value, wording.hand)}: that is what homework is for.`;
    }
    case 'warms up': {
      const { value } = finding.pooled;
      return `By the end of a visit the ${called} is ${formatNumber(Math.abs(value), 1)}° more ${towards(figure, value, wording.hand)} than at its start.`;
    }
  }
}

const NO_FORECAST: Readonly<Record<NoForecast, string>> = {
  'few visits': 'too few visits since it was set to say how it goes on',
  'no clear movement': 'no clear movement since it was set, so nothing is foretold',
  'in steps': 'it moved in a step, and a step does not foretell the next',
  'too far ahead': 'the day is too far ahead to foretell',
  past: 'the day is past',
};

const FORETOLD = {
  within: 'within it',
  off: 'still outside it',
  'cannot tell': 'which may or may not be within it',
} as const;

/** What a goal of none of it is called. */
const NONE_OF: Readonly<Record<FollowedFigure, string>> = {
  faceToPathDeg: 'square',
  clubPathDeg: 'the line',
  faceAngleDeg: 'square',
  startDirectionDeg: 'the line',
  curveM: 'no bend',
  offlineM: 'the line',
  strikeToeMm: 'the middle',
};

/** Returns what a goal asks for: `The clubface within 1° of 2° closed by Sun 1 Mar 2026`. */
export function goalWords({ goal }: Pick<GoalProgress, 'goal'>, wording: RecordWording): string {
  const { figure, wanted, window, by } = goal;
  const digits = (value: number): number => (Number.isInteger(value) ? 1 : 0);
  const text = standText(figure, wanted, digits(wanted), wording);
  const size = sizeText(figure, window, digits(window), wording.units);
  const of = /[1-9]/.test(text) ? text : NONE_OF[figure];
  return `The ${CALLED[figure]} within ${size} of ${of} by ${wording.dayText(by)}`;
}

/** Returns how a goal goes, in a sentence. */
export function goalProgressWords(progress: GoalProgress, wording: RecordWording): string {
  const { goal, now, beyond, beyondAtFirst, forecast } = progress;
  if (now === null) return 'Not measured yet.';
  const { figure } = goal;
  const size = (value: number): string => sizeText(figure, value, now.half95, wording.units);
  const stands = standText(figure, now.value, now.half95, wording);
  if (now.state === 'within') return `Reached: ${stands}.`;
  const isOther = beyondAtFirst !== null && size(beyondAtFirst) !== size(beyond);
  const then = beyondAtFirst === 0 ? 'within it' : `${size(beyondAtFirst ?? 0)} outside it`;
  const first = isOther ? ` (${then} when it was set)` : '';
  const where =
    now.state === 'off'
      ? `Now ${stands}, ${size(beyond)} outside it${first}`
      : `Now ${stands}, too early to say if it is reached`;
  if (forecast === null) return `${where}.`;
  if (forecast.kind === 'none') return `${where}; ${NO_FORECAST[forecast.why]}.`;
  const { value, half90, state } = forecast;
  const [low, high] = [value - half90, value + half90].map((end) =>
    standText(figure, end, half90, wording),
  );
  return `${where}. By then between ${low} and ${high}, as it goes on or holds: ${FORETOLD[state]}.`;
}
