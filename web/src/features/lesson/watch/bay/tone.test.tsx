import { act, fireEvent, render, screen } from '@testing-library/react';
import type { LastHit } from '../../last-hit.ts';
import { show } from '../../../../testing/render.tsx';
import { Tone } from './Tone.tsx';
import { notesOf, useSounds, useTone } from './tone.ts';

/** The notes that were sounded, Hz. */
const heard: number[] = [];

/** A sound card that writes down what it plays. */
class Card {
  readonly currentTime = 0;
  readonly destination = {};
  resume = (): Promise<void> => Promise.resolve();
  createGain = (): object => ({
    gain: { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
    connect: () => undefined,
  });
  createOscillator = (): object => {
    const note = { frequency: { value: 0 } };
    return {
      ...note,
      connect: (to: object) => to,
      start: () => heard.push(note.frequency.value),
      stop: () => undefined,
    };
  };
}
Object.assign(globalThis, { AudioContext: Card });

const SPAN = { figure: 'startDirectionDeg', span: [-1, 1], off: 0 } as const;
const hit = (id: string, startDeg: number): LastHit =>
  ({
    ball: { id },
    view: { counts: true, ball: {}, start: { value: startDeg, from: 'measured' } },
    plan: { answer: 'do', seen: [SPAN] },
  }) as unknown as LastHit;
function Heard({ last }: { last: LastHit | null }) {
  useSounds(last);
  return null;
}

beforeEach(() => {
  heard.length = 0;
  useTone.setState({ isOn: false, volume: 0.5 });
});

it('rises as a ball comes nearer, and adds a note on plan', () => {
  const [far, near, on] = [0.1, 0.7, 1].map(notesOf);
  expect(far!).toHaveLength(1);
  expect(near![0]!).toBeGreaterThan(far![0]!);
  // Two octaves above the A of 220 Hz, and a fifth on it.
  expect(on).toEqual([880, 1320]);
});

it('is off until it is turned on, by key too, and then heard at once', () => {
  show(<Tone />);
  expect(screen.queryByRole('slider')).toBeNull();
  fireEvent.keyDown(document.body, { key: 's' });
  expect(heard).toHaveLength(2);
  fireEvent.change(screen.getByRole('slider', { name: 'Volume' }), { target: { value: '0.2' } });
  expect(useTone.getState()).toMatchObject({ isOn: true, volume: 0.2 });
  fireEvent.click(screen.getByRole('button', { name: /Tone on/ }));
  expect(useTone.getState().isOn).toBe(false);
});

it('sounds each ball that comes, once, and none that was there before', () => {
  useTone.setState({ isOn: true });
  const { rerender } = render(<Heard last={hit('one', 5)} />);
  expect(heard).toEqual([]);
  rerender(<Heard last={hit('two', 5)} />);
  rerender(<Heard last={hit('two', 5)} />);
  expect(heard).toHaveLength(1);
  rerender(<Heard last={hit('three', 0)} />);
  expect(heard).toHaveLength(3);
  act(() => {
    useTone.setState({ isOn: false });
  });
  rerender(<Heard last={hit('four', 0)} />);
  expect(heard).toHaveLength(3);
});
