/** A drill of the academy's own as one of the catalogue's kind, with what follows from the way it moves. */
import { DRILLS } from './catalogue.ts';
import type { Drill, Tendency } from './drill.ts';
import { HEAD_LENGTH_M, layOut } from './layout.ts';
import type { LayoutContext, PlainPart } from './layout.ts';
import { CLUB_KINDS } from '../delivery/head.ts';
import type { ClubKind } from '../delivery/head.ts';

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
  asks: {},
  dose: 'feel',
  layout: (c: LayoutContext) => layOut(c, own.parts, []),
});

/** Returns a drill of the catalogue or of the academy's own, or null. */
export function drillBy(id: string, own: readonly OwnDrillFacts[]): Drill | null {
  const known = DRILLS.find((drill) => drill.id === id);
  const found = own.find((drill) => drill.id === id);
  return known ?? (found === undefined ? null : asDrill(found));
}

/** Returns the kind of club whose head is so long: what a page keeps of it. */
export const kindOfHead = (headLengthM: number): ClubKind =>
  CLUB_KINDS.find((kind) => Math.abs(HEAD_LENGTH_M[kind] - headLengthM) < 1e-9) ?? 'iron';
