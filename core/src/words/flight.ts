/** What the balls of a club did, in words: the shot first, then how many, then how far. */
import type { Hand } from '../line/hand.ts';
import type { TwoWay } from '../plan/answer.ts';
import type { Plan } from '../plan/plan.ts';
import type { FlightFact } from '../plan/seen.ts';
import { PLAN_DEFAULTS } from '../plan/defaults.ts';
import type { GroupPattern, GroupReading } from '../reading/group.ts';
import { degrees, startWords } from './angles.ts';
import { formatLength } from './format.ts';
import { capital, figure, numberWord, sentence, shareText, sideWord } from './sentence.ts';
import type { Piece, Sentence, Wording } from './sentence.ts';
import { isStrongName, shotWord, shotsWord } from './shots.ts';

export const isBent = (
  { figures }: Pick<GroupReading, 'figures'>,
  { bands }: Pick<Wording, 'bands'>,
): boolean => {
  const { curveM: curve, carryM: carry } = figures;
  return (
    curve !== undefined &&
    carry !== undefined &&
    Math.abs(curve.mean) >= bands.bendNoneShare * carry.mean
  );
};

/** Of an eye's figures all are about so much. */
const about = ({ inferred }: GroupReading): string => (inferred?.byEye === true ? 'about ' : '');

/** Returns how they start and bend: `start 7° left and stay there`. One ball `starts`, many `start`. */
function movesPieces(group: GroupReading, w: Wording, one: boolean): Piece[] {
  const start = group.figures.startDirectionDeg!;
  const curve = group.figures.curveM;
  const verb = (word: string): string => (one ? `${word}s` : word);
  const { size, word } = startWords(start.mean, w.bands.startStraightDeg);
  const isStraight = size === null;
  const sizeText = `${about(group)}${degrees(start.mean)}`;
  const isStartOpen = group.open.includes('startDirectionDeg');
  const began: Piece[] = isStraight
    ? [`${verb('start')} on line`]
    : isStartOpen
      ? [`${verb('start')} `, figure(word, start.ballIds)]
      : [`${verb('start')} `, figure(sizeText, start.ballIds), ` ${word}`];
  if (curve === undefined || !isBent(group, w))
    return [...began, isStraight ? ` and ${verb('stay')} on it` : ` and ${verb('stay')} there`];
  return [...began, ` and ${verb('bend')} `, ...bendPieces(group, isStraight, w)];
}

function bendPieces(group: GroupReading, isStraight: boolean, w: Wording): Piece[] {
  const start = group.figures.startDirectionDeg!;
  const curve = group.figures.curveM!;
  const near = about(group);
  const amount = figure(
    `${near}${formatLength(Math.abs(curve.mean), w.units.length)}`,
    curve.ballIds,
  );
  const side = sideWord(curve.mean);
  const way = isStraight
    ? side
    : side === sideWord(start.mean)
      ? `further ${side}`
      : `back ${side}`;
  return group.open.includes('curveM') ? [figure(way, curve.ballIds)] : [amount, ` ${way}`];
}

/** `, two of them mild`: those that bend so much less, or more, that they bear another name. */
function othersText({ name, others }: GroupPattern): string {
  if (others === null) return '';
  const count = numberWord(others.ballIds.length).toLowerCase();
  return `, ${count} of them ${isStrongName(name) ? 'mild' : 'strong'}`;
}

/** Both ways, as many left as right: no one shot; `isOpen`: by nobody knows how far. */
function bothWays({ leftIds, rightIds }: TwoWay, isOpen: boolean): Sentence {
  return sentence(
    'flight',
    'Both ways: ',
    figure(String(leftIds.length), leftIds),
    ' finish left, ',
    figure(String(rightIds.length), rightIds),
    isOpen ? ' right.' : ' right. No one shot to fix; the spread is the problem.',
  );
}

/** Returns those that do what most do, where no one shot is the commonest: start to a side, or bend too far to one. */
function mostDo(plan: Plan | null): { what: string; ids: readonly string[]; of: number } | null {
  const offIn = (figure: FlightFact) =>
    plan?.seen.find((fact) => fact.figure === figure && fact.off !== 0);
  const [start, bend] = [offIn('startDirectionDeg'), offIn('curveM')];
  const fact = start ?? bend;
  if (fact === undefined) return null;
  const side = sideWord(fact.off);
  const ids = fact.off < 0 ? fact.below : fact.above;
  return { what: fact === start ? `start ${side}` : `bend too far ${side}`, ids, of: fact.of };
}

/** Returns how balls fly of which only the sides are told: `start left and bend back right`; one ball `starts`. */
function sidesText({ start, bend }: GroupPattern, hand: Hand, one: boolean): string {
  const verb = (word: string): string => (one ? `${word}s` : word);
  const from =
    start === 'straight' ? null : (start === 'pull') === (hand === 'right') ? 'left' : 'right';
  if (from === null) return `${verb('start')} on line and ${verb('bend')} ${bend}`;
  return `${verb('start')} ${from} and ${verb('bend')} ${from === bend ? 'further' : 'back'} ${bend}`;
}

/** Returns what balls did whose bend has a side and no size: it has no name, and no figure. `All 6 start left and bend back right.` */
function sidesSentence(pattern: GroupPattern, { hand }: Wording): Sentence {
  const { of, count, ballIds } = pattern;
  const moves = ` ${sidesText(pattern, hand, of === 1)}.`;
  if (of === 1) return sentence('flight', 'It', moves);
  const all = count === of ? 'all' : `${numberWord(count).toLowerCase()} of them`;
  return of < PLAN_DEFAULTS.fewBalls
    ? sentence('flight', `${numberWord(of)} balls, `, figure(all, ballIds), moves)
    : sentence('flight', figure(capital(shareText(count, of)), ballIds), moves);
}

/** Returns what the balls did; null where nothing tells how they flew. */
export function flightSentence(
  group: GroupReading,
  plan: Plan | null,
  w: Wording,
): Sentence | null {
  const { pattern, figures } = group;
  if (figures.startDirectionDeg === undefined || pattern === null) return null;
  if (plan !== null && plan.twoWay !== null && plan.answer === 'steady')
    return bothWays(plan.twoWay, false);
  if (plan !== null && plan.openBoth !== null) return bothWays(plan.openBoth, true);
  const { name, of, count, ballIds } = pattern;
  if (pattern.isOpen && count * 2 > of) return sidesSentence(pattern, w);
  if (of === 1)
    return sentence(
      'flight',
      `${capital(shotWord(name))}: it `,
      ...movesPieces(group, w, true),
      '.',
    );
  const moves = movesPieces(group, w, false);
  if (of < PLAN_DEFAULTS.fewBalls) {
    const all = count === of ? 'all ' : `${numberWord(count).toLowerCase()} of them `;
    const what: Piece[] = [
      `${numberWord(of)} balls, `,
      figure(`${all}${shotsWord(name)}`, ballIds),
    ];
    if (count === 1)
      return sentence(
        'flight',
        `${numberWord(of)} balls, no two alike. On average they `,
        ...moves,
        '.',
      );
    return sentence('flight', ...what, '. They ', ...moves, '.');
  }
  if (count * 2 > of) {
    const what: Piece[] = [
      `${capital(shotsWord(name))}, `,
      figure(`${shareText(count, of)}${othersText(pattern)}`, ballIds),
    ];
    if (name === 'straight') return sentence('flight', ...what, '.');
    const isShort = pattern.others === null && !isBent(group, w);
    return sentence('flight', ...what, isShort ? ': they ' : '. They ', ...moves, '.');
  }
  const most = mostDo(plan);
  if (most !== null)
    return sentence(
      'flight',
      'No one shot, but ',
      figure(shareText(most.ids.length, most.of), most.ids),
      // An average of balls whose sides alone were told adds nothing.
      ...(group.open.length > 0
        ? [` ${most.what}.`]
        : [` ${most.what}. On average they `, ...moves, '.']),
    );
  return sentence('flight', `No one shot in these ${of}. On average they `, ...moves, '.');
}
