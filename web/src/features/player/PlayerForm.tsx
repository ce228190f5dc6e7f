import { classValidatorResolver } from '../../ui/class-resolver.ts';
import {
  ANGLE_STYLES,
  DRIVER_SPEED_RANGE_MPS,
  HANDS,
  LENGTH_UNITS,
  PLAYER_KINDS,
  SPEED_UNITS,
  USUAL_SPEED_UNIT,
  formatNumber,
  fromSi,
  convert,
} from '@loxos/core';
import type { AngleStyle, Hand, LengthUnit, PlayerKind, SpeedUnit } from '@loxos/core';
import { IsIn, IsNotEmpty, Matches, MaxLength } from 'class-validator';
import { Controller, useForm } from 'react-hook-form';
import type { Control, UseFormRegisterReturn } from 'react-hook-form';
import { useAccount, useMay, usePeople } from '../../api/account.ts';
import type { Player } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Segments } from '../../ui/Segments.tsx';

export class PlayerValues {
  @IsNotEmpty({ message: 'Write the player’s name.' })
  @MaxLength(80, { message: 'At most 80 letters.' })
  name = '';

  @IsIn(HANDS)
  hand: Hand = 'right';

  @IsIn(LENGTH_UNITS)
  lengthUnit: LengthUnit = 'm';

  @IsIn(SPEED_UNITS)
  speedUnit: SpeedUnit = USUAL_SPEED_UNIT.m;

  @IsIn(ANGLE_STYLES)
  angleStyle: AngleStyle = 'letters';

  /** Empty where nobody said. */
  playerKind: PlayerKind | '' = '';

  /** With the driver, in the player's unit; empty where nobody measured it. */
  @Matches(/^\s*(\d{1,3}([.,]\d+)?)?\s*$/, { message: 'Write a number, such as 90.' })
  driverSpeed = '';

  @MaxLength(2000)
  aims = '';

  @MaxLength(2000)
  bodyNotes = '';

  coachId = '';
}

/** Returns a player's driver speed in their unit. */
const speedText = ({ driverSpeedMps, speedUnit }: Player): string =>
  driverSpeedMps === null ? '' : formatNumber(fromSi(driverSpeedMps, speedUnit), 0);

/** Returns the same in m/s, within what players swing; null where nothing was written. */
function speedOf(text: string, unit: SpeedUnit): number | null {
  const value = Number(text.trim().replace(',', '.'));
  if (text.trim() === '' || !(value > 0)) return null;
  const [slowest, fastest] = DRIVER_SPEED_RANGE_MPS;
  return Math.min(fastest, Math.max(slowest, convert(value, unit, 'm/s')));
}

interface PlayerFormProps {
  readonly player: Player | null;
  readonly onSave: (values: PlayerValues) => void;
}

const HAND_OPTIONS = [
  ['right', 'Right'],
  ['left', 'Left'],
] as const;
const ANGLE_OPTIONS = [
  ['letters', '4.2° R'],
  ['signed', '+4.2°'],
] as const;
const KIND_OPTIONS = [
  ['', 'Not said'],
  ...PLAYER_KINDS.map((kind) => [kind, kind] as const),
] as const;
const asOptions = <T extends string>(values: readonly T[]): readonly (readonly [T, string])[] =>
  values.map((value) => [value, value] as const);

type Options = readonly (readonly [string, string])[];
type ChoiceName = 'hand' | 'lengthUnit' | 'speedUnit' | 'angleStyle' | 'playerKind';

interface ChoiceProps {
  readonly control: Control<PlayerValues>;
  readonly name: ChoiceName;
  readonly legend: string;
  readonly options: Options;
  readonly onChosen: (name: ChoiceName, value: string) => void;
}

function Choice({ control, name, legend, options, onChosen }: ChoiceProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <Segments<string>
          legend={legend}
          value={field.value}
          options={options}
          onChange={(value) => {
            field.onChange(value);
            onChosen(name, value);
          }}
        />
      )}
    />
  );
}

/** Whose player somebody is, where there are several coaches. */
function WhosePlayer(field: UseFormRegisterReturn) {
  const coaches = (usePeople().data ?? []).filter(({ role }) => role !== 'assistant');
  if (coaches.length < 2) return null;
  return (
    <SelectField
      label="Whose player"
      options={[
        ['', 'Nobody’s in particular'],
        ...coaches.map(({ id, name }) => [id, name] as const),
      ]}
      {...field}
    />
  );
}

/** Returns what the form holds at first. */
function valuesOf(player: Player | null, me: string): PlayerValues {
  if (player === null) return { ...new PlayerValues(), coachId: me };
  const playerKind = player.playerKind ?? '';
  return { ...new PlayerValues(), ...player, playerKind, driverSpeed: speedText(player) };
}

/** Name, hand, units, aims and what to mind. */
export function PlayerForm({ player, onSave }: PlayerFormProps) {
  const me = useAccount()?.id ?? '';
  const isOwner = useMay('own');
  const isPersonalRead = player?.isPersonalRead ?? true;
  const { register, control, handleSubmit, formState, watch, setValue } = useForm<PlayerValues>({
    resolver: classValidatorResolver(PlayerValues),
    defaultValues: valuesOf(player, me),
  });
  const onChosen = (name: ChoiceName, value: string): void => {
    // Speeds go with distances, until they are chosen.
    if (name === 'lengthUnit' && !formState.dirtyFields.speedUnit)
      setValue('speedUnit', USUAL_SPEED_UNIT[value as LengthUnit]);
  };
  const choice = (name: ChoiceName, legend: string, options: Options) => (
    <Choice {...{ control, name, legend, options, onChosen }} />
  );
  return (
    <form onSubmit={(event) => void handleSubmit(onSave)(event)} noValidate className="space-y-4">
      <TextField
        label="Name"
        autoComplete="off"
        error={formState.errors.name?.message}
        {...register('name')}
      />
      {choice('hand', 'Plays', HAND_OPTIONS)}
      <div className="flex flex-wrap gap-6">
        {choice('lengthUnit', 'Distances', asOptions(LENGTH_UNITS))}
        {choice('speedUnit', 'Speeds', asOptions(SPEED_UNITS))}
        {choice('angleStyle', 'Angles', ANGLE_OPTIONS)}
      </div>
      <div className="flex flex-wrap items-end gap-6">
        {choice('playerKind', 'Kind of player', KIND_OPTIONS)}
        <div className="w-44">
          <TextField
            label="Driver speed"
            hint={`${watch('speedUnit')}, if known`}
            inputMode="decimal"
            error={formState.errors.driverSpeed?.message}
            {...register('driverSpeed')}
          />
        </div>
      </div>
      <TextField label="Aims" {...register('aims')} />
      {isPersonalRead && (
        <TextField
          label="Body notes"
          hint="pains, injuries, limits to mind"
          {...register('bodyNotes')}
        />
      )}
      {(isPersonalRead || isOwner) && <WhosePlayer {...register('coachId')} />}
      <Button type="submit" look="main">
        {player === null ? 'Add the player' : 'Save'}
      </Button>
    </form>
  );
}

/** Returns what the API takes of the form. */
export const bodyOf = ({
  name,
  hand,
  lengthUnit,
  speedUnit,
  angleStyle,
  playerKind,
  driverSpeed,
  aims,
  bodyNotes,
  coachId,
}: PlayerValues) => ({
  name,
  hand,
  lengthUnit,
  speedUnit,
  angleStyle,
  playerKind: playerKind === '' ? null : playerKind,
  driverSpeedMps: speedOf(driverSpeed, speedUnit),
  aims,
  bodyNotes,
  coachId,
});
