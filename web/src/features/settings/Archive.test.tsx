import { fireEvent, screen } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { Archive } from './Archive.tsx';

function open(answer: object) {
  const asked = answering({ 'POST /api/archive': answer });
  show(<Archive />, { isAnswered: true });
  const file = new File(['zip'], 'academy.loxos.zip', { type: 'application/zip' });
  fireEvent.change(screen.getByLabelText('Archive to bring in'), { target: { files: [file] } });
  return asked;
}

describe('the archive', () => {
  it('is taken out by a link', () => {
    show(<Archive />);
    expect(screen.getByRole('link', { name: 'Take the academy out' })).toHaveAttribute(
      'href',
      '/api/archive',
    );
  });

  it('says what came with it', async () => {
    const asked = open({ status: 201, academy: 'Dune Golf', players: 1, lessons: 2, balls: 30 });
    expect(
      await screen.findByText('From Dune Golf: 1 player, 2 lessons and 30 balls brought in.'),
    ).toBeInTheDocument();
    expect(asked[0]).toMatchObject({ path: '/api/archive', body: { file: 'zip' } });
  });

  it('says why a file was not taken', async () => {
    const message = 'Line 3 of the archive cannot be read. Nothing was brought in.';
    open({ status: 400, message });
    expect(await screen.findByText(message)).toBeInTheDocument();
  });
});
