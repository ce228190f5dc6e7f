import { fireEvent, screen } from '@testing-library/react';
import { useLog } from '../../sync/log.ts';
import { bayWith } from '../../testing/bay.ts';
import { pending, show } from '../../testing/render.tsx';
import type { Known } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { Bays } from './Bays.tsx';

const open = (known: Known) => show(<Bays />, { ...known, isAnswered: true });
beforeEach(() => {
  useLog.setState({ entries: [] });
  answering({});
});

it('makes a bay, names it, and takes it away', () => {
  open({ bays: [bayWith()] });
  fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'By the window' } });
  fireEvent.click(screen.getByRole('button', { name: 'Rename' }));
  fireEvent.click(screen.getByRole('button', { name: 'A new bay' }));
  expect(pending()).toMatchObject([
    { name: 'bay.set', id: 'bay', fields: { name: 'By the window' } },
    { name: 'bay.add', fields: { name: 'Bay 2' } },
  ]);
  fireEvent.click(screen.getAllByRole('button', { name: 'Take it away' })[0]!);
  expect(pending().at(-1)).toMatchObject({ name: 'bay.remove', id: 'bay' });
  expect(screen.getAllByLabelText('Called')).toHaveLength(1);
});

it('tells a token once, with its address, as text and as a code', async () => {
  answering({
    'POST /api/bays/bay/token': { status: 201, token: 'a-secret', path: '/api/live' },
    'GET /api/bays': [bayWith()],
  });
  open({ bays: [bayWith({ tokenAt: null })] });
  expect(screen.getByText(/it has no token/)).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: 'Make its token' }));
  expect(await screen.findByText('a-secret')).toBeVisible();
  expect(screen.getByText('http://localhost/api/live')).toBeVisible();
  expect(screen.getByTitle('Address and token as a code to scan')).toBeInTheDocument();
});

it('says when a token was made, and ends it', async () => {
  const asked = answering({
    'DELETE /api/bays/bay/token': { status: 204 },
    'GET /api/bays': [bayWith({ tokenAt: null })],
  });
  open({ bays: [bayWith()] });
  expect(screen.getByText(/^Its token was made /)).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: 'End it' }));
  expect(await screen.findByText(/it has no token/)).toBeVisible();
  expect(asked.map(({ method }) => method)).toContain('DELETE');
});

it('is not an assistant’s to change', () => {
  open({ bays: [bayWith()], role: 'assistant' });
  expect(screen.getByRole('button', { name: 'A new bay' })).toBeDisabled();
});
