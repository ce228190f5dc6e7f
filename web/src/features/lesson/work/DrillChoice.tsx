import { drillReason, drillWarning, suitsWords } from '@loxos/core';
import type { ChosenDrill, Hand, Move, Stage } from '@loxos/core';
import { useState } from 'react';
import { Button } from '../../../ui/Button.tsx';
import { Confirm } from '../../../ui/Confirm.tsx';

interface DrillChoiceProps {
  readonly hand: Hand;
  readonly heading: string;
  /** What is worked on; null where nothing is to be changed. */
  readonly stage: Pick<Stage, 'move'> | null;
  readonly offered: readonly ChosenDrill[];
  readonly all: readonly ChosenDrill[];
  readonly given: readonly string[];
  /** `isDespite`: it was given though it was warned of. */
  readonly onGive: (id: string, isDespite: boolean) => void;
}

const OFFERED = 3;

/** It makes the player worse, or loads what the notes name: asked before it is given. */
const isWarned = ({ worsens, warnings }: ChosenDrill): boolean =>
  worsens || warnings.some(({ kind }) => kind === 'loads');

function DrillLine({
  chosen,
  hand,
  move,
  given,
  onGive,
}: {
  chosen: ChosenDrill;
  hand: Hand;
  move: Move | null;
  given: boolean;
  onGive: () => void;
}) {
  const { drill, reasons } = chosen;
  const warnings = chosen.warnings.map(drillWarning);
  const why = [...reasons.map((reason) => drillReason(reason, move, hand)), suitsWords(drill)];
  const words = why.filter(Boolean).join(' ');
  return (
    <li className="flex flex-wrap items-start gap-2 border-b border-line/60 py-2">
      <div className="min-w-0 flex-1 basis-56">
        <p className="text-lg font-semibold">{drill.name}</p>
        {words !== '' && <p className="text-soft first-letter:uppercase">{words}</p>}
        {warnings.map((warning) => (
          <p key={warning} className="text-look">
            ▲ {warning}
          </p>
        ))}
      </div>
      <Button disabled={given} onClick={onGive}>
        {given ? 'Given' : 'Give it'}
      </Button>
    </li>
  );
}

/** The drills for the wanted change, the best first; one that would make it worse asks before it is given. */
export function DrillChoice({
  hand,
  heading,
  stage,
  offered,
  all,
  given,
  onGive,
}: DrillChoiceProps) {
  const [asking, setAsking] = useState<ChosenDrill | null>(null);
  const give = (chosen: ChosenDrill) => () =>
    isWarned(chosen) ? setAsking(chosen) : onGive(chosen.drill.id, false);
  const line = (chosen: ChosenDrill) => (
    <DrillLine
      key={chosen.drill.id}
      chosen={chosen}
      hand={hand}
      move={stage?.move ?? null}
      given={given.includes(chosen.drill.id)}
      onGive={give(chosen)}
    />
  );
  const shown = offered.slice(0, OFFERED);
  const rest = all.filter(({ drill }) => !shown.some((s) => s.drill.id === drill.id));
  return (
    <section aria-label="Drills" className="panel p-4">
      <h2 className="text-xl">{heading}</h2>
      {shown.length === 0 ? (
        <p className="text-soft">No drill makes this change without pushing another number out.</p>
      ) : (
        <ul>{shown.map(line)}</ul>
      )}
      {rest.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-9 cursor-pointer font-semibold">Every other drill</summary>
          <ul>{rest.map(line)}</ul>
        </details>
      )}
      <Confirm
        open={asking !== null}
        title={`${asking?.drill.name ?? ''}${asking?.worsens === true ? ' would make it worse' : ' loads what hurts'}`}
        what={asking?.warnings.map(drillWarning).join(' ') ?? ''}
        yes="Give it all the same"
        no="Do not give it"
        usual="no"
        onYes={() => asking !== null && onGive(asking.drill.id, true)}
        onClose={() => setAsking(null)}
      />
    </section>
  );
}
