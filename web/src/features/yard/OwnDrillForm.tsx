import { useFieldArray, useForm } from 'react-hook-form';
import type { CreateOwnDrill } from '../../api/client.ts';
import { useCreateDrill } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Notice } from '../../ui/Notice.tsx';

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
  validate: (text: string) => Number.isFinite(Number(text.replace(',', '.'))) || 'Write a number.',
};
const number = (text: string): number => Number(text.replace(',', '.'));

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

/** A drill of the academy's own, with the same parts as the catalogue's. */
export function OwnDrillForm({
  open,
  onClose,
  onMade,
}: {
  open: boolean;
  onClose: () => void;
  onMade: (id: string) => void;
}) {
  const create = useCreateDrill();
  const { register, control, handleSubmit, formState, reset } = useForm<Values>({
    defaultValues: { name: '', how: '', good: '', movesPath: '0', movesFace: '0', parts: [PART] },
  });
  const { fields, append, remove } = useFieldArray({ control, name: 'parts' });
  const { errors } = formState;
  const save = (values: Values): void =>
    create.mutate(bodyOf(values), {
      onSuccess: ({ id }) => {
        reset();
        onClose();
        onMade(id);
      },
    });
  return (
    <Modal
      title="A drill of your own"
      description="Parts are in centimetres from the ball: ahead towards the target, out away from the player."
      open={open}
      onClose={onClose}
    >
      <form onSubmit={(event) => void handleSubmit(save)(event)} noValidate className="space-y-3">
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
        {fields.map((field, index) => (
          <fieldset
            key={field.id}
            className="grid grid-cols-2 gap-2 border-t border-line pt-2 sm:grid-cols-6"
          >
            <legend className="sr-only">Part {index + 1}</legend>
            <SelectField label="Part" options={KINDS} {...register(`parts.${index}.kind`)} />
            <TextField label="Label" {...register(`parts.${index}.label`)} />
            <TextField
              label="Ahead"
              error={errors.parts?.[index]?.alongCm?.message}
              {...register(`parts.${index}.alongCm`, NUMBER)}
            />
            <TextField
              label="Out"
              error={errors.parts?.[index]?.outCm?.message}
              {...register(`parts.${index}.outCm`, NUMBER)}
            />
            <TextField
              label="Long"
              error={errors.parts?.[index]?.lengthCm?.message}
              {...register(`parts.${index}.lengthCm`, NUMBER)}
            />
            <TextField
              label="Turned °"
              error={errors.parts?.[index]?.angleDeg?.message}
              {...register(`parts.${index}.angleDeg`, NUMBER)}
            />
            <Button look="quiet" className="col-span-2" onClick={() => remove(index)}>
              Take part {index + 1} away
            </Button>
          </fieldset>
        ))}
        {create.error !== null && <Notice>{create.error.message}</Notice>}
        <div className="flex gap-2">
          <Button onClick={() => append(PART)}>Another part</Button>
          <Button type="submit" look="main" disabled={create.isPending}>
            Keep the drill
          </Button>
        </div>
      </form>
    </Modal>
  );
}
