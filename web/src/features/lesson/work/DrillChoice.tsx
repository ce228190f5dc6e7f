import { drillReason, drillWarning, suitsWords } from '@loxos/core';
import type { ChosenDrill, Hand, Move } from '@loxos/core';
import { AlertDialog } from 'radix-ui';
import { useState } from 'react';
import { Button } from '../../../ui/Button.tsx';

interface DrillChoiceProps {
  readonly hand: Hand;
  readonly move: Move;
  readonly offered: readonly ChosenDrill[];
  readonly all: readonly ChosenDrill[];
  readonly given: readonly string[];
  readonly onGive: (id: string) => void;
}

const OFFERED = 3;

function DrillLine({
  chosen,
  hand,
  move,
  given,
  onGive,
}: {
  chosen: ChosenDrill;
  hand: Hand;
  move: Move;
  given: boolean;
  onGive: () => void;
}) {
  const { drill, reasons } = chosen;
  const warnings = chosen.warnings.map(drillWarning);
  const why = [...reasons.map((reason) => drillReason(reason, move, hand)), suitsWords(drill)];
  const words = why.filter(Boolean).join('; ');
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
export function DrillChoice({ hand, move, offered, all, given, onGive }: DrillChoiceProps) {
  const [asking, setAsking] = useState<ChosenDrill | null>(null);
  const give = (chosen: ChosenDrill) => () =>
    chosen.worsens ? setAsking(chosen) : onGive(chosen.drill.id);
  const line = (chosen: ChosenDrill) => (
    <DrillLine
      key={chosen.drill.id}
      chosen={chosen}
      hand={hand}
      move={move}
      given={given.includes(chosen.drill.id)}
      onGive={give(chosen)}
    />
  );
  const shown = offered.slice(0, OFFERED);
  const rest = all.filter(({ drill }) => !shown.some((s) => s.drill.id === drill.id));
  return (
    <section aria-label="Drills" className="rounded-xl border border-line bg-sheet p-4">
      <h2 className="text-xl">Drills for it</h2>
      {shown.length === 0 ? (
        <p className="text-soft">
          No drill of the catalogue makes this change without pushing another number out.
        </p>
      ) : (
        <ul>{shown.map(line)}</ul>
      )}
      <details className="mt-2">
        <summary className="min-h-9 cursor-pointer font-semibold">Every other drill</summary>
        <ul>{rest.map(line)}</ul>
      </details>
      <AlertDialog.Root open={asking !== null} onOpenChange={(open) => !open && setAsking(null)}>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
          <AlertDialog.Content className="fixed inset-x-0 top-[20vh] z-50 mx-auto w-[min(32rem,94vw)] rounded-xl border border-line bg-sheet p-5 text-ink">
            <AlertDialog.Title className="text-xl">
              {asking?.drill.name} would make it worse
            </AlertDialog.Title>
            <AlertDialog.Description className="my-3">
              {asking?.warnings.map(drillWarning).join(' ')}
            </AlertDialog.Description>
            <div className="flex gap-2">
              <AlertDialog.Cancel asChild>
                <Button look="main">Do not give it</Button>
              </AlertDialog.Cancel>
              <AlertDialog.Action asChild>
                <Button onClick={() => asking !== null && onGive(asking.drill.id)}>
                  Give it all the same
                </Button>
              </AlertDialog.Action>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
    </section>
  );
}
