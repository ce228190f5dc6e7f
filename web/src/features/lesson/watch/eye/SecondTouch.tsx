import { EYE_AMOUNTS, PASSES_M, formatLength, openWithout, withPass } from '@loxos/core';
import { useState } from 'react';
import type { ReactNode } from 'react';
import type { Ball, Lesson } from '../../../../api/client.ts';
import { TextField } from '../../../../ui/Field.tsx';
import { readSide } from '../../figure-fields.ts';
import { Chip } from './Chip.tsx';
import { isStruck } from './use-eye.ts';
import type { Eye } from './use-eye.ts';

const STRIKES = [
  ['heel', 'Heel', 'H'],
  ['middle', 'Middle', 'M'],
  ['toe', 'Toe', 'O'],
] as const;
const CONTACTS = [
  ['fat', 'Fat', 'F'],
  ['thin', 'Thin', 'N'],
] as const;
const SIZES = [
  [1, 'a little', '–'],
  [2, 'much', '+'],
] as const;
const PASS_WORDS = ['a hand', 'two hands', 'half a club', 'a club'] as const;

function Chips({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div role="group" aria-label={name} className="flex flex-wrap items-center gap-1.5">
      <span aria-hidden className="text-soft">
        {name}
      </span>
      {children}
    </div>
  );
}

interface AddedProps {
  readonly eye: Eye;
  readonly ball: Ball;
}

/** How much it bent. */
function Bend({ eye, ball }: AddedProps) {
  const { curveM, carryM, openAmount } = ball;
  if (curveM == null || curveM === 0) return null;
  const isOpen = openAmount === 'bend' || openAmount === 'both';
  const share = Math.abs(curveM) / Math.max(1, carryM ?? 1);
  return (
    <Chips name="Bent">
      {SIZES.map(([size, words, key]) => (
        <Chip
          key={size}
          isOn={!isOpen && Math.abs(share - EYE_AMOUNTS.bendShare[size]) < 0.001}
          keyName={key}
          onClick={() => eye.amount('bend', size)}
        >
          {words}
        </Chip>
      ))}
    </Chips>
  );
}

/** How far off line it started: by the post it passed, where one is laid. */
function Start({ eye, ball, postM }: AddedProps & { postM: number | null }) {
  const { startDirectionDeg, openAmount } = ball;
  if (startDirectionDeg == null || startDirectionDeg === 0) return null;
  const isOpen = openAmount === 'start' || openAmount === 'both';
  const isAt = (deg: number | undefined): boolean =>
    !isOpen && Math.abs(Math.abs(startDirectionDeg) - Math.abs(deg ?? 0)) < 0.001;
  if (postM !== null)
    return (
      <Chips name="Passed the post by">
        {PASSES_M.map((passedM, i) => {
          const passed = withPass({ startDirectionDeg, openAmount }, passedM, postM);
          return (
            <Chip
              key={passedM}
              isOn={isAt(passed.startDirectionDeg)}
              onClick={() => eye.add(passed)}
            >
              {PASS_WORDS[i]}
            </Chip>
          );
        })}
      </Chips>
    );
  return (
    <Chips name="Off line">
      {SIZES.map(([size, words]) => (
        <Chip
          key={size}
          isOn={isAt(EYE_AMOUNTS.startDeg[size])}
          onClick={() => eye.amount('start', size)}
        >
          {words}
        </Chip>
      ))}
    </Chips>
  );
}

/** Where it finished, typed: kept when the field is left, and only where it can be read. */
function Finish({ eye, ball, lesson }: AddedProps & { lesson: Lesson }) {
  const { lengthUnit: unit } = lesson.player;
  const [typed, setTyped] = useState('');
  const [isBad, setBad] = useState(false);
  const keep = (): void => {
    if (typed.trim() === '') return setBad(false);
    const offlineM = readSide(typed, unit);
    setBad(offlineM === null);
    if (offlineM === null) return undefined;
    setTyped('');
    const openAmount = openWithout(ball.openAmount, 'bend');
    return eye.add({ offlineM, curveM: null, openAmount });
  };
  return (
    <form
      className="w-36"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        // The keys are the pad's again.
        (document.activeElement as HTMLElement | null)?.blur();
      }}
    >
      <TextField
        label="Finished"
        hint={`${unit}, L or R`}
        value={typed}
        placeholder={ball.offlineM == null ? '' : formatLength(Math.abs(ball.offlineM), unit)}
        error={isBad ? 'Write it like 12 L or 8 R.' : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
      />
    </form>
  );
}

/** What a second touch adds to the ball tapped last. */
export function SecondTouch({ eye, lesson, postM }: SecondTouchProps) {
  const { last: ball } = eye;
  if (ball === null) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
      <Bend eye={eye} ball={ball} />
      <Start eye={eye} ball={ball} postM={postM} />
      <Chips name="Struck">
        {STRIKES.map(([strike, words, key]) => (
          <Chip
            key={strike}
            isOn={isStruck(ball, strike)}
            keyName={key}
            onClick={() => eye.strike(strike)}
          >
            {words}
          </Chip>
        ))}
        {CONTACTS.map(([contact, words, key]) => (
          <Chip
            key={contact}
            isOn={ball.contact === contact}
            keyName={key}
            onClick={() => eye.contact(contact)}
          >
            {words}
          </Chip>
        ))}
      </Chips>
      <Finish key={ball.id} eye={eye} ball={ball} lesson={lesson} />
    </div>
  );
}
interface SecondTouchProps {
  readonly eye: Eye;
  readonly lesson: Lesson;
  readonly postM: number | null;
}
