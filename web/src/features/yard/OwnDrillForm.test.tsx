import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { pending, show } from '../../testing/render.tsx';
import { useLog } from '../../sync/log.ts';
import { OwnDrillForm } from './OwnDrillForm.tsx';

function open(): { made: string[] } {
  const made: string[] = [];
  useLog.setState({ entries: [] });
  show(<OwnDrillForm open hand="left" onClose={() => {}} onMade={(id) => made.push(id)} />);
  return { made };
}
const type = (label: RegExp | string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const keep = async (): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Keep the drill' }));
    await Promise.resolve();
  });
};

describe('a drill of one’s own', () => {
  it('is stored in metres, with what it moves', async () => {
    const { made } = open();
    type('Name', 'Low bench');
    type('How it is done', 'Swing under the bench.');
    type('A good one', 'No touch.');
    fireEvent.change(screen.getByLabelText('Path'), { target: { value: '-1' } });
    type(/^Ahead/, '−30');
    type(/^Out/, '12,5');
    await keep();
    await waitFor(() => expect(made).toEqual([expect.stringMatching(/^own-[\w-]{36}$/)]));
    expect(pending()).toEqual([
      {
        ...{ name: 'drill.add', id: made[0], of: '' },
        fields: {
          name: 'Low bench',
          how: 'Swing under the bench.',
          good: 'No touch.',
          movesPath: -1,
          movesFace: 0,
          parts: [
            { kind: 'peg', label: 'peg', alongM: -0.3, outM: 0.125, lengthM: 0, angleDeg: 0 },
          ],
        },
      },
    ]);
  });

  it('is drawn while it is typed, from the player’s side', () => {
    open();
    const drawing = () => screen.getByRole('img', { name: 'The station so far, from above' });
    expect(screen.getByText(/for a left-hander/)).toBeInTheDocument();
    expect(within(drawing()).getByText('peg')).toBeInTheDocument();
    type('Label', 'bench');
    expect(within(drawing()).getByText('bench')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Another part' }));
    expect(within(drawing()).getByText('peg')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'Take part 1 away' }));
    expect(within(drawing()).queryByText('bench')).toBeNull();
  });

  it('says what is missing, at its field, and sends nothing', async () => {
    open();
    type(/^Turned/, 'a bit');
    await keep();
    for (const words of [
      'Name the drill.',
      'Say how it is done.',
      'Say what a good one looks like.',
      'Write a number.',
    ])
      expect(screen.getByText(words)).toBeInTheDocument();
    expect(pending()).toEqual([]);
  });
});
