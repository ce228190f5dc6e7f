import { fireEvent, screen } from '@testing-library/react';
import { PLAIN_WANTED } from '@loxos/core';
import type { Person } from '../../api/account.ts';
import type { Player } from '../../api/client.ts';
import { show } from '../../testing/render.tsx';
import { useWhose } from '../../ui/use-is-mine.ts';
import { PlayersPage } from './PlayersPage.tsx';

describe('players', () => {
  const player = (id: string, coachId: string) =>
    ({ id, name: id, hand: 'left', aims: '', coachId, wanted: { all: PLAIN_WANTED } }) as Player;
  const players = [player('ada', 'olga'), player('bo', 'ivo'), player('cy', '')];
  const person = (id: string, role: Person['role']) => ({ id, name: id, role, mayEnter: true });
  const people = [person('olga', 'owner'), person('ivo', 'coach')];
  beforeEach(() => useWhose.setState({ whose: 'all' }));

  it('are everybody’s, or one’s own', () => {
    show(<PlayersPage />, { players, people });
    expect(screen.getAllByRole('listitem')).toHaveLength(3);
    fireEvent.click(screen.getByLabelText('Mine'));
    expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
      expect.stringMatching(/^ada/),
    ]);
  });

  it('are not divided where one coaches alone', () => {
    show(<PlayersPage />, { players, people: [people[0]!, person('bea', 'assistant')] });
    expect(screen.queryByLabelText('Mine')).toBeNull();
  });

  it('are met by a coach, not by an assistant', () => {
    show(<PlayersPage />, { players, people, role: 'assistant' });
    expect(screen.queryByRole('button', { name: /New player/ })).toBeNull();
  });
});
