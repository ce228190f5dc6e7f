// Whether what is said as likely is as likely, and whether the balls that are asked for settle it. Full counts in `npm run soak`.
import { findClub, headOf } from '../delivery/club.ts';
import { turnFace } from '../delivery/turn.ts';
import { plainDelivery } from '../delivery/usual.ts';
import { HANDS, handSign } from '../line/hand.ts';
import { gaussian, seededRandom } from '../maths/random.ts';
import type { Random } from '../maths/random.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import type { LessonBall } from '../reading/ball.ts';
import { ballsOf, tries } from '../testing/players.ts';
import type { SwingOf } from '../testing/players.ts';
import { tappedBalls } from '../testing/taps.ts';
import { deviationsOf } from './belief.ts';
import { NO_MOVE, afterMove, gains } from './chance.ts';
import { planFor } from '../testing/plan-for.ts';
import type { Plan } from './plan.ts';
import { surfaceOf } from './surface.ts';

const CLUBS = ['driver', '3-wood', '5-iron', '7-iron', '9-iron'];
const COUPLING = 0.3;

interface Player extends Required<Omit<SwingOf, 'highSdMm' | 'misread' | 'shoot'>> {
  readonly club: string;
  readonly isByEye: boolean;
}

/** Swings as they lie round square: what a plan takes players to be like is no part of it. */
function playerAt(random: Random, i: number): Player {
  const isByEye = i % 2 === 1;
  const path = 4.5 * gaussian(random);
  return {
    hand: HANDS[(i >> 1) % 2]!,
    club: CLUBS[i % CLUBS.length]!,
    isByEye,
    path,
    face: path + 3.5 * gaussian(random),
    pathSd: 1 + random(),
    faceSd: 1.3 + 1.4 * random(),
    coupling: COUPLING,
    driverSpeedMps: isByEye ? 42 + 3 * gaussian(random) : 36 + 14 * random(),
    toeSdMm: 6,
    toeMm: isByEye ? 5 * gaussian(random) : 0,
    attackBy: isByEye ? 1.5 * gaussian(random) : 0,
    loftBy: isByEye ? 2 * gaussian(random) : 0,
  };
}

const hit = (player: Player, count: number, random: Random): LessonBall[] =>
  player.isByEye
    ? tappedBalls(player.club, count, random, player)
    : ballsOf(player.club, count, random, player);
const decide = (balls: readonly LessonBall[], { hand, club }: Player): Plan =>
  planFor({ balls, hand, club })!;

/** Whether the plan's best route truly gains, of the swing that was made. */
function trulyGains(plan: Plan, player: Player): boolean {
  const { whole } = plan.routes[plan.best]!;
  const bag = findClub(player.club)!;
  const head = headOf(bag);
  const plain = plainDelivery(bag, player.hand, player.driverSpeedMps);
  const sign = handSign(player.hand);
  const lofted = {
    ...plain,
    dynamicLoftDeg: plain.dynamicLoftDeg + player.loftBy,
    attackAngleDeg: plain.attackAngleDeg + player.attackBy,
  };
  const typical = {
    ...turnFace(lofted, head, sign * player.face),
    clubPathDeg: sign * player.path,
    strikeToeMm: player.toeMm,
  };
  const span = (from: number, by: number): readonly [number, number] => [
    Math.min(from, from + by) - 9,
    Math.max(from, from + by) + 9,
  ];
  const reach = {
    path: span(typical.clubPathDeg, whole.pathByDeg),
    face: span(typical.faceAngleDeg, whole.faceByDeg),
  };
  const scatter = {
    path: player.pathSd ** 2,
    face: player.faceSd ** 2 + (COUPLING * player.pathSd) ** 2,
    both: COUPLING * player.pathSd ** 2,
  };
  const context = {
    typical,
    surface: surfaceOf(typical, head, {}, reach, []),
    spread: deviationsOf(scatter),
    wanted: plan.wanted,
    isShapeAsked: false,
    bands: DEFAULT_BANDS,
  };
  return gains(afterMove(typical, NO_MOVE, context), afterMove(typical, whole, context), context);
}

describe('how likely a move gains', () => {
  const random = seededRandom(4242);
  const count = tries(60, 1500);
  const bins = { all: [0, 0, 0], tried: [0, 0, 0], done: [0, 0, 0] };
  const settled = [0, 0];
  for (let i = 0; i < count; i++) {
    const player = playerAt(random, i);
    const balls = hit(player, [3, 5, 8, 12][(i >> 1) % 4]!, random);
    const plan = decide(balls, player);
    if (plan.answer === 'ask' || plan.best < 0) continue;
    const isGain = trulyGains(plan, player);
    for (const bin of [
      bins.all,
      ...(plan.p >= 0.75 && plan.p < 0.95 ? [bins.tried] : []),
      ...(plan.p >= 0.95 ? [bins.done] : []),
    ]) {
      bin[0]!++;
      bin[1]! += Number(isGain);
      bin[2]! += plan.p;
    }
    const more = plan.look?.kind === 'balls' ? plan.look.balls : null;
    if (more === null || balls.length < 5) continue;
    const fresh = hit(player, more, random).map((ball, n) => ({ ...ball, id: `more ${n}` }));
    const after = decide([...balls, ...fresh], player);
    settled[1]!++;
    if (after.answer !== 'look') settled[0]!++;
  }
  const slackOf = (share: number, of: number): number =>
    2.6 * Math.sqrt((share * (1 - share)) / Math.max(1, of));

  it('is as it says, over all and where it is said', () => {
    for (const [of, had, sum] of Object.values(bins)) {
      const said = sum! / of!;
      expect(Math.abs(had! / of! - said)).toBeLessThanOrEqual(0.05 + slackOf(said, of!));
    }
    // Neither claim is empty.
    expect(bins.tried[0]! + bins.done[0]!).toBeGreaterThan(count / 4);
  });

  it('is settled by the balls that are asked for, in three of four', () => {
    expect(settled[0]! / Math.max(1, settled[1]!)).toBeGreaterThanOrEqual(
      settled[1] === 0 ? 0 : 0.75 - slackOf(0.75, settled[1]!),
    );
  });
});
