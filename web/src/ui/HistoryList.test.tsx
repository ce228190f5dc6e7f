import { unitsOf } from '@loxos/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { show } from '../testing/render.tsx';
import { playerWith } from '../testing/player.ts';
import { answering } from '../testing/server.ts';
import { HistoryList } from './HistoryList.tsx';

const ada = playerWith({ hand: 'left', lengthUnit: 'yd' });
const entry = (id: string, change: object) => ({
  id,
  at: '2026-05-04T09:00:00.000Z',
  who: 'Olga Ower',
  what: 'ball 1 changed',
  steps: [{ thing: 'ball', id: 'b', of: 'l', before: { carryM: 100 }, after: { carryM: 110 } }],
  canUndo: true,
  times: 1,
  ...change,
});
function open(entries: readonly object[], more: Record<string, object> = {}) {
  const asked = answering({ 'GET /api/lessons/l/history': [...entries], ...more });
  show(<HistoryList of={{ lessonId: 'l' }} units={unitsOf(ada)} />, { isAnswered: true });
  return asked;
}

describe('what was changed', () => {
  it('is said in the player’s units, by whom', async () => {
    open([entry('a', {})]);
    expect(
      await screen.findByText(/ball 1 changed: carry from 109\.4 yd to 120\.3 yd, Olga Ower$/),
    ).toBeInTheDocument();
  });

  it('says no fields where balls were moved or a thing was made, and offers no undo of what is too old', async () => {
    open([
      entry('a', {
        what: '2 balls put into play',
        steps: ['b', 'c'].map((id) => ({
          ...{ thing: 'ball', id, of: 'l' },
          ...{ before: { blockId: null }, after: { blockId: 'k' } },
        })),
      }),
      entry('b', { what: 'ball 1 added', steps: [], canUndo: false }),
    ]);
    expect(await screen.findByText(/2 balls put into play, Olga Ower$/)).toBeInTheDocument();
    expect(screen.getByText(/ball 1 added, Olga Ower$/)).toBeInTheDocument();
    expect(screen.getAllByRole('button', { name: /^Put back/ })).toHaveLength(1);
  });

  it('is put back by its own button', async () => {
    const asked = open([entry('a', {})], {
      'POST /api/changes': { answers: [{ id: 'x', problem: null, things: [] }] },
    });
    fireEvent.click(await screen.findByRole('button', { name: 'Put back: ball 1 changed' }));
    await waitFor(() =>
      expect(asked.map(({ method, path }) => `${method} ${path}`)).toContain('POST /api/changes'),
    );
  });

  it('is nothing where nothing was', () => {
    open([]);
    expect(screen.queryByText(/What was changed/)).toBeNull();
  });
});
