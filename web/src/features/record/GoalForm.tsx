import {
  FOLLOWED,
  GOAL_LIMITS,
  addMonthsIso,
  convert,
  followedLabel,
  fromSi,
  towards,
  typedNumber,
} from '@loxos/core';
import type { FollowedFigure, Goal, PlayerRecord } from '@loxos/core';
import { Controller, useForm, useWatch } from 'react-hook-form';
import type { Control } from 'react-hook-form';
import type { Player } from '../../api/client.ts';
import { newId } from '../../sync/new-id.ts';
import { changePlayer } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { DateField } from '../../ui/DateField.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { today } from '../../ui/academy-time.ts';

/** A goal is set for so far ahead unless another day is chosen. */
const MONTHS_AHEAD = 3;

const digits = (value: number): string => String(Number(value.toFixed(1)));
const isLength = (figure: FollowedFigure): boolean => figure === 'curveM' || figure === 'offlineM';

/** Returns how a figure is typed: in the player's unit, without a sign, and the side by its word. */
function typingOf(figure: FollowedFigure, { hand, lengthUnit: unit }: Player) {
  const inUnit = (value: number): number => (isLength(figure) ? fromSi(value, unit) : value);
  const inSi = (value: number): number => (isLength(figure) ? convert(value, unit, 'm') : value);
  const name = isLength(figure) ? unit : figure === 'strikeToeMm' ? 'mm' : '°';
  const { wanted, window } = GOAL_LIMITS[figure];
  const limits = { wanted: inUnit(wanted), window: window.map(inUnit) as [number, number] };
  const sides = [-1, 1].map((side) => [String(side), towards(figure, side, hand)] as const);
  return { inUnit, inSi, name, limits, sides };
}

interface GoalValues {
  readonly figure: FollowedFigure;
  readonly size: string;
  readonly side: string;
  readonly window: string;
  readonly by: string;
}

/** Returns what a goal of a figure starts from: the wanted of it anyway. */
function valuesOf(figure: FollowedFigure, player: Player, { followed }: PlayerRecord): GoalValues {
  const target = followed.find((one) => one.figure === figure)?.target ?? null;
  const { inUnit } = typingOf(figure, player);
  const { wanted, window } = target ?? { wanted: 0, window: GOAL_LIMITS[figure].window[0] };
  return {
    figure,
    size: digits(Math.abs(inUnit(wanted))),
    side: wanted < 0 ? '-1' : '1',
    window: digits(inUnit(window)),
    by: addMonthsIso(today(), MONTHS_AHEAD),
  };
}

function goalOf(values: GoalValues, player: Player, kind: Goal['kind']): Goal {
  const { figure, size, side, window, by } = values;
  const { inSi } = typingOf(figure, player);
  const wanted = inSi(typedNumber(size) ?? 0) * Number(side);
  return {
    id: newId(),
    kind,
    figure,
    // None of it has no side.
    wanted: wanted === 0 ? 0 : wanted,
    window: inSi(typedNumber(window) ?? 0),
    by,
    setOn: today(),
  };
}

const isIn = (text: string, least: number, most: number): boolean => {
  const value = typedNumber(text);
  return value !== null && value >= least && value <= most;
};

interface SideFieldProps {
  readonly control: Control<GoalValues>;
  readonly sides: ReturnType<typeof typingOf>['sides'];
}

const SideField = ({ control, sides }: SideFieldProps) => (
  <Controller
    control={control}
    name="side"
    render={({ field }) => (
      <Segments
        legend="To which side"
        value={field.value}
        options={sides}
        onChange={field.onChange}
      />
    )}
  />
);

interface ByFieldProps {
  readonly control: Control<GoalValues>;
  readonly trouble: string | undefined;
}

function ByField({ control, trouble }: ByFieldProps) {
  return (
    <>
      <Controller
        control={control}
        name="by"
        rules={{ validate: (day) => day > today() || 'Choose a day that is still to come.' }}
        render={({ field }) => (
          <DateField label="By" value={field.value} onChange={field.onChange} />
        )}
      />
      {trouble !== undefined && (
        <p role="alert" className="font-semibold text-look">
          {trouble}
        </p>
      )}
    </>
  );
}

const WHAT = FOLLOWED.map((one) => [one, followedLabel(one)] as const);

interface GoalFormProps {
  readonly open: boolean;
  readonly player: Player;
  readonly record: PlayerRecord;
  readonly onClose: () => void;
}

function GoalFields({ player, record, onClose }: Omit<GoalFormProps, 'open'>) {
  const figureFirst = record.followed[0]?.figure ?? FOLLOWED[0];
  const { register, control, handleSubmit, reset, formState } = useForm<GoalValues>({
    defaultValues: valuesOf(figureFirst, player, record),
  });
  const figure = useWatch({ control, name: 'figure' });
  const { name, sides, limits } = typingOf(figure, player);
  const save = (values: GoalValues): void => {
    changePlayer(player, { goals: [...player.goals, goalOf(values, player, record.kind)] });
    onClose();
  };
  const [least, most] = limits.window;
  const { errors } = formState;
  return (
    <form onSubmit={(event) => void handleSubmit(save)(event)} noValidate className="space-y-3">
      <SelectField
        label="What"
        options={WHAT}
        {...register('figure', {
          onChange: (event: { readonly target: { readonly value: string } }) =>
            reset(valuesOf(event.target.value as FollowedFigure, player, record)),
        })}
      />
      <div className="grid grid-cols-[9rem_1fr] items-end gap-3">
        <TextField
          label={`How much, ${name}`}
          inputMode="decimal"
          error={errors.size?.message}
          {...register('size', {
            validate: (text) =>
              isIn(text, 0, limits.wanted) || `From 0 to ${digits(limits.wanted)} ${name}.`,
          })}
        />
        <SideField control={control} sides={sides} />
      </div>
      <TextField
        label={`Within, to each side, ${name}`}
        inputMode="decimal"
        error={errors.window?.message}
        {...register('window', {
          validate: (text) =>
            isIn(text, least, most) || `From ${digits(least)} to ${digits(most)} ${name}.`,
        })}
      />
      <ByField control={control} trouble={errors.by?.message} />
      <Button look="main" type="submit">
        Set the goal
      </Button>
    </form>
  );
}

/** Sets a goal: which number, how much of it, within what, by when. */
export function GoalForm({ open, ...rest }: GoalFormProps) {
  return (
    <Modal title={`A goal for ${rest.player.name}`} open={open} onClose={rest.onClose}>
      <GoalFields {...rest} />
    </Modal>
  );
}
