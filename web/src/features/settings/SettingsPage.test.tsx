import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { DEFAULT_RULES } from '@loxos/core';
import { show } from '../../testing/render.tsx';
import { answering } from '../../testing/server.ts';
import type { Asked } from '../../testing/server.ts';
import { SettingsPage } from './SettingsPage.tsx';

function open(): readonly Asked[] {
  show(<SettingsPage />);
  return answering({ 'PUT /api/settings': ({ body }) => body as object });
}
const type = (label: RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const save = async (): Promise<void> => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await Promise.resolve();
  });
};
const stored = (asked: readonly Asked[]) =>
  asked.find(({ method }) => method === 'PUT')?.body as typeof DEFAULT_RULES | undefined;

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
    const asked = open();
    type(/^Flies straight below/, '4');
    type(/^Path is neutral/, '1,5');
    await save();
    await waitFor(() => expect(stored(asked)).toBeDefined());
    expect(stored(asked)!.bands.bendNoneShare).toBeCloseTo(0.04, 12);
    expect(stored(asked)!.bands.pathNeutralDeg).toBe(1.5);
    expect(stored(asked)!.bands.faceSquareDeg).toBe(DEFAULT_RULES.bands.faceSquareDeg);
  });

  it('say the range of what is out of it, and store nothing', async () => {
    const asked = open();
    type(/^Face plays as square/, '200');
    type(/^Hook or slice above/, '');
    await save();
    expect(screen.getAllByText(/^Write a number from /)).toHaveLength(2);
    expect(stored(asked)).toBeUndefined();
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
