// Random players: the plan, the drills offered, what Prove would say of doing exactly what was asked, and the
// page may not disagree about one of them. 10,000 of them in `npm run soak`.
import { HANDS, handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import type { Stage } from '../plan/stages.ts';
import type { LessonBall } from '../reading/ball.ts';
import { ballsOf, tries } from '../testing/players.ts';
import type { SwingOf } from '../testing/players.ts';
import { composePage } from '../words/page.ts';
import { judgeBlocks } from '../proof/judge.ts';
import type { BlockVerdict } from '../proof/judge.ts';
import { factsOf, wordingOf } from '../testing/lessons.ts';
import type { LessonFindings } from './findings.ts';
import { lessonFindings } from './findings.ts';
import { readLesson } from './read.ts';

const CLUBS = ['driver', '3-wood', '4-hybrid', '5-iron', '7-iron', '9-iron', 'pw'];

interface Player extends LessonFindings {
  readonly hand: Hand;
  readonly balls: readonly LessonBall[];
}

function playerAt(random: Random, index: number, isStraight: boolean): Player {
  const hand = HANDS[index % 2]!;
  const club = CLUBS[index % CLUBS.length]!;
  const swing: SwingOf = {
    hand,
    path: isStraight ? 0 : 4 * gaussian(random),
    face: isStraight ? 0 : 3.5 * gaussian(random),
    coupling: random(),
    pathSd: 0.8 + random(),
    faceSd: 1 + 1.5 * random(),
    driverSpeedMps: 36 + 16 * random(),
  };
  const balls = ballsOf(club, 5 + (index % 8), random, swing);
  const [read] = readLesson(balls, { hand }).clubs;
  const facts = factsOf(hand);
  const best = lessonFindings(read!, facts)!.work.offered[0]?.drill.id;
  const found = lessonFindings(read!, { ...facts, givenIds: best === undefined ? [] : [best] })!;
  return { ...found, hand, balls };
}

/** No route opens the face of a straight puller first. */
function pullTrouble({ hand, plan }: Player): string[] {
  if (plan.straightMiss !== 'pull') return [];
  const opens = plan.routes.some(({ stages }) => {
    const { move, faceByDeg } = stages[0]!;
    return move === 'face' && faceByDeg * handSign(hand) > 1e-9;
  });
  return opens ? ['opens the face of a straight pull first'] : [];
}

/** An offered drill makes the stage's move, and pushes nothing further outside its window. */
function drillTrouble({ hand, plan, work }: Player, stage: Stage): string[] {
  const sign = handSign(hand);
  const sideOff = (figure: 'clubPathDeg' | 'faceAngleDeg'): number => {
    const number = plan.off.find((one) => one.figure === figure);
    return number === undefined ? 0 : Math.sign((number.value - number.wanted) * sign);
  };
  return work.offered.flatMap(({ drill: { id, movesPath, movesFace } }) => {
    const otherWay =
      (stage.move === 'path' &&
        movesPath !== 0 &&
        movesPath !== Math.sign(stage.pathByDeg * sign)) ||
      (stage.move === 'face' && movesFace !== 0 && movesFace !== Math.sign(stage.faceByDeg * sign));
    const isFaceMove = stage.move === 'face' || stage.move === 'together';
    const further =
      (!isFaceMove && movesFace !== 0 && movesFace === sideOff('faceAngleDeg')) ||
      (stage.move === 'face' && movesPath !== 0 && movesPath === sideOff('clubPathDeg'));
    return [
      ...(otherWay ? [`${id} moves the other way`] : []),
      ...(further ? [`${id} pushes further out`] : []),
    ];
  });
}

/** The verdict on doing exactly what the stage asked. */
function verdictOfDoing({ balls, plan }: Player, stage: Stage): BlockVerdict {
  const startBy = stage.expected.startDeg - plan.now.startDeg;
  const before = balls.map((ball) => ({
    ...ball,
    faceToPathDeg: ball.faceAngleDeg! - ball.clubPathDeg!,
  }));
  const after = before.map((ball) => ({
    ...ball,
    clubPathDeg: ball.clubPathDeg! + stage.pathByDeg,
    faceAngleDeg: ball.faceAngleDeg! + stage.faceByDeg,
    faceToPathDeg: ball.faceToPathDeg + stage.faceByDeg - stage.pathByDeg,
    startDirectionDeg: ball.startDirectionDeg! + startBy,
  }));
  return judgeBlocks(before, after, { figures: stage.judged, wanted: stage.targets });
}

function pageTrouble(player: Player, stage: Stage, judged: BlockVerdict): string[] {
  if (stage.move === 'strike') return [];
  const { hand, plan } = player;
  const page = composePage({
    findings: { ...player, verdict: { judged } as LessonFindings['verdict'] },
    gently: false,
    wording: wordingOf(hand),
    date: '2026-11-25',
  });
  const isToRight = stage.pathByDeg * handSign(hand) > 0;
  const isOpening = stage.faceByDeg * handSign(hand) > 0;
  const side = stage.pathByDeg > 0 ? 'right' : 'left';
  const inside = isToRight ? 'more from the inside' : 'less from the inside';
  const word = { path: inside, face: isOpening ? 'open' : 'closed' }[stage.move as string] ?? side;
  const [first] = page.points;
  return [
    ...(first!.includes(word) ? [] : [`the page says otherwise: ${first}`]),
    ...(first!.startsWith('Try this') === (plan.answer !== 'do') ? [] : ['as sure as it is not']),
    ...(page.points.some((point) => /keep it/.test(point)) ? ['the page says keep it'] : []),
  ];
}

/** A flight that is off is never left, and never told to be kept. */
function leftTrouble({ plan, points }: Player): string[] {
  const isOff = plan.seen.some(({ off }) => off !== 0);
  const isKept = points.some(({ kind }) => kind === 'keep');
  return [
    ...(isOff && plan.answer === 'leave' ? ['left though its flight is off'] : []),
    ...(isKept && plan.answer !== 'leave' ? ['told to keep what is not left'] : []),
  ];
}

const isChanged = ({ plan }: Player): boolean => plan.answer === 'do' || plan.answer === 'try';

function troublesOf(player: Player): string[] {
  const { stage } = player.work;
  const always = [...pullTrouble(player), ...leftTrouble(player)];
  const alone = (stage !== null) === isChanged(player) ? [] : ['answered one way, worked another'];
  if (stage === null) return [...alone, ...always];
  const judged = verdictOfDoing(player, stage);
  return [
    ...alone,
    ...always,
    ...drillTrouble(player, stage),
    ...(judged.verdict === 'away from plan' ? ['doing what was asked is away from plan'] : []),
    ...pageTrouble(player, stage, judged),
  ];
}

describe('random players', () => {
  const random = seededRandom(20261125);

  it('are told one thing by the plan, the drills, Prove and the page', () => {
    const troubles: string[] = [];
    let changed = 0;
    const count = tries(48, 8000);
    for (let i = 0; i < count; i++) {
      const player = playerAt(random, i, false);
      if (player.work.stage !== null) changed++;
      troubles.push(...troublesOf(player));
    }
    expect(troubles).toEqual([]);
    // The claim is not empty: most of them have something to change.
    expect(changed).toBeGreaterThan(count / 3);
  });

  it('with nothing to change are told to in at most 5 of 100, and to try it in 12', () => {
    const count = tries(96, 2000);
    let [done, told] = [0, 0];
    for (let i = 0; i < count; i++) {
      const player = playerAt(random, i, true);
      if (player.plan.answer === 'do') done++;
      if (isChanged(player)) told++;
      expect(troublesOf(player)).toEqual([]);
    }
    expect(done / count).toBeLessThanOrEqual(0.05);
    expect(told / count).toBeLessThanOrEqual(0.12);
  });
});
