import { create } from 'zustand';

interface LessonScreen {
  /** The ball in full ink, or null for the first. */
  readonly chosenId: string | null;
  /** Balls behind the figure the coach touched. */
  readonly behindIds: readonly string[];
  /** The club read, or null for all. */
  readonly club: string | null;
  /** Balls selected to be moved into another block; null while none are being selected. */
  readonly selectedIds: readonly string[] | null;
  readonly form: { readonly ballId: string | null } | null;
  readonly choose: (id: string | null) => void;
  readonly showBehind: (ids: readonly string[]) => void;
  readonly setClub: (club: string | null) => void;
  readonly select: (ids: readonly string[] | null) => void;
  readonly openForm: (ballId: string | null) => void;
  readonly closeForm: () => void;
  readonly reset: () => void;
}

const START = {
  chosenId: null,
  behindIds: [],
  club: null,
  selectedIds: null,
  form: null,
} as const;

/** What the lesson's screen shows; nothing of it is the lesson's. */
export const useLessonScreen = create<LessonScreen>()((set) => ({
  ...START,
  choose: (chosenId) => set({ chosenId, behindIds: [] }),
  showBehind: (behindIds) => set({ behindIds }),
  setClub: (club) => set({ club, chosenId: null, behindIds: [] }),
  select: (selectedIds) => set({ selectedIds }),
  openForm: (ballId) => set({ form: { ballId } }),
  closeForm: () => set({ form: null }),
  reset: () => set(START),
}));
