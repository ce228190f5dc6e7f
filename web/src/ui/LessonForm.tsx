import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { IsNotEmpty, Matches } from 'class-validator';
import { format } from 'date-fns';
import { useForm } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { useCreateLesson, usePlayers } from '../api/queries.ts';
import { Button } from './Button.tsx';
import { SelectField, TextField } from './Field.tsx';
import { Modal } from './Modal.tsx';
import { Notice } from './Notice.tsx';

class NewLesson {
  @IsNotEmpty({ message: 'Choose the player.' })
  playerId = '';

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Give the day.' })
  day = '';

  @Matches(/^\d{2}:\d{2}$/, { message: 'Give the time.' })
  time = '';

  asked = '';
}

interface LessonFormProps {
  readonly open: boolean;
  readonly day: Date;
  readonly playerId?: string;
  readonly onClose: () => void;
}

function LessonFields({ day, playerId = '', onClose }: Omit<LessonFormProps, 'open'>) {
  const players = usePlayers().data ?? [];
  const create = useCreateLesson();
  const navigate = useNavigate();
  const { register, handleSubmit, formState } = useForm<NewLesson>({
    resolver: classValidatorResolver(NewLesson),
    defaultValues: {
      playerId,
      day: format(day, 'yyyy-MM-dd'),
      time: format(new Date(), 'HH:00'),
      asked: '',
    },
  });
  const save = async ({ playerId: id, day: date, time, asked }: NewLesson): Promise<void> => {
    const startsAt = new Date(`${date}T${time}`).toISOString();
    const lesson = await create.mutateAsync({
      id: crypto.randomUUID(),
      playerId: id,
      startsAt,
      asked,
    });
    onClose();
    void navigate(`/lessons/${lesson.id}/watch`);
  };
  const options = [['', 'Choose …'] as const, ...players.map((p) => [p.id, p.name] as const)];
  const { errors } = formState;
  return (
    <form onSubmit={(event) => void handleSubmit(save)(event)} noValidate className="space-y-3">
      <SelectField
        label="Player"
        options={options}
        error={errors.playerId?.message}
        {...register('playerId')}
      />
      <Link to="/players?new" className="inline-block font-semibold underline">
        A new player
      </Link>
      <div className="grid grid-cols-2 gap-3">
        <TextField label="Day" type="date" error={errors.day?.message} {...register('day')} />
        <TextField label="Time" type="time" error={errors.time?.message} {...register('time')} />
      </div>
      <TextField label="What the player asks for" {...register('asked')} />
      {create.error !== null && <Notice>{create.error.message}</Notice>}
      <Button type="submit" look="main" disabled={create.isPending}>
        Open the lesson
      </Button>
    </form>
  );
}

export function LessonForm({ open, onClose, ...rest }: LessonFormProps) {
  return (
    <Modal title="New lesson" open={open} onClose={onClose}>
      <LessonFields onClose={onClose} {...rest} />
    </Modal>
  );
}
