import { PASSES_M, formatLength, isStartOpen, openAfter, sizeOfTap, withPass } from '@loxos/core';
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
const PASSES = Object.keys(PASSES_M) as (keyof typeof PASSES_M)[];

const isOff = (value: number | null | undefined): boolean => value != null && value !== 0;

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

/** How far off line it started, or how much it bent: a little or much. */
function Sizes({ eye, ball, of }: AddedProps & { of: 'start' | 'bend' }) {
  const told = sizeOfTap(ball, of);
  return (
    <Chips name={of === 'start' ? 'Off line' : 'Bent'}>
      {SIZES.map(([size, words, key]) => (
        <Chip
          key={size}
          isOn={told === size}
          {...(of === 'bend' && { keyName: key })}
          onClick={() => eye.amount(of, size)}
        >
          {words}
        </Chip>
      ))}
    </Chips>
  );
}

/** By how much it passed the post that is laid. */
function Passes({ eye, ball, postM }: AddedProps & { postM: number }) {
  return (
    <Chips name="Passed the post by">
      {PASSES.map((words) => {
        const passed = withPass(ball, PASSES_M[words], postM);
        return (
          <Chip
            key={words}
            isOn={!isStartOpen(ball) && ball.startDirectionDeg === passed.startDirectionDeg}
            onClick={() => eye.add(passed)}
          >
            {words}
          </Chip>
        );
      })}
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
    return eye.add({
      offlineM,
      curveM: null,
      openAmount: openAfter(ball.openAmount, { offlineM }),
    });
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
      {isOff(ball.curveM) && <Sizes eye={eye} ball={ball} of="bend" />}
      {isOff(ball.startDirectionDeg) &&
        (postM === null ? (
          <Sizes eye={eye} ball={ball} of="start" />
        ) : (
          <Passes eye={eye} ball={ball} postM={postM} />
        ))}
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
