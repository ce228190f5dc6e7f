import { Play } from 'lucide-react';
import { useState } from 'react';
import type { Lesson } from '../../api/client.ts';
import { useKeys } from '../../app/shortcuts.ts';
import { Button } from '../../ui/Button.tsx';
import { BlockDialog } from './BlockDialog.tsx';
import { beginBlock, usualNext } from './block-actions.ts';
import { beganAs } from './lesson-work.ts';
import type { Worked } from './lesson-work.ts';

interface BlockBarProps {
  readonly lesson: Lesson;
  readonly worked: Worked;
  /** Whether T is its: a bar that is drawn twice has it once. */
  readonly hasKey: boolean;
}

/** What the next balls are hit as, with the count so far; one tap, or T, begins the next block. */
export function BlockBar({ lesson, worked, hasKey }: BlockBarProps) {
  const [isOpen, setOpen] = useState(false);
  const underWay = lesson.blocks.at(-1) ?? null;
  const count = lesson.balls.filter(({ blockId }) => blockId === (underWay?.id ?? null)).length;
  const { own, found } = worked;
  const next = usualNext(lesson, own);
  const stage = found?.work.stage ?? null;
  const begin = (): void => void beginBlock(lesson.id, next, stage);
  useKeys({ t: hasKey ? begin : undefined });
  const now = underWay === null ? 'No block begun' : beganAs(underWay, own);
  return (
    <section aria-label="Block" className="flex min-w-0 items-center gap-2">
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="flex min-h-11 min-w-0 items-center gap-2 rounded-lg px-2 text-left hover:bg-line/40"
        title="Change it, or see the blocks so far"
      >
        <span
          aria-hidden
          className={`size-2.5 shrink-0 rounded-full ${underWay === null ? 'border-2 border-faint' : 'bg-look'}`}
        />
        <span className="truncate font-semibold">{now}</span>
        <span className="shrink-0 font-mono text-soft" aria-label={`${count} balls`}>
          {count}
        </span>
      </button>
      <span className="hidden shrink-0 lg:block">
        <Button onClick={begin}>
          <Play aria-hidden size={16} /> Next: {beganAs(next, own).replace(/^Drill: /, '')}
          <kbd className="font-mono text-soft">T</kbd>
        </Button>
      </span>
      {isOpen && <BlockDialog lesson={lesson} worked={worked} onClose={() => setOpen(false)} />}
    </section>
  );
}
