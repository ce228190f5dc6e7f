// Random players: the plan, the drills offered, what Prove would say of doing exactly what was asked, and the
// page may not disagree about one of them. 10,000 of them in `npm run soak`.
import { HANDS, handSign } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import { planFor } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import type { Stage } from '../plan/stages.ts';
import type { LessonBall } from '../reading/ball.ts';
import { ballsOf, tries } from '../testing/players.ts';
import type { SwingOf } from '../testing/players.ts';
import { DEFAULT_DISPLAY_UNITS } from '../words/format.ts';
import { composePage } from '../words/page.ts';
import { judgeBlocks } from './judge.ts';
import type { BlockVerdict } from './judge.ts';
import { workOf } from './work.ts';
import type { LessonWork } from './work.ts';

const CLUBS = ['driver', '3-wood', '4-hybrid', '5-iron', '7-iron', '9-iron', 'pw'];

interface Player {
  readonly hand: Hand;
  readonly balls: readonly LessonBall[];
  readonly plan: Plan;
  readonly work: LessonWork;
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
  const plan = planFor({ balls, hand, club })!;
  const work = workOf({ plan, hand });
  return { hand, balls, plan, work };
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

function pageTrouble({ hand, plan, work }: Player, stage: Stage, judged: BlockVerdict): string[] {
  if (stage.move === 'strike') return [];
  const page = composePage({
    hand,
    plan,
    stage,
    trace: work.trace,
    drills: work.offered.slice(0, 1).map(({ drill }) => drill),
    judged,
    units: DEFAULT_DISPLAY_UNITS,
    date: '2026-11-25',
  });
  const isOpening = stage.faceByDeg * handSign(hand) > 0;
  const side = stage.pathByDeg > 0 ? 'right' : 'left';
  const word = stage.move !== 'face' ? side : isOpening ? 'open' : 'closed';
  return page.points[0]!.includes(word) ? [] : [`the page says otherwise: ${page.points[0]}`];
}

function troublesOf(player: Player): string[] {
  const { plan, work } = player;
  const { stage } = work;
  const alone = (stage === null) === plan.leaveAlone ? [] : ['left alone and yet worked on'];
  if (stage === null) return [...alone, ...pullTrouble(player)];
  const judged = verdictOfDoing(player, stage);
  return [
    ...alone,
    ...pullTrouble(player),
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

  it('with nothing to change are told to change something at most 5 times in 100', () => {
    const count = tries(48, 2000);
    let told = 0;
    for (let i = 0; i < count; i++) {
      const player = playerAt(random, i, true);
      if (!player.plan.leaveAlone) told++;
      expect(troublesOf(player)).toEqual([]);
    }
    expect(told / count).toBeLessThanOrEqual(0.05);
  });
});
