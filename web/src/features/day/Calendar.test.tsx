import { fireEvent, screen, waitFor } from '@testing-library/react';
import { setHours, startOfDay } from 'date-fns';
import type { LessonSummary } from '../../api/client.ts';
import { playerWith } from '../../testing/player.ts';
import { pending, show } from '../../testing/render.tsx';
import { moveLesson } from '../../sync/actions.ts';
import { useUndo } from '../../app/undo.ts';
// Fetched when it is looked at: here it is there at once, however slow the machine.
import './Calendar.tsx';
import { DayPage } from './DayPage.tsx';

const today = setHours(startOfDay(new Date()), 9);
const lesson = (name: string, startsAt: string): LessonSummary => ({
  id: `lesson of ${name}`,
  startsAt,
  asked: '',
  ballCount: 0,
  player: playerWith({ id: name, name }),
  version: 1,
});
const known = {
  players: [playerWith({ id: 'Ada', name: 'Ada' })],
  summaries: [lesson('Ada', today.toISOString())],
};

describe('the calendar', () => {
  it.each(['week', 'month'])(
    'shows the lessons of a %s, and the way to the others',
    async (look) => {
      show(<DayPage />, known, `/?look=${look}`);
      expect(await screen.findByText('Ada')).toBeInTheDocument();
      const heading = screen.getByRole('heading', { level: 1 }).textContent;
      fireEvent.click(screen.getByRole('button', { name: `Next ${look}` }));
      expect(screen.getByRole('heading', { level: 1 }).textContent).not.toBe(heading);
      await waitFor(() => expect(screen.queryByText('Ada')).toBeNull());
      fireEvent.click(screen.getByRole('button', { name: 'Today' }));
      expect(await screen.findByText('Ada')).toBeInTheDocument();
    },
  );

  it('is left for the day again, which is what the address says without a look', async () => {
    show(<DayPage />, known, '/?look=month');
    await screen.findByText('Ada');
    fireEvent.click(screen.getByRole('radio', { name: 'Day' }));
    expect(await screen.findByRole('list', { name: 'Lessons' })).toBeInTheDocument();
    expect(screen.getByRole('region', { name: 'Due a look' })).toBeInTheDocument();
  });

  it('moves a lesson with an undo that brings it back; nowhere else is no change', () => {
    const one = lesson('Ada', '2026-05-04T09:00:00.000Z');
    show(<p>nothing</p>, known);
    moveLesson(one, one.startsAt, 'where it was');
    expect(pending()).toEqual([]);
    moveLesson(one, '2026-05-06T09:00:00.000Z', 'Wednesday');
    useUndo.getState().undoLast();
    expect(pending().map(({ fields }) => fields)).toEqual([
      { startsAt: '2026-05-06T09:00:00.000Z' },
      { startsAt: '2026-05-04T09:00:00.000Z' },
    ]);
  });
});
