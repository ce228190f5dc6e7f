import { clubKeyOf } from '@loxos/core';
import type { GroupReading } from '@loxos/core';
import { create } from 'zustand';
import type { LessonReading } from '../../workers/reading.worker.ts';

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

/** The group of the club shown, or the one with the most balls. */
export function groupOf(
  reading: LessonReading | null,
  club: string | null,
): GroupReading | undefined {
  const groups = reading?.reading.groups ?? [];
  const views = reading?.reading.views ?? [];
  const keyOf = (group: GroupReading): string | undefined => {
    const first = views.find(({ id }) => id === group.ballIds[0]);
    return first === undefined ? undefined : clubKeyOf(first.ball);
  };
  const shown = groups.find((group) => keyOf(group) === club);
  return shown ?? [...groups].sort((a, b) => b.ballIds.length - a.ballIds.length)[0];
}
