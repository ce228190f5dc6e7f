import { BLANK_PARTS } from './parts.ts';
import type { SetUpPart } from './parts.ts';
import { seenLinks, withFigures, withWord } from './seen.ts';
import type { Observations } from '../causes/trace.ts';

const of = { hand: 'right', usualCm: -13 } as const;
const seen = (setup: Partial<SetUpPart> = {}, observations: Observations = {}) => ({
  setup: { ...BLANK_PARTS.setup, ...setup },
  causes: { observations },
});
// Lines that point left are open for a right-hander.
const open = { feetDeg: -6 };
const allOpen = { feetDeg: -6, hipDeg: -6, shoulderDeg: -6 };

describe('what was seen, said once', () => {
  it('puts a word beside the others, and takes it back when it is said again', () => {
    const told = withWord(seen({}, { chest: 1 }), 'lead-wrist', 1, of);
    expect(told.causes.observations).toEqual({ chest: 1, 'lead-wrist': 1 });
    expect(withWord(told, 'lead-wrist', 1, of).causes.observations).toEqual({ chest: 1 });
  });

  it('keeps a word in the place of a figure that says another', () => {
    expect(withWord(seen(open), 'feet-line', -1, of)).toEqual(seen({}, { 'feet-line': -1 }));
  });

  it('leaves a figure that says the same: it says more', () => {
    expect(withWord(seen(open), 'feet-line', 1, of)).toEqual(seen(open));
    // For a left-hander the same feet are closed.
    expect(withWord(seen(open), 'feet-line', -1, { ...of, hand: 'left' })).toEqual(seen(open));
  });

  it('knows where the whole body aims by its lines or by a word', () => {
    expect(seenLinks(seen(allOpen), of).aim).toBe(-1);
    expect(withWord(seen(allOpen), 'aim', -1, of)).toEqual(seen(allOpen));
    expect(withWord(seen(allOpen), 'aim', 0, of)).toEqual(seen({}, { aim: 0 }));
    // One line says nothing of the whole body; two that agree do.
    const said = seen({}, { aim: 0 });
    expect(withFigures(said, open).causes.observations).toEqual({ aim: 0 });
    expect(withFigures(said, allOpen).causes.observations).toEqual({});
  });

  it('keeps the distance where it has always stood, whichever screen says it', () => {
    expect(withWord(seen(), 'distance', 1, of)).toEqual(seen({ distance: 1 }));
    expect(withWord(seen({ distance: 1 }), 'distance', 1, of)).toEqual(seen());
    expect(withWord(seen({ distance: 1 }), 'distance', -1, of)).toEqual(seen({ distance: -1 }));
  });

  it('lets a figure, or none, take the place of the word, and leaves the other words', () => {
    const told = seen({}, { 'feet-line': 1, chest: 1 });
    expect(withFigures(told, { feetDeg: 4 })).toEqual(seen({ feetDeg: 4 }, { chest: 1 }));
    expect(withFigures(told, { feetDeg: null })).toEqual(seen({}, { chest: 1 }));
    expect(withFigures(told, { target: 'the flag' })).toEqual(
      seen({ target: 'the flag' }, { 'feet-line': 1, chest: 1 }),
    );
  });

  it('reads the figure where two devices said both', () => {
    expect(seenLinks(seen(open, { 'feet-line': -1, chest: 1 }), of)).toEqual({
      'feet-line': 1,
      chest: 1,
    });
  });
});
