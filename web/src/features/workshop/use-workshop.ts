import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { paramsOf, stateFrom } from '../../app/workshop-state.ts';
import type { WorkshopState } from '../../app/workshop-state.ts';

/** Browsers refuse an address that changes with every frame: it follows after this pause, ms. */
const ADDRESS_PAUSE_MS = 250;

/** Moves on from what is shown; the same function for ever, so that what does not change is not drawn again. */
export type MoveWorkshop = (changed: (now: WorkshopState) => WorkshopState) => void;

/**
 * Returns what the Workshop shows. The address is its home; while a hand moves, a draft runs ahead of it and
 * holds until the address has changed to something the hand did not send: an address of its own that
 * arrives late does not undo what was moved since.
 */
export function useWorkshop(): [WorkshopState, MoveWorkshop] {
  const [params, setParams] = useSearchParams();
  const address = params.toString();
  const [draft, setDraft] = useState<{ ahead: string; state: WorkshopState } | null>(null);
  const [sent, setSent] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const fromAddress = useMemo(() => stateFrom(params), [params]);
  const isAhead = draft !== null && (draft.ahead === address || sent === address);
  const state = isAhead ? draft.state : fromAddress;
  const latest = useRef({ state, address, setParams });
  useLayoutEffect(() => {
    latest.current = { state, address, setParams };
  });
  const move = useCallback<MoveWorkshop>((changed) => {
    const next = changed(latest.current.state);
    latest.current = { ...latest.current, state: next };
    setDraft({ ahead: latest.current.address, state: next });
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      const written = paramsOf(next);
      setSent(written.toString());
      void latest.current.setParams(written, { replace: true });
    }, ADDRESS_PAUSE_MS);
  }, []);
  return [state, move];
}
