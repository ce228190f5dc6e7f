import type { BlockKind } from '../reading/ball.ts';
import { nextBlock } from './next-block.ts';
import type { SoFar } from './next-block.ts';

const block = (kind: BlockKind, doseStep: number | null = null) => ({
  kind,
  drillId: kind === 'drill' || kind === 'toned' ? 'rails' : null,
  doseStep,
});
const log = (marks: string) =>
  [...marks].map((mark) => ({ drillId: 'rails', good: mark === '+', miss: '' }));
const RAILS = { id: 'rails', dose: 'feel' } as const;
const after = (
  blocks: readonly ReturnType<typeof block>[],
  drill: SoFar['drill'] = RAILS,
  marks = '',
) => nextBlock({ blocks, repetitions: log(marks), drill });

describe('what the next balls are hit as', () => {
  it('is a baseline first, whatever is given', () => {
    expect(after([]).kind).toBe('baseline');
    expect(after([block('demonstration')]).kind).toBe('baseline');
  });

  it('is the drill at once where balls were hit before any block: they are the baseline', () => {
    const loose = { blocks: [], repetitions: [], hasLoose: true };
    expect(nextBlock({ ...loose, drill: RAILS })).toMatchObject({
      kind: 'drill',
      drillId: 'rails',
    });
    // Without a drill there is nothing to begin but a baseline.
    expect(nextBlock({ ...loose, drill: null }).kind).toBe('baseline');
  });

  it('is the drill that was given, at a ball to three rehearsals; play where none is', () => {
    const drill = { kind: 'drill', drillId: 'rails', doseStep: 1 };
    expect(after([block('baseline')])).toMatchObject(drill);
    expect(after([block('baseline')], null).kind).toBe('play');
  });

  it('begins another drill at its first balls', () => {
    expect(
      after([block('baseline'), block('drill', 2)], { id: 'overhang', dose: 'feel' }),
    ).toMatchObject({
      drillId: 'overhang',
      doseStep: 1,
    });
  });

  it('goes up the dose, tones down last, then play', () => {
    const step = (doseStep: number) => after([block('baseline'), block('drill', doseStep)]);
    expect(step(1)).toMatchObject({ kind: 'drill', doseStep: 2 });
    expect(step(2)).toMatchObject({ kind: 'toned', doseStep: 3 });
    expect(step(3)).toMatchObject({ kind: 'play', drillId: null });
  });

  it('goes a step back when the log says so', () => {
    const blocks = [block('baseline'), block('drill', 2)];
    expect(after(blocks, RAILS, '--+---+---')).toMatchObject({ doseStep: 1 });
  });
});
