import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useLocation } from 'react-router';
import { useUndo } from '../../app/undo.ts';
import { lessonOf } from '../../testing/lesson.ts';
import { showLesson } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { LessonMenu } from './LessonMenu.tsx';

function Where() {
  return <p>at {useLocation().pathname}</p>;
}
function open() {
  useUndo.setState({ steps: [] });
  showLesson(lessonOf([]), (live) => (
    <>
      <LessonMenu lesson={live} />
      <Where />
    </>
  ));
  return answering({
    'PATCH /api/lessons/lesson': {},
    'DELETE /api/lessons/lesson': {},
    'POST /api/lessons/lesson/restore': {},
  });
}
/** Radix opens its menu by keys too. */
const choose = (name: string): void => {
  const button = screen.getByRole('button', { name: /^Change or take away/ });
  fireEvent.keyDown(button, { key: 'Enter' });
  fireEvent.click(screen.getByRole('menuitem', { name }));
};
const lines = (asked: readonly { method: string; path: string }[]) =>
  asked.map(({ method, path }) => `${method} ${path}`);

describe('the lesson as a whole', () => {
  it('is moved to another time, in the same words', async () => {
    const asked = open();
    choose('Day, time, what was asked');
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: '10:45' } });
    fireEvent.change(screen.getByLabelText('What the player asks for'), {
      target: { value: 'Lower wedges' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(lines(asked)).toContain('PATCH /api/lessons/lesson'));
    const body = asked.find(({ method }) => method === 'PATCH')!.body as Record<string, string>;
    expect(body['asked']).toBe('Lower wedges');
    const at = new Date(body['startsAt']!);
    expect([at.getHours(), at.getMinutes()]).toEqual([10, 45]);
  });

  it('is not moved to a time that is none', () => {
    open();
    choose('Day, time, what was asked');
    fireEvent.change(screen.getByLabelText('Time'), { target: { value: '25:00' } });
    expect(screen.getByRole('alert')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled();
  });

  it('is taken away, and brought back by undo', async () => {
    const asked = open();
    choose('Take the lesson away');
    await screen.findByText('at /');
    expect(lines(asked)).toContain('DELETE /api/lessons/lesson');
    act(() => useUndo.getState().undoLast());
    await waitFor(() => expect(lines(asked)).toContain('POST /api/lessons/lesson/restore'));
  });

  it('leads to its player', () => {
    open();
    choose('To Ada Reed');
    expect(screen.getByText('at /players/player')).toBeInTheDocument();
  });
});
