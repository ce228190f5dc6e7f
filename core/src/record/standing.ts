/** A player in a line: where the figure that matters stands, its last points, and whether the last visit drifted. */
import type { ClubKind } from '../delivery/head.ts';
import type { Change, Drift, Followed, Now } from './follow.ts';
import { followAll } from './player-record.ts';
import type { RecordAsk } from './player-record.ts';
import { awayFrom } from './points.ts';
import type { FollowedFigure, Target } from './points.ts';
import { wantedOfKind } from './target.ts';
import { countedOf, kindsOf } from './visit.ts';
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
  /** Of the gap, else the path, else the face: where one of them went away from what is wanted in the last visit. */
  readonly drifted: { readonly figure: FollowedFigure; readonly drift: Drift } | null;
  /** What the last change of the figure was, where there was one, and when. */
  readonly changed: (Change & { readonly day: string }) | null;
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

function driftedOf(followed: readonly Followed[]): Standing['drifted'] {
  for (const figure of ['faceToPathDeg', 'clubPathDeg', 'faceAngleDeg'] as const) {
    const drift = followed.find((one) => one.figure === figure)?.drift ?? null;
    if (drift?.state === 'away' && !drift.isOfSource) return { figure, drift };
  }
  return null;
}

function standingOfKind(all: readonly Visit[], kind: ClubKind, ask: RecordAsk): Standing | null {
  const visits = all.filter((visit) => countedOf(visit, kind).length > 0);
  const wanted = wantedOfKind(visits, kind, ask.wanted, ask.context);
  const followed = followAll(visits, kind, wanted, ask.context);
  const told = toldOf(followed);
  if (told?.now == null) return null;
  const { figure, now, target, points, changes } = told;
  const change = changes.at(-1);
  return {
    kind,
    visits: visits.length,
    lastDay: visits.at(-1)!.day,
    figure,
    now,
    target,
    points: points.slice(-SMALL_POINTS).map(({ at, middle }) => ({ at, middle })),
    drifted: driftedOf(followed),
    changed: change === undefined ? null : { ...change, day: points[change.at]!.day },
  };
}

/** Whether it went away from what is wanted, in the last visit or for good. */
const isNews = ({ drifted, changed }: Standing): boolean =>
  drifted !== null || (changed?.isNearer === false && !changed.isOfSource);

/** Where a player stands with the kind of club hit most, and with any other that went away from what is wanted. */
export const standingsOf = (visits: readonly Visit[], ask: RecordAsk): Standing[] =>
  kindsOf(visits)
    .flatMap((kind) => standingOfKind(visits, kind, ask) ?? [])
    .filter((standing, n) => n === 0 || isNews(standing));

/** How far a kind of club went away from what is wanted since a day: in the last visit, or for good; 0 for not at all. */
export function wentAway({ drifted, changed, lastDay }: Standing, since: string): number {
  if (drifted !== null && lastDay >= since) return Math.abs(drifted.drift.by);
  const isAway = changed?.isNearer === false && !changed.isOfSource && changed.day >= since;
  return isAway ? Math.abs(changed.to - changed.from) : 0;
}

/** How far from what is wanted a figure stands, in windows; 0 where nothing is wanted. */
export const windowsOut = ({ now, target }: Standing): number =>
  target === null ? 0 : awayFrom(now.value, target) / target.window;
