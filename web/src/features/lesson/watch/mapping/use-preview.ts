import type { Hand, IntakeSays } from '@loxos/core';
import { wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { IntakeWorker, Preview } from '../../../../workers/intake.worker.ts';

interface Previewed {
  readonly preview: Preview | null;
  /** Why the file cannot be read here; null where it can. */
  readonly trouble: string | null;
}

/** Returns a file's own worker, open on its bytes; it ends with the screen that asked for it. */
function useOpened(bytes: ArrayBuffer) {
  const [opened, setOpened] = useState<ReturnType<typeof wrap<IntakeWorker>> | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../../../workers/intake.worker.ts', import.meta.url), {
      type: 'module',
    });
    const reader = wrap<IntakeWorker>(worker);
    let isOver = false;
    void reader.open(bytes).then((reason) => {
      if (isOver) return;
      setTrouble(reason);
      setOpened(() => reader);
    });
    return () => {
      isOver = true;
      worker.terminate();
    };
  }, [bytes]);
  return { opened, trouble };
}

/** Returns what a file would be read as by what is said of it: read anew, beside the page, with each thing that is said. */
export function usePreview(
  bytes: ArrayBuffer,
  says: IntakeSays,
  hand: Hand,
  player: string,
): Previewed {
  const { opened, trouble } = useOpened(bytes);
  const [preview, setPreview] = useState<Preview | null>(null);
  const asked = useRef(0);
  useEffect(() => {
    if (opened === null) return;
    const turn = ++asked.current;
    void opened.preview(says, hand, player).then((made) => {
      // What was asked later is newer, whichever comes first.
      if (turn === asked.current) setPreview(made);
    });
  }, [opened, says, hand, player]);
  return { preview, trouble };
}
