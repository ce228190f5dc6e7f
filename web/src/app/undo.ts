import { toast } from 'sonner';
import { create } from 'zustand';

interface Step {
  readonly label: string;
  readonly undo: () => void;
}

interface UndoState {
  readonly steps: readonly Step[];
  readonly push: (step: Step) => void;
  readonly undoLast: () => void;
}

const KEPT_STEPS = 50;

export const useUndo = create<UndoState>()((set, get) => ({
  steps: [],
  push: (step) => set(({ steps }) => ({ steps: [...steps.slice(1 - KEPT_STEPS), step] })),
  undoLast: () => {
    const last = get().steps.at(-1);
    if (last === undefined) return;
    set(({ steps }) => ({ steps: steps.slice(0, -1) }));
    last.undo();
    toast(`Undone: ${last.label}`);
  },
}));

/** How something done is made known: told of, or only remembered. */
export type Tell = (label: string, undo: () => void) => void;

/** Remembers how to undo something too small to tell of; Ctrl+Z undoes it. */
export const remember = (label: string, undo: () => void): void =>
  useUndo.getState().push({ label, undo });

/** Tells of something done, with a button that undoes it; Ctrl+Z does the same. */
export function didUndoably(label: string, undo: () => void): void {
  const step: Step = { label, undo };
  useUndo.getState().push(step);
  const takeBack = (): void => {
    if (!useUndo.getState().steps.includes(step)) return;
    useUndo.setState(({ steps }) => ({ steps: steps.filter((other) => other !== step) }));
    undo();
  };
  toast(label, { action: { label: 'Undo', onClick: takeBack } });
}
