/** What is true of the balls as a whole, and which are set aside: each said once. */
import type { Contact } from '../reading/ball.ts';
import type { GroupFact } from '../reading/facts.ts';
import type { GroupReading } from '../reading/group.ts';
import type { BallView, LeftOut } from '../reading/read-ball.ts';
import { STRIKE_WINDOW_MM } from '../reading/strike.ts';
import { formatNumber } from './format.ts';
import { capital, figure, sentence, shareText, sideWord } from './sentence.ts';
import type { Sentence } from './sentence.ts';

const toeOrHeel = (toeMm: number): string => (toeMm > 0 ? 'toe' : 'heel');

/** Where they are struck, when it was measured or seen and is off, or when all were struck alike. */
export function strikeSentence(group: GroupReading): Sentence | null {
  const strike = group.figures.strikeToeMm;
  const struck = group.facts.find(({ kind }) => kind === 'struck' || kind === 'speed-lost');
  if (struck !== undefined) return factSentence(struck);
  if (strike === undefined || Math.abs(strike.mean) <= STRIKE_WINDOW_MM) return null;
  const size = `${formatNumber(Math.abs(strike.mean), 0)} mm`;
  return sentence(
    'strike',
    'They come ',
    figure(size, strike.ballIds),
    ` off the ${toeOrHeel(strike.mean)}: that costs ball speed.`,
  );
}

/** Balls met so from which the ground is worth a word: one may be anybody's (common practice, no source). */
const CONTACTS_FROM = 2;

/** Returns how the ground was met, where a coach saw it more than once; null else. */
export function contactSentence(group: GroupReading, views: readonly BallView[]): Sentence | null {
  const read = new Set(group.countedIds);
  const idsOf = (contact: Contact): string[] =>
    views.filter(({ id, ball }) => read.has(id) && ball.contact === contact).map(({ id }) => id);
  const [fat, thin] = [idsOf('fat'), idsOf('thin')];
  const of = group.countedIds.length;
  if (fat.length + thin.length < CONTACTS_FROM) return null;
  if (fat.length > 0 && thin.length > 0)
    return sentence(
      'strike',
      figure(capital(shareText(fat.length + thin.length, of)), [...fat, ...thin]),
      ' fat or thin: the low point wanders.',
    );
  return fat.length > 0
    ? sentence(
        'strike',
        figure(capital(shareText(fat.length, of)), fat),
        ' fat: the club meets the ground behind the ball.',
      )
    : sentence(
        'strike',
        figure(capital(shareText(thin.length, of)), thin),
        ' thin: the club is on its way up, or too high.',
      );
}

const MIRRORED = {
  'face-mirrored': 'the face angles',
  'path-mirrored': 'the path angles',
  'sides-mirrored': 'face and path',
  'start-mirrored': 'the start directions',
  'axis-mirrored': 'the spin axes',
} as const;

const percent = (share: number): string => `${formatNumber(100 * share, 0)} %`;

/** Ball speed that is short: the strike, or another club or ball than was named. */
const speedLost = ({ speedLost: lost, strikeToeMm }: GroupFact): string =>
  `Ball speed is ${percent(lost!)} short: struck off the ${strikeToeMm === null ? 'middle' : toeOrHeel(strikeToeMm)}, or another club or ball than named.`;

/** One fact about all of them, said once. */
export function factSentence(fact: GroupFact): Sentence {
  const share = shareText(fact.ballIds.length, fact.of);
  const who = figure(share, fact.ballIds);
  const first = figure(capital(share), fact.ballIds);
  const isOne = fact.ballIds.length === 1;
  switch (fact.kind) {
    case 'struck':
      return sentence(
        'strike',
        `By start and bend, off the ${toeOrHeel(fact.strikeToeMm!)}: `,
        who,
        '.',
      );
    case 'speed-lost':
      return sentence('strike', speedLost(fact));
    case 'wind':
      return sentence(
        'next',
        `They land ${sideWord(fact.pushM!)} of where their launch sends them: wind, most likely.`,
      );
    case 'face-at-strike':
      return sentence(
        'next',
        first,
        ' fit only with the face given where it was struck. Check how the monitor is set.',
      );
    case 'unexplained':
      return sentence(
        'next',
        first,
        ` ${isOne ? 'does' : 'do'} not fly as face and path say. Check the monitor’s alignment first.`,
      );
    default:
      return sentence(
        'next',
        first,
        ` ${isOne ? 'fits' : 'fit'} only with ${MIRRORED[fact.kind]} turned round. Settle that sign first.`,
      );
  }
}

const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
  coach: 'by you',
  demonstration: 'shown, not hit for the record',
  mishit: 'mishit, under half the usual carry',
  strike: 'struck far off the middle',
  disagrees: 'not flown as face and path say',
};
export const leftOutWords = (why: LeftOut): string => LEFT_OUT_WORDS[why];

/** Returns the balls set aside, reason by reason. */
export function leftOutSentences(group: GroupReading, views: readonly BallView[]): Sentence[] {
  const out = views.filter(
    (view) => group.leftOutIds.includes(view.id) && view.leftOut !== 'demonstration',
  );
  const reasons = [...new Set(out.map(({ leftOut }) => leftOut!))];
  return reasons.map((reason) => {
    const ids = out.filter(({ leftOut }) => leftOut === reason).map(({ id }) => id);
    return sentence('next', figure(String(ids.length), ids), ` left out: ${leftOutWords(reason)}.`);
  });
}

const AGREEMENT_WORDS = {
  'bent-more': 'bent more than its face and path explain',
  'bent-less': 'bent less than its face and path explain',
  'bent-otherwise': 'bent the other way than its face and path explain',
  'started-elsewhere': 'started where its face and path do not point',
  'landed-elsewhere': 'came down where its launch does not send it',
} as const;

/** Strikes are told to so many mm. */
const STRIKE_STEP_MM = 2;

/** Returns what is odd about one ball, for its row; empty where nothing is. */
export function ballNote(view: BallView): string {
  const { verdict, strikeToeMm } = view.agreement;
  if (view.leftOut === 'mishit') return leftOutWords('mishit');
  if (view.leftOut === 'demonstration') return leftOutWords('demonstration');
  if (verdict === 'agrees' || verdict === 'cannot-tell') return '';
  if (strikeToeMm !== null) {
    const mm = Math.round(Math.abs(strikeToeMm) / STRIKE_STEP_MM) * STRIKE_STEP_MM;
    return `as if struck about ${mm} mm towards the ${toeOrHeel(strikeToeMm)}`;
  }
  const why = verdict === 'landed-elsewhere' ? 'wind or a bad reading' : 'a bad reading, perhaps';
  return `${AGREEMENT_WORDS[verdict]}: ${why}`;
}
