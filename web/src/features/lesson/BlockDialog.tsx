import { BLOCK_KINDS, DRILLS, doseOf, drillBy, isDrilled, partOf } from '@loxos/core';
import type { BlockKind, Drill, NextBlock, OwnDrillFacts } from '@loxos/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Block, Lesson } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { beginBlock, changeBlock, removeBlock, usualNext } from './block-actions.ts';
import { BLOCK_WORDS, beganAs } from './lesson-work.ts';
import type { Worked } from './lesson-work.ts';

const KIND_OPTIONS = BLOCK_KINDS.map((kind) => [kind, BLOCK_WORDS[kind]] as const);
/** Returns the steps of a drill's own dose, without those that have no balls. */
const stepOptions = (drill: Drill | null, gently: boolean): (readonly [string, string])[] => [
  ['', 'Not said'],
  ...(drill === null ? [] : doseOf(drill, gently)).flatMap(({ words, hasBalls }, index) =>
    hasBalls ? [[String(index), `${index + 1}. ${words}`] as const] : [],
  ),
];

interface BlockDialogProps {
  readonly lesson: Lesson;
  readonly worked: Worked;
  readonly onClose: () => void;
}

/** What the next balls are hit as: kind, drill and step of its dose, and a word on what was set up. */
function NextFields({
  value,
  drills,
  steps,
  set,
}: {
  value: NextBlock;
  drills: readonly (readonly [string, string])[];
  steps: readonly (readonly [string, string])[];
  set: (changes: Partial<NextBlock>) => void;
}) {
  return (
    <>
      <Segments<BlockKind>
        legend="Hit as"
        value={value.kind}
        options={KIND_OPTIONS}
        onChange={(kind) => set({ kind })}
      />
      {isDrilled(value.kind) && (
        <>
          <SelectField
            label="Drill"
            options={drills}
            value={value.drillId ?? ''}
            onChange={(event) => set({ drillId: event.target.value || null, doseStep: null })}
          />
          <SelectField
            label="Step of its dose"
            options={steps}
            value={value.doseStep === null ? '' : String(value.doseStep)}
            onChange={(event) =>
              set({ doseStep: event.target.value === '' ? null : Number(event.target.value) })
            }
          />
        </>
      )}
      <TextField
        label="Note"
        hint="what was set up: “grip moved”"
        maxLength={200}
        value={value.note}
        onChange={(event) => set({ note: event.target.value })}
      />
    </>
  );
}

function BlockLine({
  block,
  lesson,
  own,
  isLast,
}: {
  block: Block;
  lesson: Lesson;
  own: readonly OwnDrillFacts[];
  isLast: boolean;
}) {
  const count = lesson.balls.filter(({ blockId }) => blockId === block.id).length;
  const step = block.doseStep === null ? '' : `, step ${block.doseStep + 1}`;
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-line/60 py-1">
      <span className="min-w-0 flex-1">
        <b>{beganAs(block, own)}</b>
        {step}, {count} {count === 1 ? 'ball' : 'balls'}
        {block.note !== '' && ` · ${block.note}`}
        {isLast && <span className="text-look"> · under way</span>}
      </span>
      <div className="w-44">
        <SelectField
          label="Hit as"
          isLabelHidden
          options={KIND_OPTIONS}
          value={block.kind}
          onChange={(event) =>
            changeBlock(lesson.id, block, { kind: event.target.value as BlockKind })
          }
        />
      </div>
      <Button
        look="quiet"
        aria-label={`Take ${beganAs(block, own)} away; its balls stay`}
        onClick={() => removeBlock(lesson.id, block)}
      >
        <Trash2 aria-hidden size={16} />
      </Button>
    </li>
  );
}

/** Begins the next block as the coach says, and lists those so far. */
export function BlockDialog({ lesson, worked, onClose }: BlockDialogProps) {
  const { own, found, gently } = worked;
  const [value, setValue] = useState(() => usualNext(lesson, own));
  const given = partOf(lesson, 'work').drillIds;
  const others = [...DRILLS, ...own].filter(({ id }) => !given.includes(id));
  const drills = [
    ['', 'Choose …'] as const,
    ...given.map((id) => [id, drillBy(id, own)?.name ?? id] as const),
    ...others.map(({ id, name }) => [id, name] as const),
  ];
  const begin = (): void => {
    beginBlock(lesson.id, value, found?.work.stage ?? null);
    onClose();
  };
  return (
    <Modal
      title="What are the next balls hit as?"
      description="Begin it before they are hit: every ball from now on belongs to it, typed, tapped or from a file."
      open
      onClose={onClose}
    >
      <div className="space-y-3">
        <NextFields
          value={value}
          drills={drills}
          steps={stepOptions(value.drillId === null ? null : drillBy(value.drillId, own), gently)}
          set={(changes) => setValue({ ...value, ...changes })}
        />
        <Button
          look="main"
          onClick={begin}
          disabled={isDrilled(value.kind) && value.drillId === null}
        >
          Begin it
        </Button>
        {lesson.blocks.length > 0 && (
          <section aria-label="Blocks so far">
            <h3 className="text-lg">So far</h3>
            <ul>
              {lesson.blocks.map((block, index) => (
                <BlockLine
                  key={block.id}
                  block={block}
                  lesson={lesson}
                  own={own}
                  isLast={index === lesson.blocks.length - 1}
                />
              ))}
            </ul>
            <p className="text-sm text-soft">
              Balls in the wrong block: select them in Read and move them.
            </p>
          </section>
        )}
      </div>
    </Modal>
  );
}
