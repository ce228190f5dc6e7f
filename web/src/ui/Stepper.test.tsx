import { fireEvent, render, screen } from '@testing-library/react';
import { Stepper } from './Stepper.tsx';

function show(value: number | null) {
  const changed: (number | null)[] = [];
  render(
    <Stepper
      label="Feet"
      value={value}
      start={0}
      step={2}
      min={-3}
      max={3}
      show={(v) => `${v}°`}
      onChange={(v) => changed.push(v)}
    />,
  );
  return changed;
}
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('a stepper', () => {
  it('starts where it should from nothing, either way', () => {
    const changed = show(null);
    expect(screen.getByText('not looked at')).toBeInTheDocument();
    press('Feet: less');
    press('Feet: more');
    expect(changed).toEqual([0, 0]);
  });

  it('steps within its ends, and goes back to nothing', () => {
    const changed = show(2);
    press('Feet: more');
    press('Feet: less');
    press('Feet: not looked at');
    expect(changed).toEqual([3, 0, null]);
  });

  it('goes no further than its end', () => {
    show(3);
    expect(screen.getByRole('button', { name: 'Feet: more' })).toBeDisabled();
    expect(screen.getByText('3°')).toBeInTheDocument();
  });
});
