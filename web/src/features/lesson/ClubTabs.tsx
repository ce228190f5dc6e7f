import { clubLabel, keyOfClub } from '@loxos/core';
import type { LessonReading } from '@loxos/core';
import { useLessonScreen } from './lesson-store.ts';

const TAB =
  'inline-flex min-h-11 items-center gap-2 border-b-3 px-4 font-semibold aria-pressed:border-look border-transparent hover:border-line';

/** All balls, or one club's. */
export function ClubTabs({ reading }: { reading: LessonReading }) {
  const { club, setClub } = useLessonScreen();
  if (reading.clubs.length < 2) return null;
  const tab = (key: string | null, label: string, count: number) => (
    <button
      key={label}
      type="button"
      aria-pressed={club === key}
      onClick={() => setClub(key)}
      className={TAB}
    >
      {label} <span className="font-normal text-soft">{count}</span>
    </button>
  );
  return (
    <div role="group" aria-label="Clubs" className="mb-1 flex flex-wrap border-b border-line">
      {tab(null, 'All clubs', reading.views.length)}
      {reading.clubs.map((club) => {
        const { club: id, clubText, ballIds } = club.group;
        return tab(keyOfClub(club, reading), clubLabel(id, clubText), ballIds.length);
      })}
    </div>
  );
}
