import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Dial } from './Dial.tsx';

function Turned({ start = 0, onTurn }: { start?: number; onTurn: (value: number) => void }) {
  const [value, setValue] = useState(start);
  return (
    <Dial
      label="Face"
      value={value}
      min={-15}
      max={15}
      step={0.1}
      unit="°"
      onChange={(next) => {
        setValue(next);
        onTurn(next);
      }}
    />
  );
}
const box = () => screen.getByRole('textbox', { name: /^Face/ });

describe('a dial', () => {
  it('says what it is let go at, and each figure that is typed', () => {
    const left: number[] = [];
    const onCommit = (value: number): void => void left.push(value);
    const shared = { label: 'Face', min: -15, max: 15, step: 0.5, unit: '°' };
    render(<Dial {...shared} value={2} onChange={() => undefined} onCommit={onCommit} />);
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' });
    expect(left).toEqual([2.5]);
    fireEvent.change(box(), { target: { value: '30' } });
    fireEvent.change(box(), { target: { value: '3' } });
    fireEvent.blur(box());
    expect(left).toEqual([2.5, 3]);
  });
  it('takes what is typed, with a comma or a true minus too', () => {
    const turned: number[] = [];
    render(<Turned onTurn={(v) => turned.push(v)} />);
    fireEvent.change(box(), { target: { value: '3,5' } });
    fireEvent.change(box(), { target: { value: '−2' } });
    expect(turned).toEqual([3.5, -2]);
    fireEvent.blur(box());
    expect(box()).toHaveValue('-2.0');
  });

  it('says what is wrong and changes nothing for what it cannot take', () => {
    const turned: number[] = [];
    render(<Turned start={1} onTurn={(v) => turned.push(v)} />);
    for (const text of ['99', 'wide', '', '-']) {
      fireEvent.change(box(), { target: { value: text } });
      expect(screen.getByRole('alert')).toHaveTextContent('From -15.0 to 15.0');
      expect(box()).toHaveAttribute('aria-invalid', 'true');
    }
    fireEvent.blur(box());
    expect(turned).toEqual([]);
    expect(box()).toHaveValue('1.0');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('turns by keys on its slider', () => {
    const turned: number[] = [];
    render(<Turned onTurn={(v) => turned.push(v)} />);
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' });
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'Home' });
    expect(turned).toEqual([0.1, -15]);
  });
});
