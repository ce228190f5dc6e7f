import { STANDARD_BAG, clubLabel, findClub } from '@loxos/core';
import { useState } from 'react';
import type { Lesson } from '../../../../api/client.ts';
import { Modal } from '../../../../ui/Modal.tsx';
import { Chip } from './Chip.tsx';

/** Clubs most seen, where a lesson has not had four yet. */
const USUAL = ['driver', '7-iron', 'pw', '5-iron'] as const;
const SHOWN = 4;

/** Returns the last four clubs hit, the last first, and of a lesson that had fewer the most usual ones; always in the order of a bag. */
export function lastClubs(balls: Pick<Lesson, 'balls'>['balls'], chosen: string): string[] {
  const hit = balls.flatMap(({ club }) => (findClub(club) === null ? [] : [club!])).reverse();
  const all = new Set([...(chosen === '' ? [] : [chosen]), ...hit, ...USUAL]);
  const kept = new Set([...all].slice(0, SHOWN));
  return STANDARD_BAG.flatMap(({ id }) => (kept.has(id) ? [id] : []));
}

interface ClubsProps {
  readonly clubs: readonly string[];
  readonly chosen: string;
  readonly choose: (club: string) => void;
}

/** What the next balls are hit with: four chips, and the others behind one. */
export function Clubs({ clubs, chosen, choose }: ClubsProps) {
  const [isOpen, setOpen] = useState(false);
  const take = (club: string): void => {
    setOpen(false);
    choose(club);
  };
  return (
    <div
      role="group"
      aria-label="Club"
      className="flex flex-wrap items-center gap-1 text-sm sm:gap-1.5 sm:text-base"
    >
      {clubs.map((id) => (
        <Chip key={id} isOn={id === chosen} onClick={() => take(id)}>
          {clubLabel(id, null)}
        </Chip>
      ))}
      <Chip isOn={false} label="Another club" onClick={() => setOpen(true)}>
        …
      </Chip>
      <Modal title="Which club?" open={isOpen} onClose={() => setOpen(false)}>
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
          {STANDARD_BAG.map(({ id, label }) => (
            <Chip key={id} isOn={id === chosen} onClick={() => take(id)}>
              {label}
            </Chip>
          ))}
        </div>
      </Modal>
    </div>
  );
}
