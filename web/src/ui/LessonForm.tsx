import { classValidatorResolver } from './class-resolver.ts';
import { HANDS } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { IsIn, Matches, ValidateIf, IsNotEmpty } from 'class-validator';
import { Controller, useForm } from 'react-hook-form';
import type { Control, UseFormRegisterReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useLessons, usePlayers } from '../api/queries.ts';
import { Button } from './Button.tsx';
import { DateField } from './DateField.tsx';
import { SelectField, TextField } from './Field.tsx';
import { Modal } from './Modal.tsx';
import { Segments } from './Segments.tsx';
import { dayOf, instantAt, spanOf, timeOf, today } from './academy-time.ts';
import { TIME_PATTERN, TIME_TROUBLE } from './day-text.ts';
import { addPlayer, addLesson } from '../sync/actions.ts';
import { nextFreeSlot } from './next-slot.ts';

const SOMEBODY_NEW = 'new';

class NewLesson {
  @IsNotEmpty({ message: 'Choose the player.' })
  playerId = '';

  @ValidateIf(({ playerId }: NewLesson) => playerId === SOMEBODY_NEW)
  @IsNotEmpty({ message: 'Write the name.' })
  name = '';

  @IsIn(HANDS)
  hand: Hand = 'right';

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Give the day.' })
  day = '';

  @Matches(TIME_PATTERN, { message: TIME_TROUBLE })
  time = '';

  asked = '';
}

interface LessonFormProps {
  readonly open: boolean;
  readonly day: string;
  /** The time of day that was chosen; the next free slot where none was. */
  readonly at?: string;
  readonly playerId?: string;
  readonly onClose: () => void;
}

const HAND_OPTIONS = [
  ['left', 'Left-handed'],
  ['right', 'Right-handed'],
] as const;

/** Makes the player where they are new, then the lesson, and opens it. */
function useOpenLesson(onClose: () => void) {
  const navigate = useNavigate();
  return ({ playerId, name, hand, day, time, asked }: NewLesson): void => {
    const id = playerId === SOMEBODY_NEW ? addPlayer({ name, hand }) : playerId;
    const lessonId = addLesson({ playerId: id, startsAt: instantAt(day, time), asked });
    onClose();
    void navigate(`/lessons/${lessonId}/watch`);
  };
}

interface SomebodyNewProps {
  readonly control: Control<NewLesson>;
  readonly trouble: string | undefined;
  readonly name: UseFormRegisterReturn;
}

function SomebodyNew({ control, trouble, name }: SomebodyNewProps) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextField label="Name" autoComplete="off" error={trouble} {...name} />
      <Controller
        control={control}
        name="hand"
        render={({ field }) => (
          <Segments<Hand>
            legend="Plays"
            value={field.value}
            options={HAND_OPTIONS}
            onChange={field.onChange}
          />
        )}
      />
    </div>
  );
}

function LessonFields({
  day,
  playerId = '',
  slot,
  onClose,
}: Omit<LessonFormProps, 'open'> & { slot: string }) {
  const players = usePlayers().data ?? [];
  const open = useOpenLesson(onClose);
  const { register, control, handleSubmit, watch, formState } = useForm<NewLesson>({
    resolver: classValidatorResolver(NewLesson),
    defaultValues: {
      ...new NewLesson(),
      playerId: players.length === 0 ? SOMEBODY_NEW : playerId,
      day,
      time: slot,
    },
  });
  const options = [
    ['', 'Choose …'] as const,
    [SOMEBODY_NEW, 'Somebody new'] as const,
    ...players.map((p) => [p.id, p.name] as const),
  ];
  const { errors } = formState;
  return (
    <form onSubmit={(event) => void handleSubmit(open)(event)} noValidate className="space-y-3">
      {players.length > 0 && (
        <SelectField
          label="Player"
          options={options}
          error={errors.playerId?.message}
          {...register('playerId')}
        />
      )}
      {watch('playerId') === SOMEBODY_NEW && (
        <SomebodyNew control={control} trouble={errors.name?.message} name={register('name')} />
      )}
      <div className="grid grid-cols-2 gap-3">
        <Controller
          control={control}
          name="day"
          render={({ field }) => (
            <DateField label="Day" value={field.value} onChange={field.onChange} />
          )}
        />
        <TextField
          label="Time"
          inputMode="numeric"
          error={errors.time?.message}
          {...register('time')}
        />
      </div>
      <TextField label="What the player asks for" {...register('asked')} />
      <Button type="submit" look="main">
        Open the lesson
      </Button>
    </form>
  );
}

/** A new lesson: who, and the next free slot. */
export function LessonForm({ open, onClose, day, at, ...rest }: LessonFormProps) {
  const taken = useLessons(spanOf(day, 1));
  const players = usePlayers();
  const others = (taken.data ?? []).filter(({ startsAt }) => dayOf(startsAt) === day);
  const free = nextFreeSlot(
    others.map(({ startsAt }) => timeOf(startsAt)),
    day === today() ? timeOf(new Date().toISOString()) : null,
  );
  return (
    <Modal title="New lesson" open={open} onClose={onClose}>
      {players.data === undefined || taken.data === undefined ? (
        <p className="text-soft">Opening …</p>
      ) : (
        <LessonFields day={day} slot={at ?? free} onClose={onClose} {...rest} />
      )}
    </Modal>
  );
}
