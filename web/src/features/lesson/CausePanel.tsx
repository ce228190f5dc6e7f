import {
  CAUSE_LINKS,
  STAGES,
  asRightHanded,
  faultWords,
  traceCause,
  valueWords,
} from '@loxos/core';
import type { CauseLinkId, FaultNode, GroupReading, LinkValue, TracedLink } from '@loxos/core';
import { ArrowRight } from 'lucide-react';
import { useState } from 'react';
import type { Lesson } from '../../api/client.ts';
import { Choice } from '../../ui/Field.tsx';
import { observationsIn, partOf, savePart } from './parts.ts';

const NODES = [
  ['path', 'Path'],
  ['face', 'Face'],
  ['strike', 'Strike'],
] as const;

/** What is off at impact in a club's balls, degrees or mm; 0 where nothing is known. */
export function faultOf(group: GroupReading | undefined, node: FaultNode): number {
  if (group === undefined) return 0;
  if (node === 'path') return group.figures.clubPathDeg?.mean ?? 0;
  if (node === 'face') return group.figures.faceAngleDeg?.mean ?? 0;
  return group.typical?.delivery.strikeToeMm ?? 0;
}

const BOX = 'rounded-lg border-2 px-3 py-1.5';

/** The chain from the earliest link seen to the fault, drawn. */
function Chain({ cause, fault }: { cause: TracedLink; fault: string }) {
  return (
    <ol aria-label="The chain" className="flex flex-wrap items-center gap-2">
      {cause.chain.map((link, index) => (
        <li key={link.id} className="flex items-center gap-2">
          <span
            className={`${BOX} ${index === 0 ? 'border-look bg-wash font-semibold' : 'border-line bg-sheet'}`}
          >
            {link.label}
            {index === 0 && `: ${valueWords(link, cause.value!)}`}
          </span>
          <ArrowRight aria-hidden size={18} />
        </li>
      ))}
      <li className={`${BOX} border-ink bg-sheet font-semibold`}>{fault}</li>
    </ol>
  );
}

const STAGE_WORDS = {
  club: 'Club',
  'set-up': 'Set-up',
  takeaway: 'Takeaway',
  top: 'Top',
  transition: 'Transition',
  impact: 'Impact',
  after: 'After',
} as const;
const VALUES: readonly LinkValue[] = [-1, 0, 1];

/** From the fault back along the chain: every link can be tapped to put down what is seen. */
export function CausePanel({ lesson, group }: { lesson: Lesson; group: GroupReading | undefined }) {
  const [node, setNode] = useState<FaultNode>('path');
  const observations = observationsIn(lesson);
  const value = faultOf(group, node);
  const trace = traceCause({ node, value, hand: lesson.player.hand }, observations);
  const seen = (id: CauseLinkId, next: LinkValue): void => {
    const own = partOf(lesson, 'causes').observations;
    const { [id]: current, ...rest } = own;
    const observed = current === next ? rest : { ...own, [id]: next };
    savePart(lesson, 'causes', { observations: observed }, 'what was seen');
  };
  const way = Math.sign(node === 'strike' ? value : asRightHanded(value, lesson.player.hand));
  const upstream = new Map(
    [...trace.pushing, ...trace.against, ...trace.cleared, ...trace.unseen].map((t) => [
      t.link.id,
      t,
    ]),
  );
  const next = trace.unseen[0]?.link.id;
  const markOf = (id: string): string =>
    trace.pushing.some((t) => t.link.id === id)
      ? 'pushes this way'
      : trace.against.some((t) => t.link.id === id)
        ? 'pushes against'
        : id === next
          ? 'look here next'
          : '';
  return (
    <section aria-label="Cause" className="rounded-xl border border-line bg-sheet p-4">
      <div className="mb-2 flex flex-wrap items-end gap-4">
        <h2 className="mr-auto text-xl">Back along the chain</h2>
        <Choice legend="From" value={node} options={NODES} onChange={setNode} />
      </div>
      <p className="mb-2 text-lg">{trace.words}</p>
      {trace.cause !== null && <Chain cause={trace.cause} fault={faultWords(node, way)} />}
      <div className="mt-3 gap-x-6 md:columns-2">
        {STAGES.map((stage) => {
          const links = CAUSE_LINKS.filter((link) => link.stage === stage && upstream.has(link.id));
          if (links.length === 0) return null;
          return (
            <div key={stage} className="mb-3">
              <h3 className="mb-1 text-base">{STAGE_WORDS[stage]}</h3>
              {links.map((link) => (
                <div
                  key={link.id}
                  role="group"
                  aria-label={link.label}
                  className="mb-2 break-inside-avoid"
                >
                  <p>
                    <b>{link.label}</b> <span className="text-sm text-soft">{link.look}</span>{' '}
                    {markOf(link.id) !== '' && (
                      <span className="text-sm font-semibold text-look">▲ {markOf(link.id)}</span>
                    )}
                  </p>
                  <div className="flex flex-wrap gap-1">
                    {VALUES.map((v) => (
                      <button
                        key={v}
                        type="button"
                        aria-pressed={observations[link.id] === v}
                        onClick={() => seen(link.id, v)}
                        className="min-h-11 rounded-lg border border-faint px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
                      >
                        {valueWords(link, v)}
                      </button>
                    ))}
                  </div>
                </div>
              ))}
            </div>
          );
        })}
      </div>
    </section>
  );
}
