import { screen } from '@testing-library/react';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import { GoneNews } from './GoneNews.tsx';

const gone = (name: string) => ({ id: name, name, lastOn: '2024-03-02', isTakenAway: false });

it('names one and counts the rest, a tap from erasing or keeping them', async () => {
  const all = ['Lena Rood', 'Otto Berg', 'Kai Lund'].map(gone);
  answering({ 'GET /api/kept/gone': all });
  show(<GoneNews />, { isAnswered: true });
  const text = 'Long gone: Lena Rood, last here Sat 2 Mar 2024, and 2 more.';
  expect(await screen.findByText(text)).toBeVisible();
  expect(screen.getByRole('link', { name: 'Erase or keep' })).toHaveAttribute('href', '/kept');
});

it('asks nothing for a coach', () => {
  const asked = answering({});
  show(<GoneNews />, { isAnswered: true, role: 'coach' });
  expect(asked.filter(({ path }) => path.startsWith('/api/kept'))).toEqual([]);
});
