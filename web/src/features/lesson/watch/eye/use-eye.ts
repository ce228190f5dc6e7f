import {
  EYE_AMOUNTS,
  ballOfTap,
  findClub,
  headOf,
  isByEye,
  partOf,
  usualCarryM,
  usualPlayer,
  withAmount,
} from '@loxos/core';
import type { Contact, EyeStrike } from '@loxos/core';
import { useState } from 'react';
import type { Ball, CreateBall, Lesson, UpdateBall } from '../../../../api/client.ts';
import { useKeys } from '../../../../app/shortcuts.ts';
import type { KeyMap } from '../../../../app/shortcuts.ts';
import { remember } from '../../../../app/undo.ts';
import { addBall, ballName, changeBall, removeBall } from '../../ball-actions.ts';
import { lastClubs } from './Clubs.tsx';
import { keyOf, keyedMuch, touched } from './place.ts';
import type { Touch, Way } from './place.ts';

const WAYS: readonly Way[] = [-1, 0, 1];

/** What the pad does, by finger and by key. */
export interface Eye {
  readonly club: string;
  readonly clubs: readonly string[];
  readonly setClub: (club: string) => void;
  readonly isReady: boolean;
  /** The ball tapped last, to which a second touch adds; null where an eye did not see the last. */
  readonly last: Ball | null;
  readonly tap: (touch: Touch) => void;
  readonly takeBack: () => void;
  readonly add: (changes: UpdateBall) => void;
  readonly strike: (strike: EyeStrike) => void;
  readonly contact: (contact: Contact) => void;
  readonly amount: (of: 'start' | 'bend', size: 1 | 2) => void;
}

/** Returns whether a ball was struck so, as it was tapped. */
export const isStruck = (ball: Ball, strike: EyeStrike): boolean =>
  ball.strikeToeMm === EYE_AMOUNTS.strikeToeMm[strike];

/** Returns what a key that says how much speaks of: the bend, else the start. */
function sizedOf({ curveM, startDirectionDeg }: Ball): 'start' | 'bend' | null {
  if (curveM != null && curveM !== 0) return 'bend';
  return startDirectionDeg == null || startDirectionDeg === 0 ? null : 'start';
}

function usePadKeys({ isReady, tap, ...eye }: Eye): void {
  const taps = WAYS.flatMap((start) =>
    WAYS.flatMap((bend) => {
      const digit = keyOf(start, bend);
      return [
        [digit, () => tap(touched(start, bend, null))] as const,
        [`shift+${digit}`, () => tap(keyedMuch(start, bend))] as const,
      ];
    }),
  );
  const sized = eye.last === null ? null : sizedOf(eye.last);
  const size = (amount: 1 | 2) => () => sized !== null && eye.amount(sized, amount);
  const second: KeyMap = {
    ...{ '+': size(2), '=': size(2), '-': size(1) },
    ...{ h: () => eye.strike('heel'), m: () => eye.strike('middle'), o: () => eye.strike('toe') },
    ...{ f: () => eye.contact('fat'), n: () => eye.contact('thin') },
    backspace: eye.takeBack,
  };
  const next = eye.clubs[(eye.clubs.indexOf(eye.club) + 1) % eye.clubs.length]!;
  // Digits are taps here, before they are steps; until a club is chosen they are steps.
  useKeys(
    {
      ...(isReady && Object.fromEntries(taps)),
      ...(eye.last !== null && second),
      c: () => eye.setClub(next),
    },
    true,
  );
}

/** Returns the pad of a lesson: what it holds, and what each touch and key does. Balls are remembered, not told of: nothing covers the pad. */
export function useEye(lesson: Lesson): Eye {
  const setUp = partOf(lesson, 'setup');
  const [chosen, setClub] = useState('');
  const newest = lesson.balls.at(-1);
  const last = newest !== undefined && isByEye(newest) ? newest : null;
  const club = chosen === '' ? (newest?.club ?? setUp.club ?? '') : chosen;
  const found = findClub(club);
  const add = (changes: UpdateBall): void => {
    if (last !== null) changeBall(last, changes, `${ballName(last)} changed`, remember);
  };
  const tap = (touch: Touch): void => {
    if (found === null) return;
    const { playerKind, driverSpeedMps } = lesson.player;
    const player = usualPlayer(playerKind ?? undefined, driverSpeedMps);
    const seen = setUp.postM === null ? 'eye' : 'post';
    const ball = ballOfTap(touch, usualCarryM(found, headOf(found), player));
    addBall(lesson.id, { ...ball, club: found.id as CreateBall['club'], seen }, remember);
  };
  const eye: Eye = {
    club,
    clubs: lastClubs(lesson.balls, club),
    setClub,
    isReady: found !== null,
    last,
    tap,
    takeBack: () => last !== null && removeBall(last, remember),
    add,
    strike: (strike) =>
      last !== null &&
      add({ strikeToeMm: isStruck(last, strike) ? null : EYE_AMOUNTS.strikeToeMm[strike] }),
    contact: (contact) =>
      last !== null && add({ contact: last.contact === contact ? null : contact }),
    amount: (of, size) => last !== null && add(withAmount(last, of, size)),
  };
  usePadKeys(eye);
  return eye;
}
