import type { Wanted } from '@loxos/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { WantedChoice } from './WantedChoice.tsx';

function show(value: Wanted | null, none?: string) {
  const said: (Wanted | null)[] = [];
  render(
    <WantedChoice
      legend="Wanted"
      value={value}
      {...(none !== undefined && { none })}
      onChange={(wanted) => said.push(wanted)}
    />,
  );
  return said;
}

describe('the wanted flight', () => {
  it('is chosen by shape, with the usual start mark of that shape', () => {
    const said = show({ shape: 'straight', startDeg: 3, ruledOut: 'never left' });
    fireEvent.click(screen.getByLabelText('fade'));
    expect(said).toEqual([{ shape: 'fade', isSaid: true, ruledOut: 'never left' }]);
  });

  it('rules a side out', () => {
    const said = show({ shape: 'draw' });
    fireEvent.click(screen.getByLabelText('right'));
    expect(said).toEqual([{ shape: 'draw', ruledOut: 'never right' }]);
  });

  it('tells a straight flight that was asked for from one nobody spoke of', () => {
    const said = show({ shape: 'straight' });
    expect(screen.getByLabelText('not said')).toBeChecked();
    fireEvent.click(screen.getByLabelText('straight'));
    expect(said).toEqual([{ shape: 'straight', isSaid: true }]);
  });

  it('may be nobody’s own, where there is another to fall back on', () => {
    const said = show({ shape: 'draw' }, 'as the player wants');
    fireEvent.click(screen.getByLabelText('as the player wants'));
    expect(said).toEqual([null]);
    expect(show(null, 'as usual')).toEqual([]);
    expect(screen.getByLabelText('as usual')).toBeChecked();
  });
});
