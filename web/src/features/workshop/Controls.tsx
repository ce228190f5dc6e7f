import { STANDARD_BAG, convert, faceWord, fromSi, pathWord } from '@loxos/core';
import type { Hand, LengthUnit, SpeedUnit } from '@loxos/core';
import { memo } from 'react';
import { SelectField } from '../../ui/Field.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Dial } from '../../ui/Dial.tsx';
import type { DialProps } from '../../ui/Dial.tsx';
import { DIALS, clubOf, speedUnitFor, movedBy, usualMoved } from '../../app/workshop-state.ts';
import type { Moved, MovedField, WorkshopState } from '../../app/workshop-state.ts';
import type { MoveWorkshop } from './use-workshop.ts';

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

type OnMove = (changes: Partial<Moved>) => void;

interface MoveDialProps extends Omit<DialProps, 'onChange'> {
  readonly field: MovedField;
  /** The unit of the dial, where it is not that of the field. */
  readonly from?: SpeedUnit;
  readonly onMove: OnMove;
}

/** The dial of one figure: turned again only when that figure is. */
export const MoveDial = memo(function MoveDial({ field, from, onMove, ...dial }: MoveDialProps) {
  return (
    <Dial
      {...dial}
      onChange={(value) =>
        onMove({ [field]: from === undefined ? value : convert(value, from, 'm/s') })
      }
    />
  );
});

/** The angles and the speed of one delivery. */
export function Dials({
  hand,
  length,
  moved,
  onMove,
}: {
  hand: Hand;
  length: LengthUnit;
  moved: Moved;
  onMove: OnMove;
}) {
  const unit = speedUnitFor(length);
  const words: Partial<Record<MovedField, string>> = {
    faceAngleDeg: faceWord(moved.faceAngleDeg, hand),
    clubPathDeg: pathWord(moved.clubPathDeg, hand),
    attackAngleDeg: moved.attackAngleDeg < 0 ? 'down' : moved.attackAngleDeg > 0 ? 'up' : 'level',
  };
  const { min, max } = DIALS.clubSpeedMps;
  return (
    <div className="space-y-1">
      {ANGLES.map((field) => (
        <MoveDial
          key={field}
          field={field}
          label={DIALS[field].label}
          value={moved[field]}
          min={DIALS[field].min}
          max={DIALS[field].max}
          step={DIALS[field].step}
          unit={DIALS[field].side ? '° +R −L' : '°'}
          {...(words[field] !== undefined && { word: words[field] })}
          onMove={onMove}
        />
      ))}
      <MoveDial
        field="clubSpeedMps"
        from={unit}
        label={DIALS.clubSpeedMps.label}
        value={fromSi(moved.clubSpeedMps, unit)}
        min={Math.ceil(fromSi(min, unit))}
        max={Math.floor(fromSi(max, unit))}
        step={1}
        unit={unit}
        onMove={onMove}
      />
    </div>
  );
}

/** Wind, temperature and altitude. */
export const Air = memo(function Air({
  windMps,
  windFromDeg,
  temperatureC,
  altitudeM,
  move,
}: Pick<WorkshopState, 'windMps' | 'windFromDeg' | 'temperatureC' | 'altitudeM'> & {
  move: MoveWorkshop;
}) {
  const set = (changes: Partial<WorkshopState>) => move((now) => ({ ...now, ...changes }));
  return (
    <details className="rounded-lg border border-line px-2">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        Air and wind{' '}
        <span className="font-normal text-soft">
          {windMps === 0 ? 'still' : `${windMps.toFixed(0)} m/s`}, {temperatureC.toFixed(0)} °C
        </span>
      </summary>
      <Dial
        label="Wind"
        value={windMps}
        min={0}
        max={15}
        step={0.5}
        unit="m/s"
        onChange={(windMps) => set({ windMps })}
      />
      <Dial
        label="From, 0 ahead, 90 right"
        value={windFromDeg}
        min={-180}
        max={180}
        step={5}
        unit="°"
        onChange={(windFromDeg) => set({ windFromDeg })}
      />
      <Dial
        label="Temperature"
        value={temperatureC}
        min={-10}
        max={45}
        step={1}
        unit="°C"
        onChange={(temperatureC) => set({ temperatureC })}
      />
      <Dial
        label="Altitude"
        value={altitudeM}
        min={0}
        max={3000}
        step={50}
        unit="m"
        onChange={(altitudeM) => set({ altitudeM })}
      />
    </details>
  );
});

/** Club, hand and units; another hand mirrors both deliveries. */
export const Setting = memo(function Setting({
  hand: handNow,
  clubId,
  length: lengthNow,
  move,
}: Pick<WorkshopState, 'hand' | 'clubId' | 'length'> & { move: MoveWorkshop }) {
  const turn = (hand: Hand): void => {
    if (hand === handNow) return;
    const mirror = (moved: Moved): Moved => ({
      ...moved,
      faceAngleDeg: -moved.faceAngleDeg,
      clubPathDeg: -moved.clubPathDeg,
    });
    move((state) => ({
      ...state,
      hand,
      now: mirror(state.now),
      wanted: state.wanted && mirror(state.wanted),
    }));
  };
  const take = (taken: string): void =>
    move((state) => {
      const next = { ...state, clubId: taken };
      const driverSpeed = state.now.clubSpeedMps / clubOf(state).speedShare;
      const usual = usualMoved(clubOf(next), state.hand, driverSpeed);
      const keep = ({ faceAngleDeg, clubPathDeg }: Moved): Moved =>
        movedBy(next, usual, { faceAngleDeg, clubPathDeg });
      return { ...next, now: keep(state.now), wanted: state.wanted && keep(state.wanted) };
    });
  return (
    <div className="space-y-2">
      <SelectField
        label="Club"
        options={CLUBS}
        value={clubId}
        onChange={(event) => take(event.target.value)}
      />
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <Segments<Hand> legend="Hand" options={HAND_OPTIONS} value={handNow} onChange={turn} />
        <Segments<LengthUnit>
          legend="Units"
          options={UNIT_OPTIONS}
          value={lengthNow}
          onChange={(length) => move((state) => ({ ...state, length }))}
        />
      </div>
    </div>
  );
});
