import {
  CAUSE_LINKS,
  STAGES,
  faultOfNumber,
  faultWords,
  handSign,
  traceCause,
  traceWords,
  valueWords,
} from '@loxos/core';
import type { CauseLinkId, CauseTrace, LinkValue, NumberState, TracedLink } from '@loxos/core';
import { ArrowRight } from 'lucide-react';
import { useState } from 'react';
import type { Lesson } from '../../../api/client.ts';
import { Segments } from '../../../ui/Segments.tsx';
import type { Worked } from '../lesson-work.ts';
import { see } from '../see.ts';

const NODES = [
  ['move', 'What is worked on'],
  ['path', 'Path'],
  ['face', 'Face'],
  ['strike', 'Strike'],
] as const;
type From = (typeof NODES)[number][0];

const NUMBER_OF: Readonly<Record<Exclude<From, 'move'>, NumberState['figure']>> = {
  path: 'clubPathDeg',
  face: 'faceAngleDeg',
  strike: 'strikeToeMm',
};

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

const AS_WANTED = { value: 0, wanted: 0 } as const;

/** Returns the trace of what is worked on, or of one number. */
function traceFrom({ found, facts }: Worked, from: From): CauseTrace {
  if (from === 'move' && found?.work.trace != null) return found.work.trace;
  const node = from === 'move' ? 'path' : from;
  const number = found?.plan.off.find(({ figure }) => figure === NUMBER_OF[node]);
  const { hand, bands, observations } = facts;
  return traceCause(faultOfNumber(node, number ?? AS_WANTED, handSign(hand), bands), observations);
}

/** Returns what a link does to the fault, as far as it was looked at. */
function markOf(trace: CauseTrace, id: CauseLinkId): string {
  const next = trace.unseen[0]?.link.id;
  return trace.pushing.some((t) => t.link.id === id)
    ? 'pushes this way'
    : trace.against.some((t) => t.link.id === id)
      ? 'pushes against'
      : trace.unsure.some((t) => t.link.id === id)
        ? 'may push either way'
        : id === next
          ? 'look here next'
          : '';
}

interface LinkProps {
  readonly link: TracedLink['link'];
  readonly mark: string;
  readonly value: LinkValue | undefined;
  readonly onSee: (value: LinkValue) => void;
}

/** A link, and what was seen of it, to be tapped. */
function Link({ link, mark, value, onSee }: LinkProps) {
  return (
    <div role="group" aria-label={link.label} className="mb-2 break-inside-avoid">
      <p>
        <b>{link.label}</b> <span className="text-sm text-soft">{link.look}</span>{' '}
        {mark !== '' && <span className="text-sm font-semibold text-look">▲ {mark}</span>}
      </p>
      <div className="flex flex-wrap gap-1">
        {VALUES.map((v) => (
          <button
            key={v}
            type="button"
            aria-pressed={value === v}
            onClick={() => onSee(v)}
            className="min-h-11 rounded-lg border border-faint px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
          >
            {valueWords(link, v)}
          </button>
        ))}
      </div>
    </div>
  );
}

/** From the fault back along the chain: every link can be tapped to put down what is seen. */
export function CausePanel({ lesson, worked }: { lesson: Lesson; worked: Worked }) {
  const [from, setFrom] = useState<From>('move');
  const { observations } = worked.facts;
  const trace = traceFrom(worked, from);
  const upstream = new Map(
    [...trace.pushing, ...trace.against, ...trace.unsure, ...trace.cleared, ...trace.unseen].map(
      (t) => [t.link.id, t],
    ),
  );
  return (
    <section aria-label="Cause">
      <div className="mb-2">
        <Segments legend="From" value={from} options={NODES} onChange={setFrom} />
      </div>
      <p className="mb-2 text-lg">{traceWords(trace)}</p>
      {trace.cause !== null && <Chain cause={trace.cause} fault={faultWords(trace.fault)} />}
      <div className="mt-3 gap-x-6 md:columns-2">
        {STAGES.map((stage) => {
          const links = CAUSE_LINKS.filter((link) => link.stage === stage && upstream.has(link.id));
          if (links.length === 0) return null;
          return (
            <div key={stage} className="mb-3">
              <h3 className="mb-1 text-base">{STAGE_WORDS[stage]}</h3>
              {links.map((link) => (
                <Link
                  key={link.id}
                  link={link}
                  mark={markOf(trace, link.id)}
                  value={observations[link.id]}
                  onSee={(value) => see(lesson, link.id, value, worked.club?.group.club ?? null)}
                />
              ))}
            </div>
          );
        })}
      </div>
    </section>
  );
}
