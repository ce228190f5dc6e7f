import { act, fireEvent, screen } from '@testing-library/react';
import { PLAIN_WANTED } from '@loxos/core';
import { Route, Routes, useLocation } from 'react-router';
import type { Player } from '../api/client.ts';
import { useLog } from '../sync/log.ts';
import type { Entry } from '../sync/entry.ts';
import { show } from '../testing/render.tsx';
import { Shell } from './Shell.tsx';
import { didUndoably } from './undo.ts';

const ada = { id: 'ada', name: 'Ada Reed', wanted: { all: PLAIN_WANTED } } as unknown as Player;

function Where() {
  return <p>at {useLocation().pathname}</p>;
}
function open(at = '/'): void {
  useLog.setState({ entries: [] });
  Object.assign(window, {
    matchMedia: () => ({ matches: false, addEventListener: () => undefined }),
  });
  show(
    <Routes>
      <Route element={<Shell />}>
        <Route path="*" element={<Where />} />
      </Route>
    </Routes>,
    { players: [ada] },
    at,
  );
}
const press = (key: string, more = {}) => fireEvent.keyDown(document.body, { key, ...more });

describe('what stands around every place', () => {
  it('names the place, the academy, and that all is stored', () => {
    open('/yard');
    expect(screen.getByRole('link', { name: 'Yard' })).toHaveAttribute('aria-current', 'page');
    expect(screen.getByRole('button', { name: 'Olga Ower, Test academy' })).toBeInTheDocument();
    expect(screen.getByText('All stored')).toBeInTheDocument();
  });

  it('counts what is not yet stored', () => {
    open();
    const entry = { id: 'e', refusal: null } as Entry;
    act(() => {
      useLog.setState({ entries: [entry, { ...entry, id: 'f' }] });
    });
    expect(screen.getByText(/2 changes not yet stored/)).toBeInTheDocument();
  });

  it('says of a change that it waits only once the browser has written it down', () => {
    open();
    act(() => {
      useLog.setState({ entries: [{ id: 'e', refusal: null } as Entry], unwritten: 1 });
    });
    expect(screen.getByText(/Keeping 1 change/)).toBeInTheDocument();
    act(() => {
      useLog.setState({ unwritten: 0 });
    });
    expect(screen.getByText(/1 change not yet stored/)).toBeInTheDocument();
  });

  it('goes anywhere by name', () => {
    open('/');
    press('/');
    const find = screen.getByPlaceholderText(/^Go to a place/);
    fireEvent.change(find, { target: { value: 'ada' } });
    fireEvent.click(screen.getByRole('option', { name: 'Player: Ada Reed' }));
    expect(screen.getByText('at /players/ada')).toBeInTheDocument();
    expect(screen.queryByPlaceholderText(/^Go to a place/)).toBeNull();
  });

  it('offers the steps of a lesson only within one', () => {
    open('/lessons/one/read');
    press('k', { ctrlKey: true });
    fireEvent.click(screen.getByRole('option', { name: 'This lesson: Prove' }));
    expect(screen.getByText('at /lessons/one/prove')).toBeInTheDocument();
  });

  it('says when nothing goes by a name', () => {
    open();
    press('/');
    fireEvent.change(screen.getByPlaceholderText(/^Go to a place/), { target: { value: 'zzz' } });
    expect(screen.getByText('Nothing by that name.')).toBeInTheDocument();
    expect(screen.queryByRole('option', { name: /This lesson/ })).toBeNull();
  });

  it('lists the keys by ?', () => {
    open();
    press('?');
    expect(screen.getByRole('dialog', { name: 'Keys' })).toHaveTextContent(
      'Begin the next block of balls',
    );
  });

  it('undoes the last thing done by Ctrl Z, once', () => {
    open();
    const undone: string[] = [];
    act(() => didUndoably('Ball added', () => undone.push('ball')));
    press('z', { ctrlKey: true });
    press('z', { ctrlKey: true });
    expect(undone).toEqual(['ball']);
  });

  it('turns the theme', () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Dark theme' }));
    expect(screen.getByRole('button', { name: 'Light theme' })).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Light theme' }));
    expect(screen.getByRole('button', { name: 'Dark theme' })).toBeInTheDocument();
  });
});
