import { describeChange, describeShot } from '@loxos/core';
import type { DisplayUnits } from '@loxos/core';
import { Copy, Link2 } from 'lucide-react';
import { useCallback, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { movedBy, speedUnitFor } from '../../app/workshop-state.ts';
import type { Moved } from '../../app/workshop-state.ts';
import { Button } from '../../ui/Button.tsx';
import { DeliveryPanel } from './DeliveryPanel.tsx';
import { Drawings } from './Drawings.tsx';
import { Meanings } from './Meanings.tsx';
import { shotsOf } from './shots.ts';
import type { Which } from './shots.ts';
import { useWorkshop } from './use-workshop.ts';

function copyAddress(): void {
  void navigator.clipboard.writeText(window.location.href).then(
    () => toast('The address of this what-if is copied'),
    () =>
      toast.error('The browser did not let the address be copied: take it from the address bar.'),
  );
}

/** Which of the two deliveries the dials move. */
function WhichMoves({ active, onChoose }: { active: Which; onChoose: (which: Which) => void }) {
  return (
    <div role="group" aria-label="Which delivery to move" className="flex">
      {(['now', 'wanted'] as const).map((id) => (
        <Button
          key={id}
          look={active === id ? 'main' : 'plain'}
          aria-pressed={active === id}
          onClick={() => onChoose(id)}
        >
          {id === 'now' ? 'Now' : 'Wanted'}
        </Button>
      ))}
    </div>
  );
}

/** Move a delivery by hand and see the flight; a second one beside it; what it costs, club by club. */
export function WorkshopPage() {
  const [state, move] = useWorkshop();
  const [which, setWhich] = useState<Which>('now');
  const active: Which = state.wanted === null ? 'now' : which;
  const moved = (active === 'wanted' ? state.wanted : null) ?? state.now;
  const shots = useMemo(() => shotsOf(state), [state]);
  const shown = (active === 'wanted' ? shots.wanted : null) ?? shots.now;
  const onMove = useCallback(
    (changes: Partial<Moved>): void =>
      move((now) => ({ ...now, [active]: movedBy(now, now[active] ?? now.now, changes) })),
    [move, active],
  );
  const compare = (): void => {
    move((now) => ({ ...now, wanted: now.wanted === null ? now.now : null }));
    setWhich('wanted');
  };
  const { length } = state;
  const units: DisplayUnits = { length, speed: speedUnitFor(length), angle: 'letters' };
  const words = describeShot(shown.delivery, shown.shot, units);
  return (
    <div className="mx-auto max-w-[1400px] px-4 py-3">
      <div className="mb-2 flex flex-wrap items-start gap-2">
        <div className="min-w-80 flex-1" aria-live="polite">
          <h1 className="sr-only">Workshop</h1>
          <p className="text-[1.2rem] leading-snug">{words}</p>
          {shots.wanted !== null && (
            <p className="text-lg">{describeChange(shots.now, shots.wanted, units)}</p>
          )}
        </div>
        {state.wanted !== null && <WhichMoves active={active} onChoose={setWhich} />}
        <Button onClick={compare}>
          <Copy aria-hidden size={16} />{' '}
          {state.wanted === null ? 'Set a wanted beside it' : 'Drop the wanted'}
        </Button>
        <Button onClick={copyAddress}>
          <Link2 aria-hidden size={16} /> Copy the address
        </Button>
      </div>
      <div className="grid gap-4 lg:grid-cols-[19rem_minmax(0,1fr)_minmax(0,25rem)]">
        <DeliveryPanel state={state} moved={moved} move={move} onMove={onMove} />
        <Drawings {...{ state, moved, shots, active, words, onMove }} />
        <Meanings state={state} delivery={shown.delivery} />
      </div>
    </div>
  );
}
