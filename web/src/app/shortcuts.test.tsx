import { fireEvent, render, screen } from '@testing-library/react';
import { useKeys } from './shortcuts.ts';

function Keyed({ run }: { run: Record<string, () => void> }) {
  useKeys(run);
  return (
    <>
      <input aria-label="Field" />
      <input type="radio" aria-label="Choice" />
    </>
  );
}

describe('keys', () => {
  const pressed: string[] = [];
  const map = Object.fromEntries(
    ['j', 'ctrl+z', '4', 'shift+4', 'alt+2', '?'].map((key) => [key, () => pressed.push(key)]),
  );
  beforeEach(() => {
    pressed.length = 0;
    render(<Keyed run={map} />);
  });

  it('run outside fields, with and without Control', () => {
    fireEvent.keyDown(document.body, { key: 'J' });
    fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
    fireEvent.keyDown(document.body, { key: 'z', metaKey: true });
    expect(pressed).toEqual(['j', 'ctrl+z', 'ctrl+z']);
  });

  it('are a digit wherever a keyboard has it, with Shift and with Alt', () => {
    fireEvent.keyDown(document.body, { key: '4', code: 'Numpad4' });
    fireEvent.keyDown(document.body, { key: "'", code: 'Digit4' });
    fireEvent.keyDown(document.body, { key: '$', code: 'Digit4', shiftKey: true });
    fireEvent.keyDown(document.body, { key: '™', code: 'Digit2', altKey: true });
    // A sign that stands on a digit is the sign where nothing takes the digit.
    fireEvent.keyDown(document.body, { key: '?', code: 'Digit7', shiftKey: true });
    expect(pressed).toEqual(['4', '4', 'shift+4', 'alt+2', '?']);
  });

  it('run from a choice too, which takes no letters', () => {
    fireEvent.keyDown(screen.getByLabelText('Choice'), { key: '4', code: 'Numpad4' });
    expect(pressed).toEqual(['4']);
  });

  it('leave typing, dialogs and other programs’ keys alone', () => {
    fireEvent.keyDown(screen.getByLabelText('Field'), { key: 'j' });
    fireEvent.keyDown(document.body, { key: 'j', altKey: true });
    const dialog = document.createElement('div');
    dialog.setAttribute('role', 'dialog');
    document.body.append(dialog);
    fireEvent.keyDown(document.body, { key: 'j' });
    dialog.remove();
    fireEvent.keyDown(document.body, { key: 'q' });
    expect(pressed).toEqual([]);
  });
});
