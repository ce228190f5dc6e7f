/** A player's record with a kind of club: the one place that says whether it is holding, what comes back and what worked. */
import type { ClubKind } from '../delivery/head.ts';
import type { DrillEffect } from '../drills/effect.ts';
import type { Hand } from '../line/hand.ts';
import type { Pooled } from '../maths/pooled.ts';
import type { Proportion } from '../maths/proportion.ts';
import { couplingOf } from '../plan/coupling.ts';
import type { Coupling } from '../plan/coupling.ts';
import { targetsOf } from '../plan/off.ts';
import type { WantedByClub, WantedNumbers } from '../plan/wanted.ts';
import { smallestChange } from '../proof/judge.ts';
import type { ResolvedContext } from '../reading/context.ts';
import { sharedSdOf } from '../reading/error.ts';
import { mean } from '../maths/statistics.ts';
import { follow } from './follow.ts';
import type { Followed } from './follow.ts';
import { PATTERN_AT_LEAST, landingsOf, onFairway, onRuledOutSide } from './landing.ts';
import type { Landing } from './landing.ts';
import type { DrillCredit } from '../drills/effect.ts';
import { creditsWith } from '../proof/credit.ts';
import { plainScorer } from './plain-score.ts';
import type { PlainScore } from './plain-score.ts';
import { DELIVERY, FOLLOWED, pointsOf, valuesAt } from './points.ts';
import type { FollowedFigure } from './points.ts';
import { mainSource, offsetsOf } from './sources.ts';
import { faceShareOf, usualClub, wantedOfKind } from './target.ts';
import { countedOf, kindsOf, ownOf } from './visit.ts';
import type { Visit } from './visit.ts';
import { keptOf, warmUpOf } from './within-visits.ts';

/** Face against path of a ball, degrees, and which visit it was of. */
export interface ScatterBall {
  readonly visit: number;
  readonly faceDeg: number;
  readonly pathDeg: number;
}
/** Drawn at most: the last ones. */
export const SCATTER_AT_MOST = 2000;

/** Some visits on their own, for laying beside others. */
export interface Period {
  /** First visit of it and the one after its last, by place. */
  readonly from: number;
  readonly to: number;
  readonly landings: readonly Landing[];
  /** On a fairway as wide as the player accepts. */
  readonly fairway: Proportion | null;
  /** Beyond that width on the side the player rules out. */
  readonly ruledOut: Proportion | null;
  readonly score: PlainScore | null;
}

export interface PlayerRecord {
  readonly hand: Hand;
  readonly kinds: readonly ClubKind[];
  readonly kind: ClubKind;
  /** The club of the kind that was hit most. */
  readonly club: string;
  readonly visits: readonly {
    readonly lessonId: string;
    readonly at: string;
    readonly day: string;
    readonly balls: number;
    /** The club hit most, and what wrote most of its balls down, as a key. */
    readonly club: string;
    readonly source: string | null;
  }[];
  /** Lessons in which a drill was worked on with the kind of club. */
  readonly worked: readonly string[];
  readonly wanted: WantedNumbers | null;
  /** Only figures with a point. */
  readonly followed: readonly Followed[];
  readonly warmUp: Pooled | null;
  readonly kept: Pooled | null;
  readonly coupling: Coupling;
  /** The face's share of the start with that club, computed: lines of equal start lean by it. */
  readonly faceShare: number;
  readonly scatter: readonly ScatterBall[];
  readonly score: PlainScore | null;
  /** The visits before the last change of face to path, path or face, and those since; halves of them where nothing changed. */
  readonly periods: readonly Period[];
  readonly moved: readonly DrillCredit[];
}

export interface RecordAsk {
  readonly context: ResolvedContext;
  readonly wanted: WantedByClub | null;
  readonly effects: readonly DrillEffect[];
  /** The kind of club; the one hit most where it is left out or was never hit. */
  readonly kind?: ClubKind | undefined;
  /** Only visits from this ISO day on, and up to that one. */
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  /** The ISO day the second of the two periods begins at; where left out, the last change says. */
  readonly partedAt?: string | undefined;
}

const isWithin = ({ day }: Visit, { from, to }: RecordAsk): boolean =>
  (from === undefined || day >= from) && (to === undefined || day <= to);

/** Every figure that is known of these visits, followed. */
export function followAll(
  visits: readonly Visit[],
  kind: ClubKind,
  wanted: WantedNumbers | null,
  context: ResolvedContext,
): Followed[] {
  const carries = visits.flatMap((visit) =>
    valuesAt(visit.balls, countedOf(visit, kind), 'carryM'),
  );
  const carryM = carries.length === 0 ? 0 : mean(carries);
  const targets = wanted === null ? null : targetsOf(wanted, context.bands, carryM);
  return FOLLOWED.flatMap((figure: FollowedFigure) => {
    const [value, window] = targets?.[figure] ?? [NaN, NaN];
    const target = targets === null ? null : { wanted: value, window };
    const points = pointsOf(visits, kind, figure, target);
    if (points.length === 0) return [];
    const smallest = smallestChange(figure, [{ carryM }]);
    const sharedSd = sharedSdOf(figure, [], context, null);
    const sources = [...offsetsOf(visits, kind, figure).values()];
    return [follow(figure, points, { target, smallest, sharedSd, sources })];
  });
}

function scatterOf(visits: readonly Visit[], kind: ClubKind) {
  const balls = visits.flatMap((visit, v) =>
    ownOf(visit, kind).flatMap((n) => {
      const { figures, isInferred } = visit.balls;
      const [faceDeg, pathDeg] = [figures.faceAngleDeg[n]!, figures.clubPathDeg[n]!];
      const isKnown = !Number.isNaN(faceDeg) && !Number.isNaN(pathDeg) && !isInferred(n);
      return isKnown ? [{ visit: v, faceDeg, pathDeg }] : [];
    }),
  );
  return { coupling: couplingOf(withinVisits(balls)), scatter: balls.slice(-SCATTER_AT_MOST) };
}

/** Balls round the middle of their visit: what a change from visit to visit does to face and path is no coupling. */
function withinVisits(balls: readonly ScatterBall[]): ScatterBall[] {
  const byVisit = new Map<number, ScatterBall[]>();
  for (const ball of balls) byVisit.set(ball.visit, [...(byVisit.get(ball.visit) ?? []), ball]);
  return [...byVisit.values()].flatMap((own) => {
    const face = mean(own.map(({ faceDeg }) => faceDeg));
    const path = mean(own.map(({ pathDeg }) => pathDeg));
    return own.map(({ visit, faceDeg, pathDeg }) => ({
      visit,
      faceDeg: faceDeg - face,
      pathDeg: pathDeg - path,
    }));
  });
}

/** Returns where the visits are parted in two: at the day chosen, else at the last change of face to path, path or face, else in the middle. */
function partOf(
  visits: readonly Visit[],
  followed: readonly Followed[],
  partedAt: string | undefined,
): number {
  const chosen = visits.findIndex(({ day }) => partedAt !== undefined && day >= partedAt);
  if (chosen > 0) return chosen;
  const changes = followed.flatMap(({ figure, changes: of, points }) => {
    const last = of.filter(({ isOfSource }) => !isOfSource).at(-1);
    return last === undefined || !DELIVERY.has(figure) ? [] : [points[last.at]!.lessonId];
  });
  const places = changes.map((id) => visits.findIndex(({ lessonId }) => lessonId === id));
  return places.length === 0 ? visits.length >> 1 : Math.max(...places);
}

/** Returns the record of a player's visits, the oldest first; null where they have hit no named club in the period. */
export function playerRecord(all: readonly Visit[], ask: RecordAsk): PlayerRecord | null {
  const { context } = ask;
  const kinds = kindsOf(all);
  const kind = kinds.find((one) => one === ask.kind) ?? kinds[0];
  if (kind === undefined) return null;
  const ever = all.filter((visit) => countedOf(visit, kind).length > 0);
  const visits = ever.filter((visit) => isWithin(visit, ask));
  if (visits.length === 0) return null;
  // What is wanted is so of how they usually swing, whatever the period.
  const wanted = wantedOfKind(ever, kind, ask.wanted, context);
  const followed = followAll(visits, kind, wanted, context);
  const score = wanted === null ? null : plainScorer(visits, kind, wanted);
  const { id: club } = usualClub(visits, kind)!;
  const periodOf = (from: number, to: number): Period => {
    const own = visits.slice(from, to);
    const landings = landingsOf(own, kind, club);
    return {
      from,
      to,
      landings: landings.length < PATTERN_AT_LEAST ? [] : landings,
      fairway: wanted === null ? null : onFairway(landings, 2 * wanted.halfWidthM),
      ruledOut: wanted === null ? null : onRuledOutSide(landings, wanted),
      score: score?.(own) ?? null,
    };
  };
  const part = partOf(visits, followed, ask.partedAt);
  const figure = followed[0]?.figure ?? 'faceToPathDeg';
  return {
    hand: context.hand,
    kinds,
    kind,
    club,
    visits: visits.map((visit) => ({
      lessonId: visit.lessonId,
      at: visit.at,
      day: visit.day,
      balls: countedOf(visit, kind).length,
      club: usualClub([visit], kind)!.id,
      source: mainSource(visit.balls, countedOf(visit, kind)),
    })),
    worked: visits
      .filter((visit) =>
        countedOf(visit, kind).some((n) => visit.balls.blockOf(n).drillId !== null),
      )
      .map(({ lessonId }) => lessonId),
    wanted,
    followed,
    warmUp: warmUpOf(visits, kind, figure),
    kept: keptOf(visits, kind, figure),
    faceShare: faceShareOf(visits, kind),
    ...scatterOf(visits, kind),
    score: score?.(visits) ?? null,
    periods: visits.length < 2 ? [] : [periodOf(0, part), periodOf(part, visits.length)],
    moved: creditsWith(ask.effects, kind, ask.context.hand),
  };
}
