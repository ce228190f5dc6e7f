import { asRightHanded } from '../line/hand.ts';
import type { Hand } from '../line/hand.ts';
import { CAUSE_EDGES, CAUSE_LINKS, STAGES } from './links.ts';
import type { CauseLink, CauseLinkId, FaultNode, LinkValue } from './links.ts';

/** What is off at impact: degrees or mm, positive right of the target line or to the toe. */
export interface Fault {
  readonly node: FaultNode;
  readonly value: number;
  readonly hand: Hand;
}

export type Observations = Readonly<Partial<Record<CauseLinkId, LinkValue>>>;

export interface TracedLink {
  readonly link: CauseLink;
  readonly value: LinkValue | null;
  /** The links between it and the fault, itself first. */
  readonly chain: readonly CauseLink[];
  /** Which way it pushes the fault when its value is 1: in-to-out, open or toe is 1. */
  readonly sign: 1 | -1;
  readonly strength: number;
}

export interface CauseTrace {
  /** The earliest observed link that pushes the fault's way; null without an observation. */
  readonly cause: TracedLink | null;
  /** Every observed link that pushes the fault's way, earliest and strongest first. */
  readonly pushing: readonly TracedLink[];
  readonly against: readonly TracedLink[];
  /** Looked at and as it should be. */
  readonly cleared: readonly TracedLink[];
  /** Not yet looked at, what to look at next first. */
  readonly unseen: readonly TracedLink[];
  readonly words: string;
}

const LINK_BY_ID: ReadonlyMap<string, CauseLink> = new Map(CAUSE_LINKS.map((l) => [l.id, l]));
export const causeLink = (id: CauseLinkId): CauseLink => LINK_BY_ID.get(id)!;

/** Every link upstream of a node, with the sign and strength of its way there. */
function upstream(node: string, below: readonly CauseLink[] = []): Omit<TracedLink, 'value'>[] {
  return CAUSE_EDGES.filter((e) => e.to === node).flatMap((e) => {
    const link = causeLink(e.from);
    const chain = [link, ...below];
    const further = upstream(e.from, chain).map((t) => ({
      ...t,
      sign: (t.sign * e.sign) as 1 | -1,
      strength: Math.min(t.strength, e.strength),
    }));
    return [{ link, chain, sign: e.sign, strength: e.strength }, ...further];
  });
}

const stageOf = ({ link }: TracedLink): number => STAGES.indexOf(link.stage);
const earliestFirst = (a: TracedLink, b: TracedLink): number =>
  stageOf(a) - stageOf(b) || b.chain.length - a.chain.length || b.strength - a.strength;
/** Looking costs little at set-up and tells most where the push is strong. */
const tellingFirst = (a: TracedLink, b: TracedLink): number =>
  Number(stageOf(a) > 1) - Number(stageOf(b) > 1) ||
  b.strength - a.strength ||
  stageOf(a) - stageOf(b);

const FAULT_WORDS: Readonly<Record<FaultNode, readonly [string, string]>> = {
  path: ['the out-to-in path', 'the in-to-out path'],
  face: ['the closed face', 'the open face'],
  strike: ['the heel strikes', 'the toe strikes'],
};
export const faultWords = (node: FaultNode, sign: number): string =>
  FAULT_WORDS[node][sign < 0 ? 0 : 1];
export const valueWords = (link: CauseLink, value: LinkValue): string => link.words[value + 1]!;

function wordsOf(fault: string, cause: TracedLink | null, unseen: readonly TracedLink[]): string {
  const next = unseen[0];
  const look = next === undefined ? '' : ` Next to look at: ${next.link.label.toLowerCase()}.`;
  if (cause === null) return `Nothing seen so far explains ${fault}.${look}`;
  const chain = cause.chain.map((l) => l.label.toLowerCase()).join(', then ');
  const seen = `${cause.link.label} ${valueWords(cause.link, cause.value!)}`;
  return `${seen}: the earliest link seen that pushes towards ${fault} (${chain}).${look}`;
}

/**
 * Walks upstream from a fault through what was observed. Never claims a cause without an observation;
 * what nobody has looked at becomes the next thing to look at. A fault of 0 has no cause to look for.
 */
export function traceCause(fault: Fault, observations: Observations): CauseTrace {
  const way = Math.sign(
    fault.node === 'strike' ? fault.value : asRightHanded(fault.value, fault.hand),
  );
  const all = upstream(fault.node).map((t): TracedLink => ({
    ...t,
    value: observations[t.link.id] ?? null,
  }));
  const push = (t: TracedLink): number => Math.sign((t.value ?? 0) * t.sign * way);
  const pushing = all.filter((t) => push(t) > 0).sort(earliestFirst);
  const unseen = all.filter((t) => t.value === null).sort(tellingFirst);
  const cause = pushing[0] ?? null;
  return {
    cause,
    pushing,
    against: all.filter((t) => push(t) < 0).sort(earliestFirst),
    cleared: all.filter((t) => t.value === 0),
    unseen,
    words: way === 0 ? 'Nothing is off here.' : wordsOf(faultWords(fault.node, way), cause, unseen),
  };
}
