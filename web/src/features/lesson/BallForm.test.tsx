import { act, fireEvent, screen } from '@testing-library/react';
import { lessonOf } from '../../testing/lesson.ts';
import { pending, showLesson } from '../../testing/render.tsx';
import { BallForm } from './BallForm.tsx';
import { useLessonScreen } from './lesson-store.ts';

const lesson = lessonOf([{ pathDeg: -4, faceDeg: 0 }], { lengthUnit: 'yd' });

function open(ballId: string | null, of = lesson): void {
  useLessonScreen.getState().reset();
  showLesson(of, (live) => <BallForm lesson={live} />);
  act(() => useLessonScreen.getState().openForm(ballId));
}
const type = (label: RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const save = async (name: string): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    await Promise.resolve();
  });
};

describe('a ball typed in', () => {
  it('is stored in SI, with sides as signs and the club used last', async () => {
    open(null);
    expect(screen.getByLabelText('Club')).toHaveValue('7-iron');
    type(/^Start direction/, '4.2 L');
    type(/^Carry/, '100');
    type(/^Face angle/, '3 R');
    await save('Add the ball');
    const added = pending().at(-1);
    expect(added).toMatchObject({
      name: 'ball.add',
      fields: { startDirectionDeg: -4.2, faceAngleDeg: 3, club: '7-iron', seen: 'monitor' },
    });
    expect(added!.fields['carryM']).toBeCloseTo(91.44, 6);
    expect(useLessonScreen.getState().form).toBeNull();
  });

  it('was seen by eye when no figure of a monitor was typed', async () => {
    open(null);
    type(/^Start direction/, '3 R');
    await save('Add the ball');
    expect(pending().at(-1)).toMatchObject({ name: 'ball.add', fields: { seen: 'eye' } });
  });

  it('bears a note, and of a tap that left its size open no more than was typed', async () => {
    const [first] = lesson.balls;
    const tap = { seen: 'eye', openAmount: 'both', startDirectionDeg: -5.5, note: '' } as const;
    open(first!.id, { ...lesson, balls: [{ ...first!, ...tap }] });
    type(/^Start direction/, '2 L');
    type(/^Note/, ' grip moved ');
    await save('Save');
    expect(pending()).toMatchObject([
      { fields: { startDirectionDeg: -2, note: 'grip moved', openAmount: 'bend' } },
    ]);
  });

  it('says beside the field what it cannot read, and stores nothing', async () => {
    open(null);
    type(/^Carry/, 'far');
    await save('Add the ball');
    expect(screen.getByRole('alert')).toHaveTextContent(/far/);
    expect(screen.getByLabelText(/^Carry/)).toHaveAttribute('aria-invalid', 'true');
    expect(pending()).toEqual([]);
  });

  it('asks for one figure at least', async () => {
    open(null);
    await save('Add the ball');
    expect(screen.getByText('Write at least one figure.')).toBeInTheDocument();
    expect(pending()).toEqual([]);
  });

  it('sends only what was changed of a ball that is there', async () => {
    open('ball-1');
    expect(screen.getByRole('dialog', { name: 'Ball 1' })).toBeInTheDocument();
    type(/^Club path/, '2 L');
    await save('Save');
    const change = pending().at(-1)!;
    expect(change).toMatchObject({ name: 'ball.set', id: 'ball-1' });
    expect(change.fields).toMatchObject({ clubPathDeg: -2 });
    expect(change.fields).not.toHaveProperty('faceAngleDeg');
    expect(change.fields).not.toHaveProperty('carryM');
  });

  it('clears a figure that was emptied', async () => {
    open('ball-2');
    type(/^Spin rate/, '');
    await save('Save');
    expect(pending().at(-1)).toMatchObject({ name: 'ball.set', fields: { spinRateRpm: null } });
  });
});
