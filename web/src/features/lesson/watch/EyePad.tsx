import { ballOfTap, findClub, headOf, partOf, usualCarryM, usualPlayer } from '@loxos/core';
import type { EyeStrike, EyeWay } from '@loxos/core';
import { useState } from 'react';
import type { CreateBall, Lesson } from '../../../api/client.ts';
import { useKeys } from '../../../app/shortcuts.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField, TextField } from '../../../ui/Field.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { addBall } from '../ball-actions.ts';
import { clubOptions } from '../club-options.ts';
import { readSide } from '../figure-fields.ts';

const CLUBS = clubOptions('Choose the club');

type Way = -1 | 0 | 1;
type Amount = '' | '1' | '2';
const STARTS: readonly Way[] = [-1, 0, 1];
const BENDS: readonly Way[] = [-1, 0, 1];
const SIDE = { [-1]: 'left', 0: 'straight', 1: 'right' } as const;
const BEND = { [-1]: 'bends left', 0: 'no bend', 1: 'bends right' } as const;
const AMOUNTS = [
  ['1', 'a little'],
  ['2', 'much'],
] as const;
const STRIKES = [
  ['', 'not seen'],
  ['heel', 'heel'],
  ['middle', 'middle'],
  ['toe', 'toe'],
] as const;

/** What is told beside the tap. How much is kept until it is said otherwise; strike and finish are one ball's. */
interface Told {
  readonly start: Amount;
  readonly bend: Amount;
  readonly strike: EyeStrike | '';
  readonly finish: string;
}
const NOTHING_TOLD: Told = { start: '', bend: '', strike: '', finish: '' };
/** Nobody said how much: a little. */
const amountOf = (amount: Amount): number => Number(amount || '1');

/** The clubs most seen, one tap away. */
const QUICK = [
  ['driver', 'Driver'],
  ['7-iron', '7 iron'],
  ['pw', 'Wedge'],
] as const;

/** Rows of the number pad from the top: 7 8 9 bend left, 4 5 6 not at all, 1 2 3 right. */
const keyOf = (start: Way, bend: Way): string =>
  String((bend < 0 ? 7 : bend === 0 ? 4 : 1) + start + 1);

function useTap(lesson: Lesson, club: string, told: Told, hasPost: boolean, onDone: () => void) {
  const { lengthUnit: unit, playerKind, driverSpeedMps } = lesson.player;
  const finishM = told.finish.trim() === '' ? undefined : readSide(told.finish, unit);
  const found = findClub(club);
  const isReady = found !== null && finishM !== null;
  const tap = (start: Way, bend: Way): void => {
    if (found === null || finishM === null) return;
    const player = usualPlayer(playerKind ?? undefined, driverSpeedMps);
    const carryM = usualCarryM(found, headOf(found), player);
    const ball = ballOfTap(
      {
        start: (start * amountOf(told.start)) as EyeWay,
        bend: (bend * amountOf(told.bend)) as EyeWay,
        ...(finishM !== undefined && { finishM }),
        ...(told.strike !== '' && { strike: told.strike }),
      },
      carryM,
    );
    addBall(lesson.id, {
      ...ball,
      club: found.id as CreateBall['club'],
      seen: hasPost ? 'post' : 'eye',
    });
    onDone();
  };
  return { tap, isReady, isFinishBad: finishM === null };
}

interface TellingProps {
  readonly told: Told;
  readonly tell: (changes: Partial<Told>) => void;
  readonly hasPost: boolean;
  readonly setPost: (hasPost: boolean) => void;
  readonly unit: string;
  readonly isFinishBad: boolean;
}

/** What else was seen of the next ball: how much, where struck, where it finished. */
function Telling({ told, tell, hasPost, setPost, unit, isFinishBad }: TellingProps) {
  return (
    <div className="mb-3 flex flex-wrap items-end gap-4">
      <Segments
        legend="Off line by"
        value={told.start}
        options={AMOUNTS}
        onChange={(start) => tell({ start })}
      />
      <Segments
        legend="Bends by"
        value={told.bend}
        options={AMOUNTS}
        onChange={(bend) => tell({ bend })}
      />
      <Segments
        legend="Struck"
        value={told.strike}
        options={STRIKES}
        onChange={(strike) => tell({ strike })}
      />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-6"
          checked={hasPost}
          onChange={(event) => setPost(event.target.checked)}
        />
        Start post laid
      </label>
      <div className="w-40">
        <TextField
          label="Finished"
          hint={`${unit}, L or R`}
          value={told.finish}
          error={isFinishBad ? 'Write it like 12 L or 8 R.' : undefined}
          onChange={(event) => tell({ finish: event.target.value })}
        />
      </div>
    </div>
  );
}

/** Nine ways a ball flies, each a tap. */
function Pad({ isReady, tap }: { isReady: boolean; tap: (start: Way, bend: Way) => void }) {
  return (
    <div className="grid max-w-2xl grid-cols-3 gap-2">
      {BENDS.map((bend) =>
        STARTS.map((start) => (
          <button
            key={`${start} ${bend}`}
            type="button"
            disabled={!isReady}
            onClick={() => tap(start, bend)}
            className="flex min-h-20 flex-col items-center gap-1 rounded-xl border-2 border-line p-2 hover:border-ink disabled:opacity-50 sm:flex-row sm:gap-4 sm:px-5"
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
  );
}

/** The number pad of the keyboard is the pad. */
function usePadKeys(isReady: boolean, tap: (start: Way, bend: Way) => void): void {
  // Digits are taps here, before they are steps; until a club is chosen they are steps.
  const keys = STARTS.flatMap((s) =>
    BENDS.flatMap((b) =>
      [keyOf(s, b), `numpad${keyOf(s, b)}`].map((key) => [key, () => tap(s, b)] as const),
    ),
  );
  useKeys(isReady ? Object.fromEntries(keys) : {}, true);
}

/**
 * The number pad is the flight: column, where it starts; row, how it bends. For a coach without a
 * monitor; the balls are read backwards, as unsure as the eye is, with the model's usual carry for the club.
 */
export function EyePad({ lesson }: { lesson: Lesson }) {
  const usual = partOf(lesson, 'setup').club ?? lesson.balls.at(-1)?.club ?? '';
  const [chosen, setChosen] = useState('');
  const [told, setTold] = useState(NOTHING_TOLD);
  const last = lesson.balls.at(-1);
  const [hasPost, setPost] = useState(last?.seen === 'post');
  const club = chosen === '' ? usual : chosen;
  const tell = (changes: Partial<Told>): void => setTold({ ...told, ...changes });
  const { tap, isReady, isFinishBad } = useTap(lesson, club, told, hasPost, () =>
    tell({ strike: '', finish: '' }),
  );
  usePadKeys(isReady, tap);
  return (
    <section aria-label="By eye" className="panel p-4">
      <div className="mb-2 flex flex-wrap items-end gap-4">
        <div className="mr-auto">
          <h2 className="text-xl">Without a monitor: tap what you saw</h2>
          <p className="text-soft">
            Column, where it starts; row, how it bends. The digits do the same.
          </p>
        </div>
        <div className="w-44">
          <SelectField
            label="Club seen"
            options={CLUBS}
            value={club}
            onChange={(event) => {
              setChosen(event.target.value);
              // The keys are the pad's again.
              event.target.blur();
            }}
          />
        </div>
      </div>
      <Telling
        told={told}
        tell={tell}
        hasPost={hasPost}
        setPost={setPost}
        unit={lesson.player.lengthUnit}
        isFinishBad={isFinishBad}
      />
      {club === '' && (
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <p className="text-look">▲ Choose the club first: it is half of what a bend means.</p>
          {QUICK.map(([id, label]) => (
            <Button key={id} onClick={() => setChosen(id)}>
              {label}
            </Button>
          ))}
        </div>
      )}
      <Pad isReady={isReady} tap={tap} />
    </section>
  );
}
