import type { OwnDrillFacts } from '@loxos/core';
import { useState } from 'react';
import type { Lesson } from '../../../api/client.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/Field.tsx';
import { moveBalls } from '../block-actions.ts';
import { useLessonScreen } from '../lesson-store.ts';
import { beganAs } from '../lesson-work.ts';

/** Where the selected balls are to go: into a block of the lesson, or out of all. */
export function MoveBar({ lesson, own }: { lesson: Lesson; own: readonly OwnDrillFacts[] }) {
  const { selectedIds, select } = useLessonScreen();
  const [to, setTo] = useState(lesson.blocks.at(-1)?.id ?? '');
  const balls = lesson.balls.filter(({ id }) => selectedIds?.includes(id));
  const options = [
    ['', 'In no block'] as const,
    ...lesson.blocks.map(
      (block, index) => [block.id, `${index + 1}. ${beganAs(block, own)}`] as const,
    ),
  ];
  const move = (): void => {
    moveBalls(lesson.id, balls, to === '' ? null : to);
    select(null);
  };
  return (
    <div className="flex flex-wrap items-end gap-2 border-t border-line p-2">
      <p className="w-full text-soft">
        Tap balls, or hold Shift for all between. Begin a block in the bar above for one that is not
        there.
      </p>
      <div className="min-w-40 flex-1">
        <SelectField
          label={`Move ${balls.length} ${balls.length === 1 ? 'ball' : 'balls'} to`}
          options={options}
          value={to}
          onChange={(event) => setTo(event.target.value)}
        />
      </div>
      <Button look="main" disabled={balls.length === 0} onClick={move}>
        Move
      </Button>
      <Button onClick={() => select(null)}>Done</Button>
    </div>
  );
}
