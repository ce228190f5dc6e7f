import { BALL_NOTE_AT_MOST, infoOf, openAfter } from '@loxos/core';
import { useForm } from 'react-hook-form';
import type { Ball, CreateBall, Lesson } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { addBall, ballName, changeBall } from './ball-actions.ts';
import { clubOptions } from './club-options.ts';
import { TYPED_FIGURES, readTexts, textsOf, typedUnit } from './figure-fields.ts';
import type { FigureTexts, TypingUnits } from './figure-fields.ts';
import { useLessonScreen } from './lesson-store.ts';

const CLUBS = clubOptions('No club');

interface FormValues extends FigureTexts {
  club: string;
  note: string;
}

/** Figures no eye can tell: a ball typed in without any of them was seen, not measured. */
const MONITOR_FIGURES = TYPED_FIGURES.filter(
  (figure) => !['startDirectionDeg', 'curveM', 'carryM', 'offlineM'].includes(figure),
);

function hintOf(figure: (typeof TYPED_FIGURES)[number], units: TypingUnits): string {
  const { side } = infoOf(figure);
  const unit = typedUnit(figure, units);
  const name = unit === 'deg' ? '°' : unit;
  return side === 'ball' || side === 'club' ? `${name}, L or R` : name;
}

interface FieldsProps {
  readonly lesson: Lesson;
  readonly ball: Ball | null;
  readonly lastClub: string;
  readonly onDone: (ballId: string | null) => void;
}

function BallFields({ lesson, ball, lastClub, onDone }: FieldsProps) {
  const { hand, lengthUnit, speedUnit } = lesson.player;
  const units: TypingUnits = { hand, length: lengthUnit, speed: speedUnit };
  const before = textsOf(ball, units);
  const { register, handleSubmit, setError, formState } = useForm<FormValues>({
    defaultValues: { ...before, club: ball?.club ?? lastClub, note: ball?.note ?? '' },
  });
  const save = ({ club, note, ...texts }: FormValues): void => {
    const { figures, errors } = readTexts(texts, before, units);
    for (const [figure, reason] of Object.entries(errors)) {
      setError(figure as keyof FigureTexts, { message: reason });
    }
    if (Object.keys(errors).length > 0) return;
    const said = { club: club === '' ? null : club, note: note.trim() };
    const body = { ...figures, ...said } as CreateBall;
    if (ball !== null) {
      const openAmount = openAfter(ball.openAmount, body);
      changeBall(ball, { ...body, openAmount }, `${ballName(ball)} changed`);
      onDone(ball.id);
      return;
    }
    if (Object.keys(figures).length === 0) {
      setError('startDirectionDeg', { message: 'Write at least one figure.' });
      return;
    }
    const isMeasured = MONITOR_FIGURES.some((figure) => figures[figure] != null);
    onDone(addBall(lesson.id, { ...body, seen: isMeasured ? 'monitor' : 'eye' }));
  };
  return (
    <form onSubmit={(event) => void handleSubmit(save)(event)} noValidate>
      <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        <SelectField label="Club" options={CLUBS} {...register('club')} />
        {TYPED_FIGURES.map((figure) => (
          <TextField
            key={figure}
            label={infoOf(figure).label}
            hint={hintOf(figure, units)}
            autoComplete="off"
            inputMode="text"
            error={formState.errors[figure]?.message}
            {...register(figure)}
          />
        ))}
        <TextField label="Note" maxLength={BALL_NOTE_AT_MOST} {...register('note')} />
      </div>
      <p className="mt-3 text-sm text-soft">
        Sides as 4.2 R or 4.2 L; plain numbers are right of the target when plus. Leave blank what
        was not seen.
      </p>
      <div className="mt-4 flex gap-2">
        <Button type="submit" look="main">
          {ball === null ? 'Add the ball' : 'Save'}
        </Button>
        <Button onClick={() => onDone(null)}>Cancel</Button>
      </div>
    </form>
  );
}

/** A ball typed in by hand, or one edited. */
export function BallForm({ lesson }: { lesson: Lesson }) {
  const { form, closeForm, choose } = useLessonScreen();
  const ball = lesson.balls.find(({ id }) => id === form?.ballId) ?? null;
  const lastClub = lesson.balls.at(-1)?.club ?? '';
  const done = (ballId: string | null): void => {
    closeForm();
    if (ballId !== null) choose(ballId);
  };
  return (
    <Modal
      title={ball === null ? 'New ball' : ballName(ball)}
      open={form !== null}
      onClose={closeForm}
    >
      <BallFields
        key={ball?.id ?? 'new'}
        lesson={lesson}
        ball={ball}
        lastClub={lastClub}
        onDone={done}
      />
    </Modal>
  );
}
