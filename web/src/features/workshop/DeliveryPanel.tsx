import { Air, Dials, MoveDial, Setting } from './Controls.tsx';
import { StrikeFace } from './StrikeFace.tsx';
import { DIALS, clubOf } from '../../app/workshop-state.ts';
import type { Moved, WorkshopState } from '../../app/workshop-state.ts';

interface DeliveryPanelProps {
  readonly state: WorkshopState;
  /** The delivery that is moved. */
  readonly moved: Moved;
  readonly move: (change: (now: WorkshopState) => WorkshopState) => void;
  readonly onMove: (changes: Partial<Moved>) => void;
}

/** What can be moved by hand: club, delivery, strike and air. */
export function DeliveryPanel({ state, moved, move, onMove }: DeliveryPanelProps) {
  const { hand, length } = state;
  return (
    <section aria-label="Delivery" className="contain-layout space-y-2">
      <Setting hand={hand} clubId={state.clubId} length={length} move={move} />
      <Dials hand={hand} length={length} moved={moved} onMove={onMove} />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5"
          checked={state.isLoftHeld}
          onChange={({ target }) => move((now) => ({ ...now, isLoftHeld: target.checked }))}
        />
        Hold the loft when the face turns
      </label>
      <StrikeFace
        hand={hand}
        kind={clubOf(state).kind}
        strikeToeMm={moved.strikeToeMm}
        strikeHighMm={moved.strikeHighMm}
        onMove={onMove}
      />
      <div className="grid grid-cols-2 gap-3">
        {(['strikeToeMm', 'strikeHighMm'] as const).map((field) => (
          <MoveDial
            key={field}
            field={field}
            label={field === 'strikeToeMm' ? 'Toe' : 'High'}
            value={moved[field]}
            min={DIALS[field].min}
            max={DIALS[field].max}
            step={1}
            unit="mm"
            onMove={onMove}
          />
        ))}
      </div>
      <Air
        windMps={state.windMps}
        windFromDeg={state.windFromDeg}
        temperatureC={state.temperatureC}
        altitudeM={state.altitudeM}
        move={move}
      />
    </section>
  );
}
