import { CLUB_KINDS, HEAD_LENGTH_M, findDrill, layOut } from '@loxos/core';
import type { ClubKind, Drill, Hand, Layout, LayoutContext } from '@loxos/core';
import type { OwnDrill } from '../../api/client.ts';

/** A drill of the academy's own as one of the catalogue's kind. */
export const asDrill = ({ id, name, movesPath, movesFace, how, good, parts }: OwnDrill): Drill => ({
  id,
  name,
  movesPath,
  movesFace,
  trains: 'direction',
  notFor: [
    ...(movesPath > 0
      ? (['hook', 'in-to-out'] as const)
      : movesPath < 0
        ? (['slice', 'out-to-in'] as const)
        : []),
    ...(movesFace > 0
      ? (['slice', 'open'] as const)
      : movesFace < 0
        ? (['hook', 'closed'] as const)
        : []),
  ],
  strains: [],
  near: [],
  how,
  good,
  misses: ['missed left', 'missed right'],
  suits: 'anyone',
  cautions: [],
  layout: (c: LayoutContext) => layOut(c.hand, parts, []),
});

export const drillBy = (id: string, own: readonly OwnDrill[]): Drill | null => {
  const found = own.find((drill) => drill.id === id);
  return findDrill(id) ?? (found === undefined ? null : asDrill(found));
};

export interface StationFor {
  readonly hand: Hand;
  readonly kind: ClubKind;
  readonly pathDeg: number;
  readonly faceDeg: number;
  readonly startDeg: number;
}

export const layoutFor = (
  drill: Drill,
  { hand, kind, pathDeg, faceDeg, startDeg }: StationFor,
): Layout => drill.layout({ hand, headLengthM: HEAD_LENGTH_M[kind], pathDeg, faceDeg, startDeg });

/** The kind of club whose head is so long: what a page keeps of it. */
export const kindOfHead = (headLengthM: number): ClubKind =>
  CLUB_KINDS.find((kind) => Math.abs(HEAD_LENGTH_M[kind] - headLengthM) < 1e-9) ?? 'iron';

/** A distance to tape out, in the coach's smaller unit: cm beside metres, inches beside yards. */
export function tapeText(distanceM: number, unit: 'm' | 'yd'): string {
  if (unit === 'yd')
    return distanceM >= 1.8
      ? `${(distanceM / 0.3048).toFixed(1)} ft`
      : `${(distanceM / 0.0254).toFixed(1)} in`;
  return distanceM >= 1.8 ? `${distanceM.toFixed(2)} m` : `${(distanceM * 100).toFixed(1)} cm`;
}
