/** A trace of causes in words. */
import type { CauseLink, FaultNode, LinkValue } from '../causes/links.ts';
import type { CauseTrace, Fault, TracedLink } from '../causes/trace.ts';
import { capital, listOf } from './sentence.ts';

const FAULT_WORDS: Readonly<Record<FaultNode, readonly [string, string]>> = {
  path: ['the out-to-in path', 'the in-to-out path'],
  face: ['the closed face', 'the open face'],
  strike: ['the heel strikes', 'the toe strikes'],
  together: ['the pull', 'the push'],
};
/** What a stage asks of a figure that is called so already, or is called nothing: what stands in its way. */
const IN_THE_WAY: Readonly<Partial<Record<FaultNode, readonly [string, string]>>> = {
  path: ['the path from going further in-to-out', 'the path from going further out-to-in'],
  face: ['the face from opening further', 'the face from closing further'],
};
const inTheWay = ({ node, way, isRelative = false }: Fault): string | null =>
  isRelative ? (IN_THE_WAY[node]?.[way < 0 ? 0 : 1] ?? null) : null;

/** Returns what is to be mended: `the out-to-in path`. */
export const faultWords = (fault: Fault): string =>
  inTheWay(fault) ?? FAULT_WORDS[fault.node][fault.way < 0 ? 0 : 1];
/** Returns what is looked for: `What makes the closed face?`, `What keeps the face from closing further?` */
export const causeQuestion = (fault: Fault): string =>
  `What ${inTheWay(fault) === null ? 'makes' : 'keeps'} ${faultWords(fault)}?`;

export const valueWords = (link: CauseLink, value: LinkValue): string => link.words[value + 1]!;

const seenWords = ({ link, value }: TracedLink): string =>
  `${link.label.toLowerCase()} ${valueWords(link, value!)}`;

/** Causes said at most; the rest stand in the chain. */
const SAID = 2;

/** `Body aim open to the target and ball position too far forward: both make the pull. Look next: lie angle.` */
export function traceWords({ fault, cause, pushing, unseen }: CauseTrace): string {
  if (fault.way === 0) return 'Nothing here to look for.';
  const next = unseen[0] === undefined ? '' : ` Look next: ${unseen[0].link.label.toLowerCase()}.`;
  if (cause === null) return `Nothing seen yet explains it.${next}`;
  const said = pushing.slice(0, SAID);
  const verb = inTheWay(fault) === null ? 'make' : 'keep';
  const does = said.length === 1 ? `this ${verb}s` : `both ${verb}`;
  return `${capital(listOf(said.map(seenWords)))}: ${does} ${faultWords(fault)}.${next}`;
}
