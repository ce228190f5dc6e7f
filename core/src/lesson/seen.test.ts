import { BLANK_PARTS } from './parts.ts';
import type { SetUpPart } from './parts.ts';
import { withFigures, withWord } from './seen.ts';
import type { Observations } from '../causes/trace.ts';

const on = { hand: 'right', usualCm: -13 } as const;
const seen = (setup: Partial<SetUpPart> = {}, observations: Observations = {}) => ({
  setup: { ...BLANK_PARTS.setup, ...setup },
  causes: { observations },
});
// Feet that point left are open for a right-hander.
const open = { feetDeg: -6 };

describe('what was seen, said once', () => {
  it('puts a word beside the others, and takes it back when it is said again', () => {
    const told = withWord(seen({}, { chest: 1 }), 'lead-wrist', 1, on);
    expect(told.causes.observations).toEqual({ chest: 1, 'lead-wrist': 1 });
    expect(withWord(told, 'lead-wrist', 1, on).causes.observations).toEqual({ chest: 1 });
  });

  it('keeps a word in the place of a figure that says another', () => {
    const told = withWord(seen(open), 'feet-line', -1, on);
    expect(told).toEqual(seen({}, { 'feet-line': -1 }));
    // For a left-hander the same feet are closed: the word takes the figure back.
    expect(withWord(seen(open), 'feet-line', -1, { ...on, hand: 'left' })).toEqual(seen());
  });

  it('takes the figure back with the word it stands for', () => {
    expect(withWord(seen(open), 'feet-line', 1, on)).toEqual(seen());
  });

  it('keeps the distance where it has always stood, whichever screen says it', () => {
    expect(withWord(seen(), 'distance', 1, on)).toEqual(seen({ distance: 1 }));
    expect(withWord(seen({ distance: 1 }), 'distance', 1, on)).toEqual(seen());
    expect(withWord(seen({ distance: 1 }), 'distance', -1, on)).toEqual(seen({ distance: -1 }));
  });

  it('lets a figure, or none, take the place of the word, and leaves the other words', () => {
    const told = seen({}, { 'feet-line': 1, chest: 1 });
    expect(withFigures(told, { feetDeg: 4 })).toEqual(seen({ feetDeg: 4 }, { chest: 1 }));
    expect(withFigures(told, { feetDeg: null })).toEqual(seen({}, { chest: 1 }));
    expect(withFigures(told, { target: 'the flag' })).toEqual(
      seen({ target: 'the flag' }, { 'feet-line': 1, chest: 1 }),
    );
  });
});
