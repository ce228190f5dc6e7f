import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { addDays, setHours, startOfDay } from 'date-fns';
import type { GivenTo, LessonSummary, Player } from '../../api/client.ts';
import { show } from '../../testing/render.tsx';
import { playerWith } from '../../testing/player.ts';
// Fetched later by the page: here it is there at once, however slow the machine.
import '../../ui/LessonForm.tsx';
import { DayPage } from './DayPage.tsx';
import { sinceWords } from './LessonCard.tsx';

const player = (name: string, hand: Player['hand'] = 'right') =>
  playerWith({ id: name, name, hand });
const given = (name: string, changes: Partial<GivenTo> = {}): GivenTo => ({
  player: player(name),
  lessonId: 'old',
  lessonAt: '2026-02-01T09:00:00.000Z',
  points: ['Aim there.'],
  nextLook: '2026-02-15',
  homeworkDone: 1,
  homeworkDue: 4,
  isHomeworkStopped: false,
  lastWord: null,
  isBooked: false,
  ...changes,
});
const lesson = (name: string, startsAt: string, ballCount = 0): LessonSummary => ({
  id: `lesson of ${name}`,
  startsAt,
  asked: 'Straighter',
  ballCount,
  player: player(name, 'left'),
  version: 1,
});

const today = setHours(startOfDay(new Date()), 9);

describe('what a lesson is about', () => {
  it('is how long since, what was worked on, and the homework done', () => {
    expect(sinceWords(given('Ada'), '2026-02-15T09:00:00.000Z')).toBe(
      'Given 14 days before: Aim there. 1 of 4 homework days done.',
    );
  });

  it('is nothing for somebody new, nor from a lesson after it', () => {
    expect(sinceWords(undefined, '2026-02-15T09:00:00.000Z')).toBe('');
    expect(sinceWords(given('Ada'), '2026-01-15T09:00:00.000Z')).toBe('');
  });
});

describe('the day', () => {
  it('lists lessons with the player’s hand; one without balls opens at Watch', async () => {
    show(<DayPage />, {
      players: [player('Ada')],
      summaries: [
        lesson('Ada', today.toISOString()),
        lesson('Ben', today.toISOString(), 12),
        // Of the week that is asked for, not of the day.
        lesson('Cas', addDays(today, 1).toISOString()),
      ],
    });
    const list = within(await screen.findByRole('list', { name: 'Lessons' }));
    expect(
      await list.findByRole('link', { name: /Ada.*left-handed.*no balls yet/ }),
    ).toHaveAttribute('href', '/lessons/lesson of Ada/watch');
    expect(list.queryByRole('link', { name: /Cas/ })).not.toBeInTheDocument();
    expect(list.getByRole('link', { name: /Ben.*12 balls/ })).toHaveAttribute(
      'href',
      '/lessons/lesson of Ben/read',
    );
  });

  it('says who is due and whose homework stopped, each with why and one tap to act', async () => {
    show(<DayPage />, {
      players: [player('Ada')],
      given: [
        given('Ada'),
        given('Ben', { nextLook: '2999-01-01', isHomeworkStopped: true }),
        given('Cas', { isBooked: true }),
      ],
    });
    const due = within(await screen.findByRole('region', { name: 'Due a look' }));
    expect(due.getAllByRole('listitem')).toHaveLength(1);
    expect(
      due.getByText(/Next look was to be Sunday 15 February; nothing is booked/),
    ).toBeVisible();
    const stopped = within(screen.getByRole('region', { name: 'Homework stopped' }));
    expect(stopped.getByText(/1 of 4 days done, the last two missed/)).toBeInTheDocument();
    fireEvent.click(due.getByRole('button', { name: 'Book Ada' }));
    await waitFor(() => expect(screen.getByLabelText('Player')).toHaveValue('Ada'));
  });

  it('starts an empty academy with a name and a hand, by one button', async () => {
    show(<DayPage />, { players: [] });
    await screen.findByText(/Start with whoever stands in front of you/);
    const buttons = screen.getAllByRole('button', { name: 'New lesson' });
    expect(buttons).toHaveLength(1);
    fireEvent.click(buttons[0]!);
    const form = within(await screen.findByRole('dialog'));
    expect(await form.findByLabelText('Name')).toBeInTheDocument();
    expect(form.queryByLabelText('Player')).toBeNull();
    fireEvent.click(form.getByRole('button', { name: 'Open the lesson' }));
    expect(await form.findByText('Write the name.')).toBeInTheDocument();
  });

  it('goes from week to week, and to a day of it', async () => {
    show(<DayPage />, { players: [player('Ada')] }, '/?day=2026-03-04');
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Wednesday 4 March');
    fireEvent.click(screen.getByRole('button', { name: 'Next week' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Wednesday 11 March');
    fireEvent.click(screen.getByRole('button', { name: /^Mon 9/ }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Monday 9 March');
    await screen.findByText(/Nobody has a lesson on this day/);
  });
});
