import { findDrill } from '@loxos/core';
import { fireEvent, render, screen } from '@testing-library/react';
import type { AddRepetition, StoredRepetition } from '../api/client.ts';
import { StationLog } from './StationLog.tsx';

const overhang = findDrill('overhang')!;
const rep = (
  id: string,
  good: boolean,
  changes: Partial<StoredRepetition> = {},
): StoredRepetition => ({
  id,
  drillId: 'overhang',
  good,
  miss: good ? '' : 'touched the rod',
  doseStep: null,
  feltDeg: null,
  measuredDeg: null,
  at: '2026-05-04T09:00:00Z',
  byPlayer: false,
  ...changes,
});

function show(repetitions: readonly StoredRepetition[], withFeel = true) {
  const added: (AddRepetition & { id: string })[] = [];
  const undone: string[] = [];
  render(
    <StationLog
      drill={overhang}
      repetitions={repetitions}
      withFeel={withFeel}
      onAdd={(id, body) => added.push({ ...body, id })}
      onUndo={(id) => undone.push(id)}
    />,
  );
  return { added, undone };
}
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('the station log', () => {
  it('logs a good one and a miss, each with an id of its own', () => {
    const { added } = show([]);
    press('Good');
    press('touched the rod');
    expect(added).toMatchObject([
      { drillId: 'overhang', good: true, miss: '' },
      { drillId: 'overhang', good: false, miss: 'touched the rod' },
    ]);
    expect(new Set(added.map(({ id }) => id)).size).toBe(2);
  });

  it('counts only its own drill, and says when to step up', () => {
    show([
      ...Array.from({ length: 9 }, (_, i) => rep(`a${i}`, true)),
      rep('b', false),
      rep('c', false, { drillId: 'slalom' }),
    ]);
    expect(screen.getByText('9 of 10 good')).toBeInTheDocument();
    expect(screen.getByText(/step up/)).toBeInTheDocument();
  });

  it('sends felt and measured with the next one, then forgets them', () => {
    const { added } = show([]);
    press('It felt: more');
    press('It felt: more');
    press('Measured: more');
    press('Good');
    press('Good');
    expect(added[0]).toMatchObject({ feltDeg: 6, measuredDeg: 2 });
    expect(added[1]).toMatchObject({ feltDeg: null, measuredDeg: null });
  });

  it('tells the last feel against what was real', () => {
    show([rep('a', true, { feltDeg: 10, measuredDeg: 3 })]);
    expect(screen.getByText('Felt 10° right, measured 3° right.')).toBeInTheDocument();
  });

  it('takes back the last one; with none there is nothing to take back', () => {
    const { undone } = show([rep('a', true), rep('b', false)]);
    press('Take it back');
    expect(undone).toEqual(['b']);
  });

  it('takes the last ball’s path as what was measured', () => {
    const added: AddRepetition[] = [];
    render(
      <StationLog
        drill={overhang}
        repetitions={[]}
        withFeel
        measured={{
          words: '4 balls measured at this station: path 3.2° R.',
          last: { of: 'path', deg: 3.2 },
        }}
        onAdd={(_id, body) => added.push(body)}
      />,
    );
    expect(screen.getByText(/4 balls measured/)).toBeInTheDocument();
    press(/last ball’s path/);
    press('Good');
    expect(added[0]).toMatchObject({ measuredDeg: 3 });
  });

  it('says in words that nothing is logged', () => {
    show([]);
    expect(screen.getByText('Nothing logged yet')).toBeInTheDocument();
    expect(screen.queryByText(/0 of 0/)).toBeNull();
  });

  it('asks a player for no feel', () => {
    const { added } = show([], false);
    expect(screen.queryByRole('group', { name: 'It felt' })).toBeNull();
    press('Good');
    expect(added[0]).not.toHaveProperty('feltDeg');
  });
});
