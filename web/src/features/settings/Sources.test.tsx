import type { Step } from '@loxos/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { Sources } from './Sources.tsx';

const SOURCE = {
  id: 's',
  name: 'Studio two',
  updatedAt: '2026-05-04T09:00:00.000Z',
  answers: {
    signs: 'hand-club',
    columns: [{ header: 'Carry', meaning: 'carryM', unit: 'yd' }],
  },
};

async function open(source: object = SOURCE) {
  const asked = answering({
    'GET /api/file-sources': [source],
    'POST /api/changes': { answers: [{ id: 'x', problem: null, things: [] }] },
  });
  show(<Sources />, { isAnswered: true });
  await screen.findByRole('button', { name: 'Forget it' });
  return () =>
    asked
      .filter(({ method }) => method === 'POST')
      .flatMap(({ body }) => (body as { changes: { steps: Step[] }[] }).changes)
      .map(({ steps: [step] }) => [step!.verb, step!.fields]);
}

describe('the sources of launch files', () => {
  it('are shown by name with what was said of them', async () => {
    await open();
    expect(screen.getByText('Studio two')).toBeInTheDocument();
    expect(screen.getByText(/left-hander face and path turn/)).toBeInTheDocument();
    expect(screen.getByLabelText('Unit of “Carry”')).toHaveValue('yd');
  });

  it('without a name go by their columns', async () => {
    await open({ ...SOURCE, name: '' });
    expect(screen.getByText('Files with Carry')).toBeInTheDocument();
  });

  it('are renamed, changed and forgotten', async () => {
    const sent = await open();
    fireEvent.change(screen.getByLabelText('Called'), { target: { value: 'Bay 3' } });
    fireEvent.click(screen.getByRole('button', { name: 'Rename' }));
    fireEvent.change(screen.getByLabelText('Unit of “Carry”'), { target: { value: 'm' } });
    fireEvent.click(screen.getByRole('button', { name: 'Forget it' }));
    await waitFor(() => expect(sent()).toHaveLength(3));
    expect(sent()).toEqual([
      ['set', { name: 'Bay 3' }],
      [
        'set',
        {
          answers: {
            signs: 'hand-club',
            columns: [{ header: 'Carry', meaning: 'carryM', unit: 'm' }],
          },
        },
      ],
      ['remove', {}],
    ]);
  });

  it('says so where nothing was ever open', async () => {
    answering({ 'GET /api/file-sources': [] });
    show(<Sources />, { isAnswered: true });
    expect(await screen.findByText('No file has left anything open so far.')).toBeInTheDocument();
  });
});
