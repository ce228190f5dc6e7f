import { act, fireEvent, screen } from '@testing-library/react';
import { useLocation } from 'react-router';
import { useUndo } from '../../app/undo.ts';
import { lessonOf } from '../../testing/lesson.ts';
import { pending, showLesson } from '../../testing/render.tsx';
import { LessonMenu } from './LessonMenu.tsx';

function Where() {
  return <p>at {useLocation().pathname}</p>;
}
function open(): void {
  useUndo.setState({ steps: [] });
  showLesson(lessonOf([]), (live) => (
    <>
      <LessonMenu lesson={live} />
      <Where />
    </>
  ));
}
/** Radix opens its menu by keys too. */
const choose = (name: string): void => {
  const button = screen.getByRole('button', { name: /^Change or take away/ });
  fireEvent.keyDown(button, { key: 'Enter' });
  fireEvent.click(screen.getByRole('menuitem', { name }));
};
describe('the lesson as a whole', () => {
  it('is moved to another time, and only what differs is sent', () => {
    open();
    choose('Day, time, what was asked');
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: '10:45' } });
    fireEvent.change(screen.getByLabelText('What the player asks for'), {
      target: { value: 'Lower wedges' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    const change = pending().at(-1)!;
    expect(change).toMatchObject({ name: 'lesson.set', fields: { asked: 'Lower wedges' } });
    const at = new Date(change.fields['startsAt'] as string);
    expect([at.getHours(), at.getMinutes()]).toEqual([10, 45]);
  });

  it('is not moved to a time that is none', () => {
    open();
    choose('Day, time, what was asked');
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: '25:00' } });
    expect(screen.getByRole('alert')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  });

  it('is taken away, and brought back by undo', () => {
    open();
    choose('Take the lesson away');
    expect(screen.getByText('at /')).toBeInTheDocument();
    expect(pending()).toMatchObject([{ name: 'lesson.remove', id: 'lesson' }]);
    act(() => useUndo.getState().undoLast());
    expect(pending()).toMatchObject([
      { name: 'lesson.remove' },
      { name: 'lesson.restore', id: 'lesson' },
    ]);
  });

  it('leads to its player', () => {
    open();
    choose('To Ada Reed');
    expect(screen.getByText('at /players/player')).toBeInTheDocument();
  });
});
