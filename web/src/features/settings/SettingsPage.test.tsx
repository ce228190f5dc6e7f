import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { DEFAULT_RULES } from '@loxos/core';
import { useLog } from '../../sync/log.ts';
import { pending, show } from '../../testing/render.tsx';
import { SettingsPage } from './SettingsPage.tsx';

jest.mock('./Copies.tsx', () => ({ Copies: () => null }));

function open(): void {
  useLog.setState({ entries: [] });
  show(<SettingsPage />);
}
const type = (label: RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const save = async (): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await Promise.resolve();
  });
};
const changes = () => pending().map(({ fields }) => fields);

describe('Settings', () => {
  it('show the academy’s bands in the units they are typed in', () => {
    open();
    expect(screen.getByLabelText(/^Flies straight below/)).toHaveValue(
      String(100 * DEFAULT_RULES.bands.bendNoneShare),
    );
    expect(screen.getByLabelText(/^Path is neutral/)).toHaveValue(
      String(DEFAULT_RULES.bands.pathNeutralDeg),
    );
  });

  it('are stored as the core keeps them, with a decimal comma too', async () => {
    open();
    type(/^Flies straight below/, '4');
    type(/^Path is neutral/, '1,5');
    await save();
    await waitFor(() => expect(changes()).toHaveLength(1));
    const [sent] = changes();
    expect(Object.keys(sent!).sort()).toEqual(['bands.bendNoneShare', 'bands.pathNeutralDeg']);
    expect(sent!['bands.bendNoneShare']).toBeCloseTo(0.04, 12);
    expect(sent!['bands.pathNeutralDeg']).toBe(1.5);
  });

  it('say the range of what is out of it, and store nothing', async () => {
    open();
    type(/^Face plays as square/, '200');
    type(/^Hook or slice above/, '');
    await save();
    expect(screen.getAllByText(/^Write a number from /)).toHaveLength(2);
    expect(changes()).toEqual([]);
  });

  it('go back to the usual ones', () => {
    open();
    type(/^Path is neutral/, '2');
    fireEvent.click(screen.getByRole('button', { name: 'Usual settings' }));
    expect(screen.getByLabelText(/^Path is neutral/)).toHaveValue(
      String(DEFAULT_RULES.bands.pathNeutralDeg),
    );
  });
});
