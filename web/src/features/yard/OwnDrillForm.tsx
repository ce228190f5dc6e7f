import { asDrill, layoutFor, typedNumber } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import type { Control, FieldErrors, UseFormRegister } from 'react-hook-form';
import { Trash2 } from 'lucide-react';
import type { CreateOwnDrill } from '../../api/client.ts';
import { addDrill } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { stationPlan } from '../../drawing/station-plan.ts';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { Modal } from '../../ui/Modal.tsx';

const KINDS = [
  ['stick', 'Stick'],
  ['peg', 'Peg'],
  ['ball', 'Ball'],
  ['rod', 'Foam rod'],
  ['cover', 'Head cover'],
] as const;
const PATH = [
  ['0', 'Leaves the path'],
  ['1', 'Path in-to-out'],
  ['-1', 'Path out-to-in'],
] as const;
const FACE = [
  ['0', 'Leaves the face'],
  ['1', 'Face open'],
  ['-1', 'Face closed'],
] as const;

interface Values {
  name: string;
  how: string;
  good: string;
  movesPath: string;
  movesFace: string;
  parts: {
    kind: string;
    label: string;
    alongCm: string;
    outCm: string;
    lengthCm: string;
    angleDeg: string;
  }[];
}

const PART = { kind: 'peg', label: 'peg', alongCm: '30', outCm: '0', lengthCm: '0', angleDeg: '0' };
const NUMBER = {
  validate: (text: string) => typedNumber(text) !== null || 'Write a number.',
};
/** A figure still being typed counts as nothing in the drawing; what is stored was checked. */
const number = (text: string): number => typedNumber(text) ?? 0;

const bodyOf = ({ parts, movesPath, movesFace, ...words }: Values): CreateOwnDrill => ({
  ...words,
  movesPath: Number(movesPath) as -1 | 0 | 1,
  movesFace: Number(movesFace) as -1 | 0 | 1,
  parts: parts.map((part) => ({
    kind: part.kind as CreateOwnDrill['parts'][number]['kind'],
    label: part.label,
    alongM: number(part.alongCm) / 100,
    outM: number(part.outCm) / 100,
    lengthM: number(part.lengthCm) / 100,
    angleDeg: number(part.angleDeg),
  })),
});

/** The figures of one part, in the order they are said: how far ahead, how far out, how long, how turned. */
const FIGURES = [
  ['alongCm', 'Ahead', 'cm'],
  ['outCm', 'Out', 'cm'],
  ['lengthCm', 'Long', 'cm'],
  ['angleDeg', 'Turned', '°'],
] as const;

function PartFields({
  index,
  register,
  errors,
  onRemove,
}: {
  index: number;
  register: UseFormRegister<Values>;
  errors: FieldErrors<Values>;
  onRemove: () => void;
}) {
  return (
    <fieldset className="grid grid-cols-2 items-end gap-2 border-t border-line pt-2 sm:grid-cols-[1fr_1fr_5rem_5rem_5rem_5rem_3rem]">
      <legend className="sr-only">Part {index + 1}</legend>
      <SelectField label="Part" options={KINDS} {...register(`parts.${index}.kind`)} />
      <TextField label="Label" {...register(`parts.${index}.label`)} />
      {FIGURES.map(([name, label, hint]) => (
        <TextField
          key={name}
          label={label}
          hint={hint}
          inputMode="decimal"
          error={errors.parts?.[index]?.[name]?.message}
          {...register(`parts.${index}.${name}`, NUMBER)}
        />
      ))}
      <button
        type="button"
        aria-label={`Take part ${index + 1} away`}
        className="inline-flex size-11 items-center justify-center rounded-lg hover:bg-line/40"
        onClick={onRemove}
      >
        <Trash2 aria-hidden size={18} />
      </button>
    </fieldset>
  );
}

/** The station as it is typed. */
function LiveStation({ control, hand }: { control: Control<Values>; hand: Hand }) {
  const values = useWatch({ control }) as Values;
  const drill = asDrill({ id: 'own-new', ...bodyOf(values) });
  const layout = layoutFor(drill, { hand, kind: 'iron', pathDeg: 0, faceDeg: 0, startDeg: 0 });
  const { shapes, box } = stationPlan(layout, hand, 'm');
  return (
    <Figure
      shapes={shapes}
      box={box}
      title="The station so far, from above"
      caption={`From above, to scale, the target up, for a ${hand}-hander`}
      file={null}
      drawingClass="max-h-[34vh] w-full"
    />
  );
}

interface SaidProps {
  readonly register: UseFormRegister<Values>;
  readonly errors: FieldErrors<Values>;
}

/** Its name, what it moves, how it is done. */
function Said({ register, errors }: SaidProps) {
  return (
    <>
      <TextField
        label="Name"
        error={errors.name?.message}
        {...register('name', { required: 'Name the drill.' })}
      />
      <div className="grid grid-cols-2 gap-3">
        <SelectField label="Path" options={PATH} {...register('movesPath')} />
        <SelectField label="Face" options={FACE} {...register('movesFace')} />
      </div>
      <TextField
        label="How it is done"
        error={errors.how?.message}
        {...register('how', { required: 'Say how it is done.' })}
      />
      <TextField
        label="A good one"
        error={errors.good?.message}
        {...register('good', { required: 'Say what a good one looks like.' })}
      />
    </>
  );
}

/** A drill of the academy's own, with the same parts as the catalogue's. */
export function OwnDrillForm({
  open,
  hand,
  onClose,
  onMade,
}: {
  open: boolean;
  hand: Hand;
  onClose: () => void;
  onMade: (id: string) => void;
}) {
  const { register, control, handleSubmit, formState, reset } = useForm<Values>({
    defaultValues: { name: '', how: '', good: '', movesPath: '0', movesFace: '0', parts: [PART] },
  });
  const { fields, append, remove } = useFieldArray({ control, name: 'parts' });
  const { errors } = formState;
  const save = (values: Values): void => {
    const id = addDrill(bodyOf(values));
    reset();
    onClose();
    onMade(id);
  };
  return (
    <Modal
      title="A drill of your own"
      description="Parts are in centimetres from the ball: ahead towards the target, out away from the player."
      open={open}
      onClose={onClose}
    >
      <form onSubmit={(event) => void handleSubmit(save)(event)} noValidate className="space-y-3">
        <Said register={register} errors={errors} />
        {fields.map((field, index) => (
          <PartFields
            key={field.id}
            index={index}
            register={register}
            errors={errors}
            onRemove={() => remove(index)}
          />
        ))}
        <LiveStation control={control} hand={hand} />
        <div className="flex gap-2">
          <Button onClick={() => append(PART)}>Another part</Button>
          <Button type="submit" look="main">
            Keep the drill
          </Button>
        </div>
      </form>
    </Modal>
  );
}
