import { drillBy } from '@loxos/core';
import type { Lesson } from '../../../api/client.ts';
import { useOutbox } from '../../../api/outbox.ts';
import { useOwnDrills } from '../../../api/queries.ts';
import { useKeys } from '../../../app/shortcuts.ts';
import { didUndoably } from '../../../app/undo.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/Field.tsx';
import { partOf } from '../parts.ts';
import { BLOCK_OPTIONS } from '../lesson-work.ts';
import { useState } from 'react';
import type { Ball } from '../../../api/client.ts';

/** Tags a run of balls as one block: by default everything not yet tagged. */
export function TagBar({ lesson }: { lesson: Lesson }) {
  const own = useOwnDrills().data ?? [];
  const push = useOutbox((state) => state.push);
  const untagged = lesson.balls.filter(({ block }) => block === null);
  const run = untagged.length > 0 ? untagged : lesson.balls;
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const hasBaseline = lesson.balls.some(({ block }) => block === 'baseline');
  const [block, setBlock] = useState<NonNullable<Ball['block']> | ''>('');
  const given = partOf(lesson, 'work').drillIds;
  const [drillId, setDrillId] = useState('');
  const kind = block === '' ? (hasBaseline ? 'drill' : 'baseline') : block;
  const drill = kind === 'drill' || kind === 'toned' ? drillId || given.at(-1) || '' : '';
  const numbers = lesson.balls.map(({ ordinal }) => [String(ordinal), String(ordinal)] as const);
  const first = from || String(run[0]?.ordinal ?? '');
  const last = to || String(run.at(-1)?.ordinal ?? '');
  const chosen = lesson.balls.filter(
    ({ ordinal }) => ordinal >= Number(first) && ordinal <= Number(last),
  );
  const tag = (): void => {
    if (chosen.length === 0) return;
    const before = new Map<string, Ball[]>();
    for (const ball of chosen) {
      const key = `${ball.block ?? ''}/${ball.drillId ?? ''}`;
      before.set(key, [...(before.get(key) ?? []), ball]);
    }
    const lessonId = lesson.id;
    push({
      op: 'tag',
      lessonId,
      ballIds: chosen.map(({ id }) => id),
      block: kind,
      drillId: drill || null,
    });
    didUndoably(`${chosen.length} balls tagged`, () => {
      for (const balls of before.values()) {
        push({
          op: 'tag',
          lessonId,
          ballIds: balls.map(({ id }) => id),
          block: balls[0]!.block,
          drillId: balls[0]!.drillId,
        });
      }
    });
    setFrom('');
    setTo('');
  };
  useKeys({ t: tag });
  const drills = [
    ['', 'No drill'] as const,
    ...given.map((id) => [id, drillBy(id, own)?.name ?? id] as const),
  ];
  return (
    <section
      aria-label="Tag balls"
      className="grid grid-cols-2 items-end gap-3 rounded-xl border border-line bg-sheet p-3 sm:grid-cols-5"
    >
      <SelectField
        label="From ball"
        options={numbers}
        value={first}
        onChange={(event) => setFrom(event.target.value)}
      />
      <SelectField
        label="To ball"
        options={numbers}
        value={last}
        onChange={(event) => setTo(event.target.value)}
      />
      <SelectField
        label="As"
        options={BLOCK_OPTIONS}
        value={kind}
        onChange={(event) => setBlock(event.target.value as NonNullable<Ball['block']>)}
      />
      <SelectField
        label="With"
        options={drills}
        value={drill}
        disabled={kind === 'baseline' || kind === 'play'}
        onChange={(event) => setDrillId(event.target.value)}
      />
      <Button look="main" onClick={tag}>
        Tag {chosen.length}
      </Button>
    </section>
  );
}
