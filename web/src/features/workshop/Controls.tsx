import { STANDARD_BAG, convert, faceWord, fromSi, pathWord } from '@loxos/core';
import type { Hand, LengthUnit } from '@loxos/core';
import { SelectField } from '../../ui/Field.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Dial } from '../../ui/Dial.tsx';
import { DIALS, clubOf, speedUnitFor, movedBy, usualMoved } from '../../app/workshop-state.ts';
import type { Moved, MovedField, WorkshopState } from '../../app/workshop-state.ts';

const CLUBS = STANDARD_BAG.map(({ id, label }) => [id, label] as const);
const HAND_OPTIONS = [
  ['left', 'Left'],
  ['right', 'Right'],
] as const;
const UNIT_OPTIONS = [
  ['m', 'm, km/h'],
  ['yd', 'yd, mph'],
] as const;
const ANGLES = ['faceAngleDeg', 'clubPathDeg', 'dynamicLoftDeg', 'attackAngleDeg'] as const;

/** The angles and the speed of one delivery. */
export function Dials({
  state,
  moved,
  onMove,
}: {
  state: WorkshopState;
  moved: Moved;
  onMove: (changes: Partial<Moved>) => void;
}) {
  const { hand } = state;
  const unit = speedUnitFor(state.length);
  const words: Partial<Record<MovedField, string>> = {
    faceAngleDeg: faceWord(moved.faceAngleDeg, hand),
    clubPathDeg: pathWord(moved.clubPathDeg, hand),
    attackAngleDeg: moved.attackAngleDeg < 0 ? 'down' : moved.attackAngleDeg > 0 ? 'up' : 'level',
  };
  const { min, max } = DIALS.clubSpeedMps;
  return (
    <div className="space-y-1">
      {ANGLES.map((field) => (
        <Dial
          key={field}
          label={DIALS[field].label}
          value={moved[field]}
          min={DIALS[field].min}
          max={DIALS[field].max}
          step={DIALS[field].step}
          unit={DIALS[field].side ? '° +R −L' : '°'}
          {...(words[field] !== undefined && { word: words[field] })}
          onChange={(value) => onMove({ [field]: value })}
        />
      ))}
      <Dial
        label={DIALS.clubSpeedMps.label}
        value={fromSi(moved.clubSpeedMps, unit)}
        min={Math.ceil(fromSi(min, unit))}
        max={Math.floor(fromSi(max, unit))}
        step={1}
        unit={unit}
        onChange={(value) => onMove({ clubSpeedMps: convert(value, unit, 'm/s') })}
      />
    </div>
  );
}

/** Wind, temperature and altitude. */
export function Air({
  state,
  onChange,
}: {
  state: WorkshopState;
  onChange: (next: WorkshopState) => void;
}) {
  const set = (changes: Partial<WorkshopState>) => onChange({ ...state, ...changes });
  return (
    <details className="rounded-lg border border-line px-2">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        Air and wind{' '}
        <span className="font-normal text-soft">
          {state.windMps === 0 ? 'still' : `${state.windMps.toFixed(0)} m/s`},{' '}
          {state.temperatureC.toFixed(0)} °C
        </span>
      </summary>
      <Dial
        label="Wind"
        value={state.windMps}
        min={0}
        max={15}
        step={0.5}
        unit="m/s"
        onChange={(windMps) => set({ windMps })}
      />
      <Dial
        label="From, 0 ahead, 90 right"
        value={state.windFromDeg}
        min={-180}
        max={180}
        step={5}
        unit="°"
        onChange={(windFromDeg) => set({ windFromDeg })}
      />
      <Dial
        label="Temperature"
        value={state.temperatureC}
        min={-10}
        max={45}
        step={1}
        unit="°C"
        onChange={(temperatureC) => set({ temperatureC })}
      />
      <Dial
        label="Altitude"
        value={state.altitudeM}
        min={0}
        max={3000}
        step={50}
        unit="m"
        onChange={(altitudeM) => set({ altitudeM })}
      />
    </details>
  );
}

/** Club, hand and units; another hand mirrors both deliveries. */
export function Setting({
  state,
  onChange,
}: {
  state: WorkshopState;
  onChange: (next: WorkshopState) => void;
}) {
  const turn = (hand: Hand): void => {
    if (hand === state.hand) return;
    const mirror = (moved: Moved): Moved => ({
      ...moved,
      faceAngleDeg: -moved.faceAngleDeg,
      clubPathDeg: -moved.clubPathDeg,
    });
    onChange({
      ...state,
      hand,
      now: mirror(state.now),
      wanted: state.wanted && mirror(state.wanted),
    });
  };
  const take = (clubId: string): void => {
    const next = { ...state, clubId };
    const driverSpeed = state.now.clubSpeedMps / clubOf(state).speedShare;
    const usual = usualMoved(clubOf(next), state.hand, driverSpeed);
    const keep = ({ faceAngleDeg, clubPathDeg }: Moved): Moved =>
      movedBy(next, usual, { faceAngleDeg, clubPathDeg });
    onChange({ ...next, now: keep(state.now), wanted: state.wanted && keep(state.wanted) });
  };
  return (
    <div className="space-y-2">
      <SelectField
        label="Club"
        options={CLUBS}
        value={state.clubId}
        onChange={(event) => take(event.target.value)}
      />
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <Segments<Hand> legend="Hand" options={HAND_OPTIONS} value={state.hand} onChange={turn} />
        <Segments<LengthUnit>
          legend="Units"
          options={UNIT_OPTIONS}
          value={state.length}
          onChange={(length) => onChange({ ...state, length })}
        />
      </div>
    </div>
  );
}
