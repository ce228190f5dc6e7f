import { unitsOf } from '@loxos/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
// Fetched when it is opened: here it is there at once, however slow the machine.
import './GoalForm.tsx';
import { useLog } from '../../sync/log.ts';
import { playerWith } from '../../testing/player.ts';
import { recordWith } from '../../testing/record.ts';
import { pending, show } from '../../testing/render.tsx';
import { Goals } from './Goals.tsx';

const record = recordWith(Array.from({ length: 6 }, () => ({ path: -6, face: 0 })))!;
const goal = {
  id: 'goal-one',
  kind: 'iron',
  figure: 'faceToPathDeg',
  wanted: 0,
  window: 1,
  by: '2999-01-01',
  setOn: '2026-01-01',
} as const;
function open(said: Parameters<typeof playerWith>[0] = {}, role: 'owner' | 'assistant' = 'owner') {
  const player = playerWith(said);
  const wording = { hand: player.hand, units: unitsOf(player), dayText: (iso: string) => iso };
  show(<Goals player={player} record={record} wording={wording} />, { players: [player], role });
}
const goalsSent = () => pending().at(-1)!.fields['goals'] as object[];
const type = (label: RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

beforeEach(() => useLog.setState({ entries: [] }));

describe('goals', () => {
  it('say what is asked and how far it is, and are taken away with one tap', () => {
    open({ goals: [goal, { ...goal, id: 'of-drivers', kind: 'driver' }] });
    expect(screen.getByText(/within 1° of square by 2999-01-01/)).toBeInTheDocument();
    expect(screen.getByText(/^Now 6.*open, 5.*outside it; no clear movement/)).toBeInTheDocument();
    // Those of another kind of club are with that kind.
    const away = screen.getAllByRole('button', { name: /^Take the goal away/ });
    expect(away).toHaveLength(1);
    fireEvent.click(away[0]!);
    expect(goalsSent()).toMatchObject([{ id: 'of-drivers' }]);
  });

  it('are set from the wanted flight, in the player’s words', async () => {
    open({ hand: 'left' });
    fireEvent.click(screen.getByRole('button', { name: 'A goal' }));
    expect(await screen.findByLabelText(/^How much/)).toHaveValue('0');
    type(/^How much/, '2');
    fireEvent.click(screen.getByRole('radio', { name: 'closed' }));
    type(/^Within/, '1.5');
    fireEvent.click(screen.getByRole('button', { name: 'Set the goal' }));
    await waitFor(() => expect(pending()).toHaveLength(1));
    // A left-hander’s closed face points right.
    expect(goalsSent()).toMatchObject([
      { kind: 'iron', figure: 'faceToPathDeg', wanted: 2, window: 1.5 },
    ]);
  });

  it('take lengths in the player’s unit', async () => {
    open({ lengthUnit: 'yd' });
    fireEvent.click(screen.getByRole('button', { name: 'A goal' }));
    fireEvent.change(await screen.findByLabelText('What'), { target: { value: 'offlineM' } });
    type(/^How much, yd/, '10');
    fireEvent.click(screen.getByRole('radio', { name: 'left' }));
    type(/^Within, to each side, yd/, '5');
    fireEvent.click(screen.getByRole('button', { name: 'Set the goal' }));
    await waitFor(() => expect(pending()).toHaveLength(1));
    const [made] = goalsSent() as { wanted: number; window: number }[];
    expect(made!.wanted).toBeCloseTo(-9.144, 6);
    expect(made!.window).toBeCloseTo(4.572, 6);
  });

  it('are refused where a number is none, and say what would do', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'A goal' }));
    await screen.findByLabelText(/^How much/);
    type(/^How much/, 'some');
    type(/^Within/, '99');
    fireEvent.click(screen.getByRole('button', { name: 'Set the goal' }));
    expect(await screen.findByText('From 0 to 15 °.')).toBeInTheDocument();
    expect(screen.getByText('From 0.5 to 10 °.')).toBeInTheDocument();
    expect(pending()).toEqual([]);
  });

  it('are the coach’s: an assistant sees them', () => {
    open({ goals: [goal] }, 'assistant');
    expect(screen.getByText(/within 1° of square/)).toBeInTheDocument();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
