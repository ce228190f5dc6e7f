/** A lesson's reading in sentences, the shortest answer first. */
import type { LessonReading, ReadClub } from '../lesson/read.ts';
import type { GroupReading } from '../reading/group.ts';
import type { BallView } from '../reading/read-ball.ts';
import { deliverySentences, shareSentences, sureSentences } from './delivery.ts';
import { contactSentence, factSentence, leftOutSentences, strikeSentence } from './facts.ts';
import { flightSentence, isBent } from './flight.ts';
import { formatLength } from './format.ts';
import { clubLabel } from './labels.ts';
import { planSentences, planWords } from './plan.ts';
import { countOf, figure, numberWord, sentence } from './sentence.ts';
import type { Sentence, Wording } from './sentence.ts';

/** One club read on its own: what the balls did, why, what to do, and what is one tap away. */
export function clubSentences(
  { group, plan, worth }: ReadClub,
  views: readonly BallView[],
  w: Wording,
): Sentence[] {
  const facts = group.facts
    .filter(({ kind }) => kind !== 'struck' && kind !== 'speed-lost')
    .map(factSentence);
  const flight = flightSentence(group, plan, w);
  const isBothWays = plan?.answer === 'steady' || (plan !== null && plan.openBoth !== null);
  const found = [
    ...(flight === null ? [] : [flight]),
    // Of balls that go both ways an average face and path is nobody's.
    ...(isBothWays ? [] : deliverySentences(group, w)),
    ...[strikeSentence(group), contactSentence(group, views)].filter((s) => s !== null),
    ...facts,
    ...(plan === null ? [] : planSentences(plan, worth, w)),
    ...(group.club === null ? [clubQuestion(group)] : []),
    ...leftOutSentences(group, views),
    ...sureSentences(group, w),
    ...shareSentences(group),
  ];
  return found.length > 0 ? found : [sentence('next', missingWords(group))];
}

/** A club nobody named is asked for, never assumed. */
const clubQuestion = (group: GroupReading): Sentence =>
  sentence(
    'next',
    'Which club was it? ',
    figure(countOf(group.ballIds.length, 'ball'), group.ballIds),
    ' can’t be read without it.',
  );

const missingWords = (group: GroupReading): string =>
  group.countedIds.length === 0
    ? `${countOf(group.ballIds.length, 'ball')}, all left out. Keep one in to read it.`
    : `${numberWord(group.countedIds.length)} ${group.countedIds.length === 1 ? 'ball' : 'balls'} with no start and no face: nothing to read yet.`;

/** Each club: what its balls did and what is done about it; then what differs between the clubs. */
function acrossClubs(clubs: readonly ReadClub[], w: Wording): Sentence[] {
  const lines = clubs.flatMap(({ group, plan, worth }) => {
    const flight = flightSentence(group, plan, w);
    if (flight === null) return group.club === null ? [clubQuestion(group)] : [];
    const name = clubLabel(group.club, group.clubText);
    const done = plan === null ? '' : planWords(plan, worth, w);
    return [
      sentence('flight', `${name}. `, ...flight.parts),
      ...(done === '' ? [] : [sentence('plan', done)]),
    ];
  });
  const difference = clubDifference(
    clubs.map(({ group }) => group),
    w,
  );
  return difference === null ? lines : [...lines, difference];
}

/** Gaps within this of each other are one delivery through two clubs, degrees. */
const SAME_GAP_DEG = 1.5;
/** Bends that differ by more than this factor are worth a word. */
const BEND_RATIO = 1.5;
/** Less than this would be written as nothing, m. */
const NO_BEND_M = 0.5;

/** Says that the same face to path bends a long club more, lest the coach change a swing for its driver. */
function clubDifference(groups: readonly GroupReading[], w: Wording): Sentence | null {
  const known = groups.filter((g) => g.figures.faceToPathDeg && g.figures.curveM);
  const byBend = [...known].sort(
    (a, b) => Math.abs(b.figures.curveM!.mean) - Math.abs(a.figures.curveM!.mean),
  );
  const [most, least] = [byBend[0], byBend.at(-1)];
  if (most === undefined || least === undefined || most === least || !isBent(most, w)) return null;
  const [mostFaceToPath, leastFaceToPath] = [
    most.figures.faceToPathDeg!,
    least.figures.faceToPathDeg!,
  ];
  const [mostCurve, leastCurve] = [most.figures.curveM!, least.figures.curveM!];
  if (Math.abs(mostCurve.mean) < BEND_RATIO * Math.abs(leastCurve.mean)) return null;
  const name = (g: GroupReading): string => clubLabel(g.club, g.clubText).toLowerCase();
  const amount = (m: number): string => formatLength(Math.abs(m), w.units.length);
  const both = [...mostFaceToPath.ballIds, ...leastFaceToPath.ballIds];
  const bends: readonly [string, string] = [
    `the ${name(most)} bends ${amount(mostCurve.mean)}`,
    `the ${name(least)} ${Math.abs(leastCurve.mean) < NO_BEND_M ? 'not at all' : amount(leastCurve.mean)}`,
  ];
  const isSame = Math.abs(mostFaceToPath.mean - leastFaceToPath.mean) <= SAME_GAP_DEG;
  return sentence(
    'clubs',
    isSame ? 'Same face to path, yet ' : 'Face to path differs: ',
    figure(bends.join(', '), both),
    isSame ? '. Less loft bends it more.' : '.',
  );
}

/** With one club its sentences; with several a line for each club and what differs. */
export function readingSentences({ clubs, views }: LessonReading, w: Wording): Sentence[] {
  const [only, ...others] = clubs;
  if (only === undefined)
    return [sentence('next', 'No balls yet: drop a launch file here, or type a ball in.')];
  return others.length === 0 ? clubSentences(only, views, w) : acrossClubs(clubs, w);
}
