import { DRILLS, judgeDrills, offeredOf } from '@loxos/core';
import type { DrillWish } from '@loxos/core';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { DrillChoice } from './DrillChoice.tsx';

const wish: DrillWish = {
  move: 'path',
  pathWay: 1,
  faceWay: 0,
  outside: { path: -1, face: 0, faceToPath: 1 },
  tendencies: ['slice', 'out-to-in'],
  after: [],
  bodyNotes: 'stiff back',
  causes: [],
  credited: {},
};

function show(given: readonly string[] = []) {
  const gave: [string, boolean][] = [];
  render(
    <DrillChoice
      hand="right"
      heading="Drills for it"
      stage={{ move: 'path' }}
      offered={offeredOf(judgeDrills(DRILLS, wish))}
      all={judgeDrills(DRILLS, wish)}
      given={given}
      onGive={(id, isDespite) => gave.push([id, isDespite])}
    />,
  );
  return gave;
}
const lineOf = (name: string) =>
  screen.getAllByRole('listitem').find((li) => li.textContent.startsWith(name))!;

describe('the drills offered', () => {
  it('are given with one tap, and only once', () => {
    const gave = show(['overhang']);
    fireEvent.click(within(lineOf('Stepping pegs')).getByRole('button', { name: 'Give it' }));
    expect(gave).toEqual([['stepping-pegs', false]]);
    expect(within(lineOf('Overhang')).getByRole('button', { name: 'Given' })).toBeDisabled();
  });

  it('that load a sore part say so', () => {
    show();
    expect(lineOf('Late chest')).toHaveTextContent('Loads the back');
    expect(lineOf('Late chest')).toHaveTextContent('medical professional');
    fireEvent.click(within(lineOf('Late chest')).getByRole('button', { name: 'Give it' }));
    expect(screen.getByRole('alertdialog')).toHaveTextContent('Late chest loads what hurts');
  });

  it('that would make it worse are not given without being asked for twice', () => {
    const gave = show();
    fireEvent.click(within(lineOf('Far peg')).getByRole('button', { name: 'Give it' }));
    expect(gave).toEqual([]);
    const asked = screen.getByRole('alertdialog');
    expect(asked).toHaveTextContent('Far peg would make it worse');
    expect(asked).toHaveTextContent('Not for a player who slices');
    fireEvent.click(within(asked).getByRole('button', { name: 'Do not give it' }));
    expect(gave).toEqual([]);
    fireEvent.click(within(lineOf('Far peg')).getByRole('button', { name: 'Give it' }));
    fireEvent.click(screen.getByRole('button', { name: 'Give it all the same' }));
    expect(gave).toEqual([['far-peg', true]]);
  });

  it('say which way they move what, and whom they suit', () => {
    show();
    expect(lineOf('Stepping pegs')).toHaveTextContent('Moves the path right.');
    expect(lineOf('Overhang')).toHaveTextContent('For players who need an obstacle.');
  });

  it('are three at most before the rest', () => {
    show();
    const shown = screen.getAllByRole('list')[0]!;
    expect(within(shown).getAllByRole('listitem')).toHaveLength(3);
  });

  it('say so where no drill makes the change', () => {
    render(
      <DrillChoice
        hand="right"
        heading="Drills for it"
        stage={{ move: 'face' }}
        offered={[]}
        all={[]}
        given={[]}
        onGive={() => undefined}
      />,
    );
    expect(screen.getByText(/No drill makes this change/)).toBeInTheDocument();
  });
});
