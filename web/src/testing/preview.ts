import { readFileBytes } from '@loxos/core';
import type { Hand, IntakeSays } from '@loxos/core';
import { useEffect, useState } from 'react';
import { previewOf } from '../workers/intake.worker.ts';
import type { Preview } from '../workers/intake.worker.ts';

/** What a file would be read as, read where it is asked for: a test has no worker. */
export function usePreview(bytes: ArrayBuffer, says: IntakeSays, hand: Hand, player: string) {
  const [state, setState] = useState<{ preview: Preview | null; trouble: string | null }>({
    preview: null,
    trouble: null,
  });
  useEffect(() => {
    void readFileBytes(new Uint8Array(bytes)).then((reading) =>
      setState(
        reading.outcome === 'refused'
          ? { preview: null, trouble: reading.reason }
          : { preview: previewOf(reading.table, says, hand, player), trouble: null },
      ),
    );
  }, [bytes, says, hand, player]);
  return state;
}
