import { withThing } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { useEffect } from 'react';
import { create } from 'zustand';
import { queryClient } from '../api/client.ts';
import type { Ball } from '../api/client.ts';
import { keys } from '../api/keys.ts';
import { knownPiece } from '../api/pieces.ts';
import { askPieces } from './ask-anew.ts';

/** How the line on which balls are heard is. */
export type Line = 'off' | 'opening' | 'open' | 'lost';

interface Live {
  readonly line: Line;
  /** The ball heard last. */
  readonly ballId: string | null;
}
/** What is heard of the lesson that is open. */
export const useLive = create<Live>()(() => ({ line: 'off', ballId: null }));

/** A line the server has refused is tried again after so long, ms; one that broke the browser takes up by itself. */
const AGAIN_MS = 5000;

interface Heard {
  readonly ball: Ball;
  /** Whether others have moved on for it. */
  readonly isLate: boolean;
}

/** Puts a ball that was heard into the lesson as this browser knows it. */
async function hear(lessonId: string, { ball, isLate }: Heard): Promise<void> {
  const queryKey = keys.piece(lessonId, 'balls');
  if (isLate || knownPiece(lessonId, 'balls') === undefined) await askPieces(lessonId, ['balls']);
  else {
    // An answer asked for before it came must not undo it.
    await queryClient.cancelQueries({ queryKey });
    queryClient.setQueryData(queryKey, (now: readonly Fields[]) =>
      withThing('balls', now, { ...ball }),
    );
  }
  useLive.setState({ ballId: ball.id });
  void queryClient.invalidateQueries({ queryKey: keys.lessons, refetchType: 'none' });
}

/** Opens the line to a lesson; what closes it. */
function openLine(lessonId: string): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let source: EventSource | null = null;
  /** What is heard is put in one after the other. */
  let turn = Promise.resolve();
  const open = (): void => {
    const line = new EventSource(`/api/lessons/${lessonId}/live`);
    source = line;
    line.addEventListener('open', () => {
      useLive.setState({ line: 'open' });
      // What came before the line was open, or while it was not, is asked for.
      turn = turn.then(() => askPieces(lessonId, ['balls']));
    });
    line.addEventListener('ball', ({ data }: MessageEvent<string>) => {
      turn = turn.then(() => hear(lessonId, JSON.parse(data) as Heard));
    });
    line.addEventListener('error', () => {
      useLive.setState({ line: 'lost' });
      if (line.readyState === EventSource.CLOSED) timer = setTimeout(open, AGAIN_MS);
    });
  };
  useLive.setState({ line: 'opening', ballId: null });
  open();
  return () => {
    clearTimeout(timer);
    source?.close();
    useLive.setState({ line: 'off', ballId: null });
  };
}

/** Hears the balls that come into a lesson by themselves, while somebody looks at it. */
export function useHearing(lessonId: string, isOn: boolean): void {
  useEffect(() => (isOn ? openLine(lessonId) : undefined), [lessonId, isOn]);
}
