import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { DRILLS } from '@loxos/core';
import type { OwnDrill } from '../../api/client.ts';
import { pending, show } from '../../testing/render.tsx';
import { useUndo } from '../../app/undo.ts';
import { useLog } from '../../sync/log.ts';
import { YardPage } from './YardPage.tsx';

const bench: OwnDrill = {
  id: 'own-bench',
  name: 'Low bench',
  movesPath: 1,
  movesFace: 0,
  how: 'Swing under the bench.',
  good: 'No touch.',
  parts: [],
};
const open = (at: string, own: readonly OwnDrill[] = []) => {
  useLog.setState({ entries: [] });
  show(<YardPage />, { own }, at);
};
const distances = (): string => screen.getByLabelText('Distances to tape out').textContent ?? '';

describe('the Yard', () => {
  it('lists every drill, and the academy’s own', () => {
    open('/yard', [bench]);
    const list = within(screen.getByRole('navigation', { name: 'Drills' }));
    expect(list.getAllByRole('listitem')).toHaveLength(DRILLS.length + 1);
    expect(list.getByRole('button', { name: /Low bench/ })).toHaveTextContent('path in-to-out');
  });

  it('lays the station out for the hand, club and unit chosen', () => {
    open('/yard?drill=far-peg&club=driver&hand=left');
    expect(
      screen.getByRole('group', { name: 'Far peg from above, for a left-hander' }),
    ).toBeInTheDocument();
    expect(distances()).toContain('24 cm');
    fireEvent.click(screen.getByLabelText('inches and feet'));
    expect(distances()).toContain('9.4″');
    fireEvent.click(screen.getByLabelText('Right'));
    expect(
      screen.getByRole('group', { name: 'Far peg from above, for a right-hander' }),
    ).toBeInTheDocument();
  });

  it('says who a drill is not for', () => {
    open('/yard?drill=far-peg');
    expect(screen.getByText(/^▲ Not for a player with: .*slice/)).toBeInTheDocument();
  });

  it('keeps to what a station may ask, whatever the address says', () => {
    open('/yard?drill=stepping-pegs&path=400&face=nonsense');
    expect(screen.getByRole('textbox', { name: /^Path asked for/ })).toHaveValue('12.0');
    // Nothing is laid by the face here: there is nothing to turn.
    expect(screen.queryByRole('textbox', { name: /^Face asked for/ })).toBeNull();
  });

  it('reads the path that a peg of the drill asks for as it was laid, and lays the rest by it', () => {
    open('/yard?drill=far-peg');
    const peg = screen.getByRole('region', { name: 'A peg you laid' });
    expect(peg).toHaveTextContent('far peg, as you laid it');
    const type = (name: RegExp, value: string): void => {
      const box = within(peg).getByRole('textbox', { name });
      fireEvent.change(box, { target: { value } });
      fireEvent.blur(box);
    };
    // It stands as the drill has it: two heads ahead, one inside.
    expect(within(peg).getByRole('textbox', { name: /^Ahead of the ball/ })).toHaveValue('16');
    type(/^Outside the line/, '-3');
    type(/^Ahead of the ball/, '24');
    // atan(3 / 24) = 7.1°: by hand.
    expect(peg).toHaveTextContent('It asks for a path 7° out-to-in.');
    fireEvent.click(within(peg).getByRole('button', { name: 'Lay the rest by it' }));
    expect(screen.getByRole('textbox', { name: /^Path asked for/ })).toHaveValue('-7.0');
    type(/^Outside the line/, '5');
    expect(peg).toHaveTextContent('Far peg is not laid for that.');
    expect(within(peg).queryByRole('button', { name: 'Lay the rest by it' })).toBeNull();
    // In the unit of the tape: 24 ÷ 2.54 = 9.4.
    fireEvent.click(screen.getByLabelText('inches and feet'));
    expect(within(peg).getByRole('textbox', { name: /^Ahead of the ball/ })).toHaveValue('9.4');
  });

  it('asks of no peg where none stands on the path: a channel, a gate, none at all', () => {
    for (const drill of ['slalom', 'two-gates', 'late-chest']) {
      open(`/yard?drill=${drill}`);
      expect(screen.queryByRole('region', { name: 'A peg you laid' })).toBeNull();
      cleanup();
    }
  });

  it('has the drawing first on a phone, and every drill folded below it', () => {
    const still = { addEventListener: () => undefined, removeEventListener: () => undefined };
    Object.assign(window, { matchMedia: () => ({ matches: true, ...still }) });
    open('/yard?drill=far-peg');
    const list = screen.getByText('Every drill');
    expect(list.closest('details')).not.toHaveAttribute('open');
    expect(screen.getByRole('group', { name: /^Far peg from above/ })).toBeInTheDocument();
    Reflect.deleteProperty(window, 'matchMedia');
  });

  it('takes away only a drill of the academy’s own', async () => {
    open('/yard?drill=own-bench', [bench]);
    fireEvent.click(screen.getByRole('button', { name: 'Take this drill away' }));
    await waitFor(() =>
      expect(pending()).toEqual([{ name: 'drill.remove', id: 'own-bench', of: '', fields: {} }]),
    );
    // Gone from the list at once.
    expect(screen.queryByRole('button', { name: /^Low bench/ })).toBeNull();
    act(() => useUndo.getState().undoLast());
    await waitFor(() => expect(pending()).toHaveLength(2));
    expect(pending()).toEqual([
      { name: 'drill.remove', id: 'own-bench', of: '', fields: {} },
      { name: 'drill.restore', id: 'own-bench', of: '', fields: bench },
    ]);
    expect(screen.getByRole('button', { name: /^Low bench/ })).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /^Rails/ }));
    expect(screen.queryByRole('button', { name: 'Take this drill away' })).toBeNull();
  });
});
