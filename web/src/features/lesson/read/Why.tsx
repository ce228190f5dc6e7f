import { causeQuestion, traceWords, valueWords } from '@loxos/core';
import type { LinkValue } from '@loxos/core';
import { useState } from 'react';
import type { Lesson } from '../../../api/client.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { lookBox, lookPlan } from '../../../drawing/look-plan.ts';
import { Button } from '../../../ui/Button.tsx';
import { Modal } from '../../../ui/Modal.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import type { Worked } from '../lesson-work.ts';
import { see } from '../see.ts';
import { CausePanel } from './CausePanel.tsx';

/** From the player's best case to their worst: as it should be stands in the middle. */
const VALUES: readonly LinkValue[] = [-1, 0, 1];

/** Why, one look at a time: the look that would tell most, as one question; the whole chain on request. */
export function Why({ lesson, worked }: { lesson: Lesson; worked: Worked }) {
  const [isOpen, setOpen] = useState(false);
  const trace = worked.found?.work.trace ?? null;
  const next = trace?.unseen[0]?.link ?? null;
  return (
    <Panel name="Why">
      {trace !== null && (
        <p className="mb-2">
          {trace.cause === null ? causeQuestion(trace.fault) : traceWords({ ...trace, unseen: [] })}
        </p>
      )}
      {next !== null && (
        <div role="group" aria-label={next.label} className="flex items-center gap-2">
          <div className="min-w-0 flex-1">
            <h2 className="text-lg">{next.label}</h2>
            <p className="mb-1 text-soft">{next.look}</p>
            <div className="flex flex-col gap-1.5">
              {VALUES.map((value) => (
                <button
                  key={value}
                  type="button"
                  onClick={() => see(lesson, next.id, value, worked.club?.group.club ?? null)}
                  className="min-h-12 rounded-lg border-2 border-line px-3 text-left font-semibold first-letter:uppercase hover:border-ink"
                >
                  {valueWords(next, value)}
                </button>
              ))}
            </div>
          </div>
          <Drawing
            shapes={lookPlan(next.id, lesson.player.hand)}
            box={lookBox(lesson.player.hand)}
            title={`Where to look: ${next.label.toLowerCase()}`}
            className="w-[44%] max-w-56 shrink-0"
          />
        </div>
      )}
      <Button look="quiet" onClick={() => setOpen(true)}>
        The whole chain
      </Button>
      <Modal title="Back along the chain" open={isOpen} onClose={() => setOpen(false)}>
        <CausePanel lesson={lesson} worked={worked} />
      </Modal>
    </Panel>
  );
}
