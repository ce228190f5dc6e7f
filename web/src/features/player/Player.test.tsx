import { fireEvent, screen, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import type { Given, LessonSummary } from '../../api/client.ts';
import { show } from '../../testing/render.tsx';
import { playerWith } from '../../testing/player.ts';
import { PlayerPage } from './PlayerPage.tsx';
import { PlayersPage } from './PlayersPage.tsx';

const ada = playerWith({
  hand: 'left',
  lengthUnit: 'yd',
  aims: 'Off the tee',
  bodyNotes: 'left wrist',
});
const lesson: LessonSummary = {
  id: 'one',
  startsAt: '2026-03-04T09:00:00.000Z',
  asked: 'Straighter',
  ballCount: 12,
  player: ada,
  version: 1,
};
const given: Given = {
  lessonId: 'one',
  lessonAt: lesson.startsAt,
  points: ['Aim there.'],
  nextLook: '2026-03-18',
  homeworkDone: 2,
  homeworkDue: 4,
  isHomeworkStopped: true,
  lastWord: null,
};
const open = (givenTo: readonly Given[], summaries: readonly LessonSummary[]) =>
  show(
    <Routes>
      <Route path="/players/:playerId" element={<PlayerPage />} />
    </Routes>,
    { players: [ada], givenTo, summaries },
    '/players/ada',
  );

describe('a player', () => {
  it('stands with hand, units, aims and what to mind', () => {
    open([], []);
    expect(screen.getByText('left-handed · yd, mph')).toBeInTheDocument();
    expect(screen.getByText('Aims: Off the tee')).toBeInTheDocument();
    expect(screen.getByText('▲ Body notes: left wrist')).toBeInTheDocument();
    expect(screen.getByText('No lessons yet.')).toBeInTheDocument();
    expect(screen.queryByRole('region', { name: 'Where it stands' })).toBeNull();
  });

  it('tells who may not read the notes what to mind, and asks them for no more', () => {
    const reduced = playerWith({ bodyNotes: 'wrist', isPersonalRead: false, coachId: 'kit' });
    show(
      <Routes>
        <Route path="/players/:playerId" element={<PlayerPage />} />
      </Routes>,
      { players: [reduced], summaries: [], role: 'coach' },
      '/players/ada',
    );
    expect(
      screen.getByText('▲ To mind: wrist.', { exact: false, selector: 'p' }),
    ).toHaveTextContent('The notes are for the player’s coach.');
    fireEvent.click(screen.getByRole('button', { name: 'Edit' }));
    expect(screen.getByLabelText('Aims')).toBeInTheDocument();
    expect(screen.queryByLabelText(/Body notes/)).toBeNull();
  });

  it('says where it stands: the last points, the homework, the next look', () => {
    open([given], [lesson]);
    const stands = screen.getByRole('region', { name: 'Where it stands' });
    expect(stands).toHaveTextContent('Aim there.');
    expect(stands).toHaveTextContent(
      '2 of 4 homework days done. The last two were missed. Next look: Wednesday 18 March.',
    );
  });

  it('says what the player works towards, a tap from how it goes', () => {
    const goal = {
      id: 'goal-one',
      kind: 'iron',
      figure: 'clubPathDeg',
      wanted: 2,
      window: 1,
      by: '2026-09-01',
      setOn: '2026-05-04',
    } as const;
    show(
      <Routes>
        <Route path="/players/:playerId" element={<PlayerPage />} />
      </Routes>,
      { players: [{ ...ada, goals: [goal] }], summaries: [] },
      '/players/ada',
    );
    // A left-hander's path to the right is from out to in.
    const link = screen.getByRole('link', {
      name: 'Irons: The way the club travels within 1° of 2° out-to-in by Tue 1 Sep 2026',
    });
    expect(link).toHaveAttribute('href', '/players/ada/record?kind=iron&figure=clubPathDeg');
  });

  it('lists lessons with what each gave', () => {
    open([given], [lesson]);
    const line = screen.getByRole('link', { name: /Wednesday 4 March/ });
    expect(line).toHaveTextContent('12 balls');
    expect(line).toHaveTextContent('“Straighter”');
    expect(line).toHaveTextContent('2 of 4 homework days done.');
  });

  it('is edited in a form that says what is missing', async () => {
    open([], []);
    fireEvent.click(screen.getByRole('button', { name: 'Edit' }));
    const form = within(screen.getByRole('dialog'));
    expect(form.getByLabelText('Name')).toHaveValue('Ada Reed');
    fireEvent.change(form.getByLabelText('Name'), { target: { value: '' } });
    fireEvent.click(form.getByRole('button', { name: 'Save' }));
    expect(await form.findByText('Write the player’s name.')).toBeInTheDocument();
  });
});

describe('the players', () => {
  it('stand in a list, each a link', () => {
    show(<PlayersPage />, { players: [ada] });
    expect(screen.getByRole('link', { name: /Ada Reed/ })).toHaveAttribute('href', '/players/ada');
  });

  it('are taught about where there are none', () => {
    show(<PlayersPage />, { players: [] });
    expect(screen.getByText(/The people you coach stand here/)).toBeInTheDocument();
  });
});
