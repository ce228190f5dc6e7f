import { scoreStation } from '@loxos/core';
import type { Drill } from '@loxos/core';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { AddRepetition, StoredRepetition } from '../api/client.ts';
import { Button } from './Button.tsx';
import { Stepper } from './Stepper.tsx';

interface StationLogProps {
  readonly drill: Drill;
  readonly repetitions: readonly StoredRepetition[];
  /** Felt and measured, for the coach; a player's page leaves them out. */
  readonly withFeel: boolean;
  readonly onAdd: (repetition: AddRepetition) => void;
  /** Launch data of this station's balls, in words, and the path of the last ball, degrees. */
  readonly measured?: { readonly words: string; readonly lastPathDeg: number | null } | undefined;
  readonly onUndo?: ((id: string) => void) | undefined;
}

const side = (deg: number): string => `${Math.abs(deg)}° ${deg < 0 ? 'left' : 'right'}`;

/** Repetitions by thumb: good, or what went wrong; the streak, and whether to step up or back. */
export function StationLog({
  drill,
  repetitions,
  withFeel,
  measured,
  onAdd,
  onUndo,
}: StationLogProps) {
  const [felt, setFelt] = useState<number | null>(null);
  const [real, setReal] = useState<number | null>(null);
  const own = repetitions.filter(({ drillId }) => drillId === drill.id);
  const score = scoreStation(own);
  const last = own.at(-1);
  const add = (good: boolean, miss = ''): void => {
    onAdd({
      id: crypto.randomUUID(),
      drillId: drill.id,
      good,
      miss,
      ...(withFeel && { feltDeg: felt, measuredDeg: real }),
    });
    setFelt(null);
    setReal(null);
  };
  const told = own
    .filter(({ feltDeg, measuredDeg }) => feltDeg !== null && measuredDeg !== null)
    .at(-1);
  return (
    <section
      aria-label={`Station log: ${drill.name}`}
      className="rounded-xl border border-line bg-sheet p-3"
    >
      <div aria-live="polite" className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <p className="text-2xl font-semibold">
          {score.good} of {score.count} good
        </p>
        <p>
          Streak <b className="font-mono">{score.streak}</b>
        </p>
        <p className={score.advice === 'go on' ? '' : 'font-semibold text-look'}>
          {score.advice === 'go on' ? '' : '▲ '}
          {score.words}
        </p>
        {score.commonMiss !== null && <p className="text-soft">Mostly {score.commonMiss}.</p>}
      </div>
      <div className="grid grid-cols-2 gap-2">
        <button
          type="button"
          onClick={() => add(true)}
          className="col-span-2 min-h-20 rounded-xl bg-ink text-2xl font-bold text-paper"
        >
          Good
        </button>
        {drill.misses.map((miss) => (
          <button
            key={miss}
            type="button"
            onClick={() => add(false, miss)}
            className="min-h-16 rounded-xl border-2 border-line px-2 text-lg font-semibold first-letter:uppercase hover:border-ink"
          >
            {miss}
          </button>
        ))}
      </div>
      {withFeel && (
        <div className="mt-3 space-y-1">
          <Stepper
            label="It felt"
            hint="degrees, plus is right"
            value={felt}
            start={5}
            step={1}
            min={-30}
            max={30}
            show={side}
            blank="not said"
            onChange={setFelt}
          />
          <Stepper
            label="Measured"
            hint="degrees, plus is right"
            value={real}
            start={2}
            step={1}
            min={-30}
            max={30}
            show={side}
            blank="not said"
            onChange={setReal}
          />
        </div>
      )}
      {measured !== undefined && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <p className="mr-auto">{measured.words}</p>
          {withFeel && measured.lastPathDeg !== null && (
            <Button onClick={() => setReal(Math.round(measured.lastPathDeg!))}>
              Take the last ball’s path as measured
            </Button>
          )}
        </div>
      )}
      {told !== undefined && (
        <p className="mt-2">
          Felt {side(told.feltDeg!)}, measured {side(told.measuredDeg!)}.
        </p>
      )}
      {onUndo !== undefined && last !== undefined && (
        <Button className="mt-2 w-full" onClick={() => onUndo(last.id)}>
          <Undo2 aria-hidden size={16} /> Take the last one back
        </Button>
      )}
    </section>
  );
}
