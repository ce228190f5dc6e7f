import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import type { Asked } from '../../testing/server.ts';
import { Copies } from './Copies.tsx';

jest.mock('../../sync/kept-cache.ts', () => ({
  keptCache: { persister: { removeClient: () => Promise.resolve() } },
}));

const NAME = 'loxos-2026-05-04T09-08-07-006Z-daily.db';
const copy = { name: NAME, at: '2026-05-04T09:08:07.006Z', reason: 'daily', sizeBytes: 2_500_000 };

async function open(more: Record<string, object> = {}): Promise<readonly Asked[]> {
  const asked = answering({ 'GET /api/backups': [copy], ...more });
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
