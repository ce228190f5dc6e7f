import { findClub, plainDelivery, headOf, simulateShot, STANDARD_BAG } from '@loxos/core';
import { useState } from 'react';
import type { CreateBall, Lesson } from '../../api/client.ts';
import { useKeys } from '../../app/shortcuts.ts';
import { SelectField } from '../../ui/Field.tsx';
import { addBall } from './ball-actions.ts';
import { partOf } from './parts.ts';

/** What the eye calls a start off line, degrees, and a bend, as a share of carry (common practice). */
const START_DEG = 4;
const BEND_SHARE = 0.08;
/** Driver speed of a player about whom nothing is known, m/s: for the usual carry of a club. */
const DRIVER_SPEED_MPS = 42;
const CLUBS = STANDARD_BAG.map((club) => [club.id, club.label] as const);

type Way = -1 | 0 | 1;
const STARTS: readonly Way[] = [-1, 0, 1];
const BENDS: readonly Way[] = [-1, 0, 1];
const SIDE = { [-1]: 'left', 0: 'straight', 1: 'right' } as const;
const BEND = { [-1]: 'bends left', 0: 'no bend', 1: 'bends right' } as const;

const usualCarryM = (clubId: string, hand: Lesson['player']['hand']): number => {
  const club = findClub(clubId)!;
  return simulateShot(plainDelivery(club, hand, DRIVER_SPEED_MPS), headOf(club)).flight.carryM;
};

/**
 * The number pad is the flight: column, where it starts; row, how it bends. For a coach without a
 * monitor; the balls are read backwards, as
 * unsure as the eye is, with the model's usual carry for the club.
 */
export function EyePad({ lesson }: { lesson: Lesson }) {
  const usual = partOf(lesson, 'setup').club ?? lesson.balls.at(-1)?.club ?? '7-iron';
  const [chosen, setChosen] = useState('');
  const club = chosen === '' ? usual : chosen;
  const add = (start: Way, bend: Way): void => {
    const carryM = usualCarryM(club, lesson.player.hand);
    addBall(lesson.id, {
      club: club as CreateBall['club'],
      startDirectionDeg: start * START_DEG,
      curveM: bend * BEND_SHARE * carryM,
      carryM,
      seen: 'eye',
    });
  };
  // Rows of the number pad from the top: 7 8 9 bend left, 4 5 6 not at all, 1 2 3 right.
  const keyOf = (start: Way, bend: Way): string =>
    String((bend < 0 ? 7 : bend === 0 ? 4 : 1) + start + 1);
  const numpad = (run: (start: Way, bend: Way) => void) =>
    Object.fromEntries(
      STARTS.flatMap((s) => BENDS.map((b) => [`numpad${keyOf(s, b)}`, () => run(s, b)])),
    );
  useKeys(numpad(add));
  return (
    <section aria-label="By eye" className="rounded-xl border border-line bg-sheet p-4">
      <div className="mb-2 flex flex-wrap items-end gap-4">
        <div className="mr-auto">
          <h2 className="text-xl">Without a monitor: tap what you saw</h2>
          <p className="text-soft">
            Did it start there, or bend there? The number pad does the same.
          </p>
        </div>
        <div className="w-44">
          <SelectField
            label="Club seen"
            options={CLUBS}
            value={club}
            onChange={(event) => setChosen(event.target.value)}
          />
        </div>
      </div>
      <div className="grid max-w-2xl grid-cols-3 gap-2">
        {BENDS.map((bend) =>
          STARTS.map((start) => (
            <button
              key={`${start} ${bend}`}
              type="button"
              onClick={() => add(start, bend)}
              className="flex min-h-20 flex-col items-center gap-1 rounded-xl border-2 border-line p-2 hover:border-ink sm:flex-row sm:gap-4 sm:px-5"
            >
              <kbd className="font-mono text-2xl text-soft">{keyOf(start, bend)}</kbd>
              <span className="sm:text-left">
                starts {SIDE[start]},<br />
                <b>{BEND[bend]}</b>
              </span>
            </button>
          )),
        )}
      </div>
    </section>
  );
}
