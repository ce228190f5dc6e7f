import { scoreStation, scoreWords } from '@loxos/core';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { AddRepetition, StoredRepetition } from '../api/client.ts';
import { Button } from './Button.tsx';
import { Stepper } from './Stepper.tsx';
import { newId } from '../sync/new-id.ts';

export interface MeasuredAngle {
  readonly of: 'path' | 'face';
  readonly deg: number;
}

interface StationLogProps {
  readonly drill: {
    readonly id: string;
    readonly name: string;
    readonly misses: readonly string[];
  };
  readonly repetitions: readonly StoredRepetition[];
  /** The step of the dose that is under way, 0 for the first; null where nobody said. */
  readonly doseStep?: number | null;
  /** Felt and measured, for the coach; a player's page leaves them out. */
  readonly withFeel: boolean;
  readonly onAdd: (id: string, repetition: AddRepetition) => void;
  /** Launch data of this station's balls, in words, and the angle of the last, where it is one that can be felt. */
  readonly measured?: { readonly words: string; readonly last: MeasuredAngle | null } | undefined;
  readonly onUndo?: ((id: string) => void) | undefined;
}

const side = (deg: number): string => `${Math.abs(deg)}° ${deg < 0 ? 'left' : 'right'}`;

interface ScoreProps {
  readonly score: ReturnType<typeof scoreStation>;
  readonly last: StoredRepetition | undefined;
  readonly onUndo: ((id: string) => void) | undefined;
}

function Score({ score, last, onUndo }: ScoreProps) {
  return (
    <div aria-live="polite" className="mb-2 flex flex-wrap items-center gap-x-4">
      <p className="text-2xl font-semibold">
        {score.count === 0 ? 'Nothing logged yet' : `${score.good} of ${score.count} good`}
      </p>
      <p>
        Streak <b className="font-mono">{score.streak}</b>
      </p>
      {last !== undefined && (
        <p className="text-soft">last: {last.good ? 'good' : last.miss || 'missed'}</p>
      )}
      {onUndo !== undefined && last !== undefined && (
        <Button look="quiet" className="ml-auto px-3!" onClick={() => onUndo(last.id)}>
          <Undo2 aria-hidden size={16} /> Take it back
        </Button>
      )}
    </div>
  );
}

interface GoodOrNotProps {
  readonly misses: readonly string[];
  readonly add: (good: boolean, miss?: string) => void;
}

function GoodOrNot({ misses, add }: GoodOrNotProps) {
  return (
    <div className="flex gap-2">
      <button
        type="button"
        onClick={() => add(true)}
        className="min-h-20 min-w-0 flex-1 basis-1/2 rounded-xl bg-ink text-2xl font-bold text-paper"
      >
        Good
      </button>
      <div className="flex min-w-0 flex-1 basis-1/2 flex-col gap-2">
        {misses.map((miss) => (
          <button
            key={miss}
            type="button"
            onClick={() => add(false, miss)}
            className="min-h-12 flex-1 rounded-xl border-2 border-line px-2 text-lg font-semibold first-letter:uppercase hover:border-ink"
          >
            {miss}
          </button>
        ))}
      </div>
    </div>
  );
}

const DEGREES = { hint: 'degrees, plus is right', step: 1, min: -30, max: 30 } as const;

interface FeelProps {
  readonly felt: number | null;
  readonly real: number | null;
  readonly setFelt: (deg: number | null) => void;
  readonly setReal: (deg: number | null) => void;
  readonly last: MeasuredAngle | null;
}

function FeelAgainstReal({ felt, real, setFelt, setReal, last }: FeelProps) {
  const how = { ...DEGREES, show: side, blank: 'not said' };
  return (
    <details className="mt-1" open={felt !== null || real !== null}>
      <summary className="min-h-9 cursor-pointer font-semibold">Feel against real</summary>
      <Stepper label="It felt" value={felt} start={5} onChange={setFelt} {...how} />
      <Stepper label="Measured" value={real} start={2} onChange={setReal} {...how} />
      {last !== null && (
        <Button onClick={() => setReal(Math.round(last.deg))}>
          Take the last ball’s {last.of} as measured
        </Button>
      )}
    </details>
  );
}

/** Repetitions by thumb: good, or what went wrong; the streak, and whether to step up or back. */
export function StationLog({
  drill,
  repetitions,
  doseStep = null,
  withFeel,
  measured,
  onAdd,
  onUndo,
}: StationLogProps) {
  const [felt, setFelt] = useState<number | null>(null);
  const [real, setReal] = useState<number | null>(null);
  const own = repetitions.filter(({ drillId }) => drillId === drill.id);
  const score = scoreStation(own);
  const add = (good: boolean, miss = ''): void => {
    onAdd(newId(), {
      drillId: drill.id,
      good,
      miss,
      doseStep,
      ...(withFeel && { feltDeg: felt, measuredDeg: real }),
    });
    setFelt(null);
    setReal(null);
  };
  const told = own
    .filter(({ feltDeg, measuredDeg }) => feltDeg !== null && measuredDeg !== null)
    .at(-1);
  return (
    <section aria-label={`Station log: ${drill.name}`} className="panel p-3">
      <Score score={score} last={own.at(-1)} onUndo={onUndo} />
      <GoodOrNot misses={drill.misses} add={add} />
      <p className={`mt-2 ${score.advice === 'go on' ? '' : 'font-semibold text-look'}`}>
        {score.advice === 'go on' ? '' : '▲ '}
        {score.count > 0 && scoreWords(score)}
        {score.commonMiss !== null && (
          <span className="font-normal text-soft"> Mostly {score.commonMiss}.</span>
        )}
      </p>
      {measured !== undefined && <p>{measured.words}</p>}
      {withFeel && (
        <FeelAgainstReal {...{ felt, real, setFelt, setReal }} last={measured?.last ?? null} />
      )}
      {told !== undefined && (
        <p className="mt-2">
          Felt {side(told.feltDeg!)}, measured {side(told.measuredDeg!)}.
        </p>
      )}
    </section>
  );
}
