/** A lesson as it is kept, and what its balls are read in: the browser reads it on the screen, the server for the page. */
import { aimOf } from '../causes/setup.ts';
import type { Hand } from '../line/hand.ts';
import type { PlayerKind } from '../delivery/usual.ts';
import { BALL_QUANTITIES, EMPTY_BALL } from '../intake/quantities.ts';
import type { BallFigures } from '../intake/quantities.ts';
import type { OpenAmount } from '../inverse/eye.ts';
import type { AcademyRules } from '../plan/rules.ts';
import type { WantedByClub } from '../plan/wanted.ts';
import type { BlockKind, Contact, Keep, LessonBall, SeenBy } from '../reading/ball.ts';
import type { Goal } from '../record/goal.ts';
import { partOf } from './parts.ts';
import type { KeptPart } from './parts.ts';
import type { LessonContext } from './read.ts';
import type { BlockAim } from './work.ts';

export interface HeldPlayer {
  readonly hand: Hand;
  readonly playerKind: PlayerKind | null;
  readonly driverSpeedMps: number | null;
  readonly wanted: WantedByClub;
  /** What is known of the body: as much of it as whoever asks may read. */
  readonly bodyNotes: string;
  readonly goals: readonly Goal[];
}

export interface HeldBlock {
  readonly id: string;
  readonly kind: BlockKind;
  readonly drillId: string | null;
  readonly aim: BlockAim | null;
}

/** A ball with only those figures that are known. */
export interface HeldBall extends Partial<BallFigures> {
  readonly id: string;
  readonly keep: Keep;
  readonly seen: SeenBy;
  readonly openAmount: OpenAmount | null;
  readonly contact: Contact | null;
  readonly blockId: string | null;
  readonly club: string | null;
  readonly clubText: string | null;
  readonly hitAt: string | null;
}

export interface HeldLesson {
  readonly player: HeldPlayer;
  /** In the order hit. */
  readonly balls: readonly HeldBall[];
  /** In the order begun; the last is under way. */
  readonly blocks: readonly HeldBlock[];
  readonly parts: readonly KeptPart[];
}

/** Returns a kept ball as it is read, with what its block was hit as. */
export function lessonBall(
  ball: HeldBall,
  blocks: readonly HeldBlock[],
): LessonBall & { readonly id: string } {
  const figures = Object.fromEntries(BALL_QUANTITIES.map((q) => [q, ball[q] ?? null]));
  const { id, keep, seen, openAmount, contact, club, clubText, hitAt } = ball;
  const own = blocks.find((block) => block.id === ball.blockId);
  const block = {
    blockId: own?.id ?? null,
    block: own?.kind ?? null,
    drillId: own?.drillId ?? null,
  };
  const said = { id, keep, seen, openAmount, contact, club, clubText, hitAt };
  return { ...EMPTY_BALL, ...figures, ...said, ...block };
}

/** Returns what a lesson is read in: the player and the wanted flight, the academy's rules, the coach's choices. */
export function contextOf(
  lesson: Pick<HeldLesson, 'player' | 'parts'>,
  { naming, bands, accuracy, firstRoute }: AcademyRules,
): LessonContext {
  const { hand, wanted, playerKind, driverSpeedMps } = lesson.player;
  const setUp = partOf(lesson, 'setup');
  return {
    ...{ hand, playerKind, driverSpeedMps, wanted },
    ...{ naming, bands, accuracy, firstRoute },
    lessonWanted: setUp.wanted,
    aimDeg: aimOf(setUp),
    route: partOf(lesson, 'work').route,
  };
}
