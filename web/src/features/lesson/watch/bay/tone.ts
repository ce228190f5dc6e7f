// What a player hears of a ball who must not look up: higher, the nearer it came to the plan, and a second note above it on plan.
import { nearnessOf } from '@loxos/core';
import { useEffect, useRef } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { LastHit } from '../../last-hit.ts';

/** Volumes are from 0 to 1; full volume is half of what the device can, since it sounds beside people. */
const LOUDEST = 0.5;
/** Two octaves above an A, Hz: far off plan, and on it. */
const LOW_HZ = 220;
const OCTAVES = 2;
const NOTE_S = 0.22;
/** A fifth above: the second note of a ball on plan. */
const ABOVE = 1.5;

interface ToneState {
  readonly isOn: boolean;
  readonly volume: number;
  readonly toggle: () => void;
  readonly setVolume: (volume: number) => void;
}

/** Whether this device sounds, and how loud: off until somebody turns it on. */
export const useTone = create<ToneState>()(
  persist(
    (set) => ({
      isOn: false,
      volume: 0.5,
      toggle: () => set(({ isOn }) => ({ isOn: !isOn })),
      setVolume: (volume) => set({ volume }),
    }),
    { name: 'loxos-tone' },
  ),
);

/** Returns the notes of a ball, Hz, in the order they sound. `nearness`: 1 on plan, towards 0 far off it. */
export function notesOf(nearness: number): number[] {
  const hz = LOW_HZ * 2 ** (OCTAVES * nearness);
  return nearness === 1 ? [hz, ABOVE * hz] : [hz];
}

let audio: AudioContext | null = null;

/** Sounds the notes of a ball. A browser lets no page sound before it was touched: then it is silent. */
export function sound(nearness: number, volume: number): void {
  audio ??= new AudioContext();
  const { currentTime: now, destination } = audio;
  void audio.resume();
  notesOf(nearness).forEach((hz, n) => {
    const [note, gain] = [audio!.createOscillator(), audio!.createGain()];
    const at = now + n * NOTE_S;
    note.frequency.value = hz;
    // Swells and fades within the note: a step would click.
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(LOUDEST * volume, at + 0.02);
    gain.gain.linearRampToValueAtTime(0, at + NOTE_S);
    note.connect(gain).connect(destination);
    note.start(at);
    note.stop(at + NOTE_S);
  });
}

/** Sounds each ball that comes while the page is open, where it is on or off plan; not those that were there before. */
export function useSounds(last: LastHit | null): void {
  const { isOn, volume } = useTone();
  const heard = useRef<string | null | undefined>(undefined);
  const id = last?.ball.id ?? null;
  useEffect(() => {
    const isFirst = heard.current === undefined;
    if (heard.current === id) return;
    heard.current = id;
    const nearness = last === null ? null : nearnessOf(last.view, last.plan);
    if (!isFirst && isOn && nearness !== null) sound(nearness, volume);
  });
}
