/** A trace of causes in words. */
import type { CauseLink, FaultNode, LinkValue } from '../causes/links.ts';
import type { CauseTrace, Fault, TracedLink } from '../causes/trace.ts';

const FAULT_WORDS: Readonly<Record<FaultNode, readonly [string, string]>> = {
  path: ['the out-to-in path', 'the in-to-out path'],
  face: ['the closed face', 'the open face'],
  strike: ['the heel strikes', 'the toe strikes'],
  together: ['the straight pull', 'the straight push'],
};
/** A figure that has no such name by itself, beside what is wanted. */
const RELATIVE_WORDS: Readonly<Partial<Record<FaultNode, readonly [string, string]>>> = {
  path: ['a path more out-to-in than wanted', 'a path more in-to-out than wanted'],
  face: ['a face more closed than wanted', 'a face more open than wanted'],
};
export function faultWords({ node, way, isRelative = false }: Fault): string {
  const words = (isRelative ? RELATIVE_WORDS[node] : undefined) ?? FAULT_WORDS[node];
  return words[way < 0 ? 0 : 1];
}
export const valueWords = (link: CauseLink, value: LinkValue): string => link.words[value + 1]!;

const lookWords = ({ link }: TracedLink): string => ` Look next at: ${link.label.toLowerCase()}.`;

/** `Ball position too far forward, by way of the shoulder line: it pushes towards the out-to-in path.` */
export function traceWords({ fault, cause, pushing, unseen }: CauseTrace): string {
  if (fault.way === 0) return 'This is within its window: no cause to look for.';
  const next = unseen[0] === undefined ? '' : lookWords(unseen[0]);
  const what = faultWords(fault);
  if (cause === null) return `Nothing seen so far explains ${what}.${next}`;
  const [, ...between] = cause.chain;
  const by =
    between.length === 0
      ? ''
      : `, by way of the ${between.map((l) => l.label.toLowerCase()).join(' and the ')}`;
  const rest = pushing.slice(1).map(({ link }) => link.label.toLowerCase());
  const also = rest.length === 0 ? '' : ` Also pushing that way: ${rest.join(', ')}.`;
  return `${cause.link.label} ${valueWords(cause.link, cause.value!)}${by}: it pushes towards ${what}.${also}${next}`;
}
