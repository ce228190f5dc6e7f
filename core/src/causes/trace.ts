import type { Move } from '../plan/routes.ts';
import type { Bands } from '../reading/bands.ts';
import { CAUSE_EDGES, CAUSE_LINKS, STAGES } from './links.ts';
import type { CauseEdge, CauseLink, CauseLinkId, FaultNode, LinkValue } from './links.ts';

/** What is off at impact, in words of the hand: 1 in-to-out, open, to the push side or toe; 0 nothing. */
export interface Fault {
  readonly node: FaultNode;
  readonly way: -1 | 0 | 1;
  /** The figure is not called so by itself, only beside the wanted: a square face can be closed for a fade. */
  readonly isRelative?: boolean;
}

export type Observations = Readonly<Partial<Record<CauseLinkId, LinkValue>>>;

/** A link of the graph, by one of its ids. */
type KnownLink = CauseLink & { readonly id: CauseLinkId };

export interface TracedLink {
  readonly link: KnownLink;
  readonly value: LinkValue | null;
  /** The links between it and the fault, itself first. */
  readonly chain: readonly KnownLink[];
  readonly edges: readonly CauseEdge[];
  readonly strength: number;
}

export interface CauseTrace {
  readonly fault: Fault;
  /** The observed link that pushes the fault's way most; null without an observation. */
  readonly cause: TracedLink | null;
  /** Every observed link that pushes the fault's way, the most telling first. */
  readonly pushing: readonly TracedLink[];
  readonly against: readonly TracedLink[];
  /** Off, but it may push either way. */
  readonly unsure: readonly TracedLink[];
  /** Looked at and as it should be. */
  readonly cleared: readonly TracedLink[];
  /** Not yet looked at, what to look at next first. */
  readonly unseen: readonly TracedLink[];
}

const LINK_BY_ID: ReadonlyMap<CauseLinkId, KnownLink> = new Map(CAUSE_LINKS.map((l) => [l.id, l]));
export const causeLink = (id: CauseLinkId): KnownLink => LINK_BY_ID.get(id)!;

/** Every link upstream of a node, with its way there. */
function upstream(
  node: CauseEdge['to'],
  below: readonly KnownLink[] = [],
  edges: readonly CauseEdge[] = [],
): Omit<TracedLink, 'value'>[] {
  return CAUSE_EDGES.filter((e) => e.to === node).flatMap((e) => {
    const link = causeLink(e.from);
    const chain = [link, ...below];
    const path = [e, ...edges];
    const strength = Math.min(...path.map((one) => one.strength));
    return [{ link, chain, edges: path, strength }, ...upstream(e.from, chain, path)];
  });
}

/** Returns which way a link of this value pushes the node: 1 in-to-out, open, push side or toe; 0 not at all. */
function pushOf({ edges }: Pick<TracedLink, 'edges'>, value: LinkValue): number {
  let way: number = value;
  for (const { how, sign } of edges) {
    if (how === 'unsure') return 0;
    way = how === 'either' ? Math.abs(way) * sign : way * sign;
  }
  return way === 0 ? 0 : Math.sign(way);
}

const stageOf = ({ link }: TracedLink): number => STAGES.indexOf(link.stage);
/** How much an earlier stage tells more than a later one, from first to last. */
const EARLIEST = 1.3;
const LATEST = 0.7;
const earliness = (t: TracedLink): number =>
  EARLIEST - ((EARLIEST - LATEST) * stageOf(t)) / (STAGES.length - 1);
const weightOf = (t: TracedLink): number => t.strength * earliness(t);
const mostTelling = (a: TracedLink, b: TracedLink): number =>
  weightOf(b) - weightOf(a) || b.chain.length - a.chain.length;
/** Looking costs little at set-up and tells most where the push is strong. */
const cheapestFirst = (a: TracedLink, b: TracedLink): number =>
  Number(stageOf(a) > 1) - Number(stageOf(b) > 1) || weightOf(b) - weightOf(a);

/** Returns whether a link breaks every chain through it: beyond the first, and seen as it should be. */
const isBroken = ({ chain }: TracedLink, seen: Observations): boolean =>
  chain.slice(1).some((link) => seen[link.id] === 0);

/** Each link once, by its most telling way. */
function onePerLink(links: readonly TracedLink[]): TracedLink[] {
  const best = new Map<CauseLinkId, TracedLink>();
  for (const t of links) {
    const known = best.get(t.link.id);
    if (known === undefined || mostTelling(t, known) < 0) best.set(t.link.id, t);
  }
  return [...best.values()];
}

/**
 * Walks upstream from a fault through what was observed. Never claims a cause without an observation;
 * what nobody has looked at becomes the next thing to look at. A fault of 0 has no cause to look for.
 */
export function traceCause(fault: Fault, seen: Observations): CauseTrace {
  const { node, way } = fault;
  const all = upstream(node).map((t): TracedLink => ({ ...t, value: seen[t.link.id] ?? null }));
  const whole = all.filter((t) => !isBroken(t, seen));
  const pushes = (sign: number): TracedLink[] =>
    way === 0
      ? []
      : onePerLink(whole.filter((t) => t.value !== null && pushOf(t, t.value) === sign * way)).sort(
          mostTelling,
        );
  const pushing = pushes(1);
  const named = new Set(pushing.map(({ link }) => link.id));
  const unsure = whole.filter(
    (t) => t.value !== null && t.value !== 0 && pushOf(t, t.value) === 0 && !named.has(t.link.id),
  );
  return {
    fault,
    cause: pushing[0] ?? null,
    pushing,
    against: pushes(-1).filter(({ link }) => !named.has(link.id)),
    unsure: onePerLink(unsure),
    cleared: onePerLink(all.filter((t) => t.value === 0)),
    unseen: way === 0 ? [] : onePerLink(whole.filter((t) => t.value === null)).sort(cheapestFirst),
  };
}

type CallingBands = Pick<Bands, 'pathNeutralDeg' | 'faceSquareDeg'>;

/** Returns a fault of face or path, whose figure lies at `ownDeg` in words of the hand: whether it has that name by itself. */
function called(
  node: 'path' | 'face',
  way: Fault['way'],
  ownDeg: number,
  bands: CallingBands,
): Fault {
  const bandDeg = node === 'path' ? bands.pathNeutralDeg : bands.faceSquareDeg;
  return { node, way, isRelative: ownDeg * way <= bandDeg };
}

/** Returns the fault that a move is to mend: where the number lies now, in words of the hand. */
export function faultOfMove(
  move: Move,
  by: { readonly pathDeg: number; readonly faceDeg: number; readonly toeMm: number },
  handSign: 1 | -1,
  now: { readonly pathDeg: number; readonly faceDeg: number },
  bands: CallingBands,
): Fault {
  const way = (value: number): Fault['way'] => (value === 0 ? 0 : value > 0 ? -1 : 1);
  if (move === 'strike') return { node: 'strike', way: way(by.toeMm) };
  if (move === 'face')
    return called('face', way(by.faceDeg * handSign), now.faceDeg * handSign, bands);
  if (move === 'path')
    return called('path', way(by.pathDeg * handSign), now.pathDeg * handSign, bands);
  return { node: 'together', way: way(by.pathDeg * handSign) };
}

/** Returns a number that is off as a fault, positive right or toe; no fault where it is as wanted. */
export function faultOfNumber(
  node: Exclude<FaultNode, 'together'>,
  { value, wanted }: { readonly value: number; readonly wanted: number },
  handSign: 1 | -1,
  bands: CallingBands,
): Fault {
  const own = (node === 'strike' ? 1 : handSign) * (value - wanted);
  const way = own === 0 ? 0 : own > 0 ? 1 : -1;
  return node === 'strike' ? { node, way } : called(node, way, value * handSign, bands);
}
