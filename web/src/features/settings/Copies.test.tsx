import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import type { Asked } from '../../testing/server.ts';
import { Copies } from './Copies.tsx';

jest.mock('../../sync/kept-cache.ts', () => ({
  keptCache: { persister: { removeClient: () => Promise.resolve() } },
}));

const NAME = 'loxos-2026-05-04T09-08-07-006Z-daily.db';
const copy = {
  name: NAME,
  at: '2026-05-04T09:08:07.006Z',
  reason: 'daily',
  sizeBytes: 2_500_000,
  isSealed: false,
};
const STATE = { isSealed: false, triedAt: null, trouble: null };

async function open(more: Record<string, object> = {}): Promise<readonly Asked[]> {
  const asked = answering({
    'GET /api/backups': [copy],
    'GET /api/backups/state': STATE,
    ...more,
  });
  show(<Copies />, { isAnswered: true });
  await screen.findByText('made by itself, 2.4 MB');
  return asked;
}
const posts = (asked: readonly Asked[]) =>
  asked.filter(({ method }) => method === 'POST').map(({ path }) => path);
const putBack = () => {
  fireEvent.click(screen.getByRole('button', { name: /^Put back the copy of Monday 4 May/ }));
  return within(screen.getByRole('alertdialog'));
};

describe('copies', () => {
  it('say when, why and how large, and can be had', async () => {
    await open();
    expect(screen.getByRole('link', { name: /^Download the copy/ })).toHaveAttribute(
      'href',
      `/api/backups/${NAME}`,
    );
  });

  it('are saved when asked for', async () => {
    const asked = await open({ 'POST /api/backups': copy });
    fireEvent.click(screen.getByRole('button', { name: 'Save a copy' }));
    await waitFor(() => expect(posts(asked)).toEqual(['/api/backups']));
  });

  it('are put back only once the coach has said so', async () => {
    const asked = await open({ [`POST /api/backups/${NAME}/restore`]: {} });
    fireEvent.click(putBack().getByRole('button', { name: 'Leave it as it is' }));
    expect(posts(asked)).toEqual([]);
    fireEvent.click(putBack().getByRole('button', { name: 'Put it back' }));
    await waitFor(() => expect(posts(asked)).toEqual([`/api/backups/${NAME}/restore`]));
  });

  it('that are sealed with another passphrase ask for it', async () => {
    const reason = 'passphrase: this copy is sealed with another: write the one it was sealed with';
    const fields = [{ field: 'passphrase', reason }];
    const path = `/api/backups/${NAME}/restore`;
    const asked = await open({ [`POST ${path}`]: { status: 400, message: reason, fields } });
    fireEvent.click(putBack().getByRole('button', { name: 'Put it back' }));
    const label = 'The passphrase it was sealed with';
    fireEvent.change(await screen.findByLabelText(label), { target: { value: 'five words' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put it back' }));
    await waitFor(() =>
      expect(asked.at(-1)).toMatchObject({ path, body: { passphrase: 'five words' } }),
    );
  });

  it('are sealed with a passphrase long enough, and no more where that is asked for', async () => {
    const asked = await open({ 'POST /api/backups/seal': { status: 204 } });
    const write = (value: string): void =>
      void fireEvent.change(screen.getByLabelText(/^Passphrase/), { target: { value } });
    write('too short');
    fireEvent.click(screen.getByRole('button', { name: 'Seal the copies' }));
    expect(await screen.findByText(/^At least 16 characters/)).toBeInTheDocument();
    write('five grey herons on a wall');
    fireEvent.click(screen.getByRole('button', { name: 'Seal the copies' }));
    await waitFor(() => expect(posts(asked)).toEqual(['/api/backups/seal']));
  });

  it('say how the last one that was tried out did', async () => {
    const triedAt = '2026-05-04T09:08:07.006Z';
    const trouble = 'The copy is damaged; choose another.';
    const asked = await open({
      'GET /api/backups/state': { isSealed: true, triedAt, trouble },
      'POST /api/backups/tried': { status: 201, isSealed: true, triedAt, trouble: null },
    });
    expect(
      await screen.findByText(/could not be put back: The copy is damaged/),
    ).toBeInTheDocument();
    expect(screen.getByText(/Copies are sealed with your passphrase/)).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Try the newest out' }));
    await waitFor(() => expect(posts(asked)).toEqual(['/api/backups/tried']));
  });

  it('that are none are said to be none', async () => {
    const message = 'This file is no copy of Loxos. Nothing was changed.';
    await open({ 'POST /api/backups/restore': { status: 400, message } });
    const file = new File(['x'], 'holiday.db');
    fireEvent.change(screen.getByLabelText('Copy to put back'), { target: { files: [file] } });
    const dialog = within(screen.getByRole('alertdialog'));
    expect(dialog.getByText('Put back “holiday.db”?')).toBeInTheDocument();
    fireEvent.click(dialog.getByRole('button', { name: 'Put it back' }));
    expect(await screen.findByText(message)).toBeInTheDocument();
  });
});
