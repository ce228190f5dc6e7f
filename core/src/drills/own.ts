/** A drill of the academy's own as one of the catalogue's kind, with what follows from the way it moves. */
import { DRILLS } from './catalogue.ts';
import type { Drill, Tendency } from './drill.ts';
import { HEAD_LENGTH_M, layOut } from './layout.ts';
import type { Layout, LayoutContext, PlainPart } from './layout.ts';
import { CLUB_KINDS } from '../delivery/head.ts';
import type { ClubKind } from '../delivery/head.ts';
import type { Hand } from '../line/hand.ts';

export interface OwnDrillFacts {
  readonly id: string;
  readonly name: string;
  readonly movesPath: -1 | 0 | 1;
  readonly movesFace: -1 | 0 | 1;
  readonly how: string;
  readonly good: string;
  readonly parts: readonly PlainPart[];
}

const PATH_NOT_FOR: Readonly<Record<-1 | 0 | 1, readonly Tendency[]>> = {
  [-1]: ['slice', 'out-to-in'],
  0: [],
  1: ['hook', 'in-to-out'],
};
const FACE_NOT_FOR: Readonly<Record<-1 | 0 | 1, readonly Tendency[]>> = {
  [-1]: ['hook', 'closed'],
  0: [],
  1: ['slice', 'open'],
};

export const asDrill = (own: OwnDrillFacts): Drill => ({
  id: own.id,
  name: own.name,
  movesPath: own.movesPath,
  movesFace: own.movesFace,
  serves: [],
  notFor: [...PATH_NOT_FOR[own.movesPath], ...FACE_NOT_FOR[own.movesFace]],
  strains: [],
  near: [],
  how: own.how,
  good: own.good,
  misses: ['missed left', 'missed right'],
  suits: 'anyone',
  cautions: [],
  layout: (c: LayoutContext) => layOut(c, own.parts, []),
});

/** A drill of the catalogue or of the academy's own, or null. */
export function drillBy(id: string, own: readonly OwnDrillFacts[]): Drill | null {
  const known = DRILLS.find((drill) => drill.id === id);
  const found = own.find((drill) => drill.id === id);
  return known ?? (found === undefined ? null : asDrill(found));
}

export interface StationFor {
  readonly hand: Hand;
  readonly kind: ClubKind;
  /** What the station asks for, in words of the hand: in-to-out, open and to the push side positive. */
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly startDeg: number;
}

export const layoutFor = (drill: Drill, { hand, kind, ...angles }: StationFor): Layout =>
  drill.layout({ hand, headLengthM: HEAD_LENGTH_M[kind], ...angles });

/** The kind of club whose head is so long: what a page keeps of it. */
export const kindOfHead = (headLengthM: number): ClubKind =>
  CLUB_KINDS.find((kind) => Math.abs(HEAD_LENGTH_M[kind] - headLengthM) < 1e-9) ?? 'iron';

/** What a station asks for beyond the wanted number, so that the real change is the wanted one (common practice). */
export const EXAGGERATION = 1.5;
/** Most a station asks for, degrees. */
const MOST_ASKED_DEG = 12;

const asked = (deg: number): number =>
  Math.max(-MOST_ASKED_DEG, Math.min(MOST_ASKED_DEG, Math.round(2 * deg) / 2)) + 0;

/** What the station of a stage asks for first: where the stage goes, exaggerated the way it moves. */
export function askOfStage(
  stage: {
    readonly pathDeg: number;
    readonly faceDeg: number;
    readonly pathByDeg: number;
    readonly faceByDeg: number;
    readonly expected: { readonly startDeg: number };
  },
  handSign: 1 | -1,
): Pick<StationFor, 'pathDeg' | 'faceDeg' | 'startDeg'> {
  const beyond = (to: number, by: number): number =>
    asked((to + (EXAGGERATION - 1) * by) * handSign);
  return {
    pathDeg: beyond(stage.pathDeg, stage.pathByDeg),
    faceDeg: beyond(stage.faceDeg, stage.faceByDeg),
    startDeg: asked(stage.expected.startDeg * handSign),
  };
}
