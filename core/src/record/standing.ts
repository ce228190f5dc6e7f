/** A player in a line: where the figure that matters stands, its last points, and whether the last visit drifted. */
import type { ClubKind } from '../delivery/head.ts';
import type { Change, Drift, Followed, Now } from './follow.ts';
import { followAll } from './player-record.ts';
import type { RecordAsk } from './player-record.ts';
import { isTwoWay } from '../plan/answer.ts';
import type { WantedNumbers } from '../plan/wanted.ts';
import { awayFrom, valuesAt } from './points.ts';
import type { FollowedFigure, Target } from './points.ts';
import { wantedOfKind } from './target.ts';
import { countedOf, kindsOf, ownOf } from './visit.ts';
import type { Visit } from './visit.ts';

/** Visits of a small chart: the last ones. */
const SMALL_POINTS = 12;

export interface Standing {
  readonly kind: ClubKind;
  readonly visits: number;
  /** The day of the last of them. */
  readonly lastDay: string;
  /** Face to path, or what is off where that is not. */
  readonly figure: FollowedFigure;
  readonly now: Now;
  readonly target: Target | null;
  readonly points: readonly { readonly at: string; readonly middle: number }[];
  /** Of the face to path, else the path, else the face: where one of them went away from the wanted in the last visit. */
  readonly drifted: { readonly figure: FollowedFigure; readonly drift: Drift } | null;
  /** Balls of the last visit that finished wide to either side, where the miss was two-way: no figure stands for it. */
  readonly bothWays: { readonly left: number; readonly right: number; readonly of: number } | null;
  /** The last change there was, of which figure, and when. */
  readonly changed: (Change & { readonly day: string; readonly figure: FollowedFigure }) | null;
}

/** What the ball does comes of these, the first first: a start that is off because of the strike is the strike's story. */
const CAUSES: readonly FollowedFigure[] = ['clubPathDeg', 'faceAngleDeg', 'strikeToeMm'];

/** The figure the words are about: the first, or where that is not off the cause that is, else what else is. */
export function toldOf(followed: readonly Followed[]): Followed | undefined {
  const [main, ...others] = followed;
  if (main === undefined || main.now?.state === 'off') return main;
  const off = others.filter(({ now }) => now?.state === 'off');
  return off.find(({ figure }) => CAUSES.includes(figure)) ?? off[0] ?? main;
}

/** A change of a figure the words are not about is told from so many of its half-widths on: with nothing changed something is said in at most 5 of 100 (follow.test.ts). */
const SURE_HALVES = 1.9;
const CAUSED_BY: ReadonlySet<FollowedFigure> = new Set(['faceToPathDeg', ...CAUSES]);
const halvesOf = (change: Change): number =>
  Math.abs(change.to - change.from) / Math.max(1e-9, change.half95);

/** Returns the figure whose last change is told: the one the words are about, or another that changed beyond doubt. */
export function changedOf(followed: readonly Followed[]): Followed | null {
  const told = toldOf(followed);
  const surest = followed
    .filter((one) => {
      const change = one.changes.at(-1);
      if (change === undefined) return false;
      const isHeld = change.at < one.points.length - 1;
      return one === told || (isHeld && !change.isOfSource && halvesOf(change) >= SURE_HALVES);
    })
    .sort((a, b) => halvesOf(b.changes.at(-1)!) - halvesOf(a.changes.at(-1)!));
  // What the ball does comes of the club: that is the change.
  return surest.find(({ figure }) => CAUSED_BY.has(figure)) ?? surest[0] ?? null;
}

function driftedOf(followed: readonly Followed[]): Standing['drifted'] {
  for (const figure of ['faceToPathDeg', 'clubPathDeg', 'faceAngleDeg'] as const) {
    const drift = followed.find((one) => one.figure === figure)?.drift ?? null;
    if (drift?.state === 'away' && !drift.isOfSource) return { figure, drift };
  }
  return null;
}

/** Returns whether the last visit missed to both sides. */
function bothWaysOf(
  visit: Visit,
  kind: ClubKind,
  wanted: WantedNumbers | null,
): Standing['bothWays'] {
  if (wanted === null) return null;
  const values = valuesAt(visit.balls, ownOf(visit, kind), 'offlineM');
  const beyond = (side: -1 | 1): number =>
    values.filter((m) => side * (m - wanted.finishM) > wanted.halfWidthM).length;
  const [left, right, of] = [beyond(-1), beyond(1), values.length];
  return isTwoWay(left, right, of) ? { left, right, of } : null;
}

function standingOfKind(all: readonly Visit[], kind: ClubKind, ask: RecordAsk): Standing | null {
  const visits = all.filter((visit) => countedOf(visit, kind).length > 0);
  const wanted = wantedOfKind(visits, kind, ask.wanted, ask.context);
  const followed = followAll(visits, kind, wanted, ask.context);
  const told = toldOf(followed);
  if (told?.now == null) return null;
  const { figure, now, target, points } = told;
  const moved = changedOf(followed);
  const change = moved?.changes.at(-1);
  return {
    kind,
    visits: visits.length,
    lastDay: visits.at(-1)!.day,
    figure,
    now,
    target,
    points: points.slice(-SMALL_POINTS).map(({ at, middle }) => ({ at, middle })),
    drifted: driftedOf(followed),
    bothWays: bothWaysOf(visits.at(-1)!, kind, wanted),
    changed:
      change === undefined
        ? null
        : { ...change, day: moved!.points[change.at]!.day, figure: moved!.figure },
  };
}

/** Returns whether it went away from the wanted, in the last visit or for good. */
const isNews = ({ drifted, changed }: Standing): boolean =>
  drifted !== null || (changed?.isNearer === false && !changed.isOfSource);

/** Where a player stands with the kind of club hit most, and with any other that went away from the wanted. */
export const standingsOf = (visits: readonly Visit[], ask: RecordAsk): Standing[] =>
  kindsOf(visits)
    .flatMap((kind) => standingOfKind(visits, kind, ask) ?? [])
    .filter((standing, n) => n === 0 || isNews(standing));

/** Returns how far a kind of club went away from the wanted since a day: in the last visit, or for good; 0 for not at all. */
export function wentAway({ drifted, changed, lastDay }: Standing, since: string): number {
  if (drifted !== null && lastDay >= since) return Math.abs(drifted.drift.by);
  const isAway = changed?.isNearer === false && !changed.isOfSource && changed.day >= since;
  return isAway ? Math.abs(changed.to - changed.from) : 0;
}

/** Returns how far from the wanted a figure stands, in windows; 0 where nothing is wanted. */
export const windowsOut = ({ now, target }: Standing): number =>
  target === null ? 0 : awayFrom(now.value, target) / target.window;
