/** Face angles given where the ball was struck: asked, and turned back to the middle of the face. */
import { findClub, headOf } from '../../delivery/club.ts';
import { bulgeTurnDeg } from '../../delivery/head.ts';
import type { Hand } from '../../line/hand.ts';
import { columnFor } from '../columns/layout.ts';
import type { FileColumn } from '../columns/layout.ts';
import { isFaceAtStrike } from '../checks/strike-point.ts';
import type { PhysicsRow } from '../checks/measured-rows.ts';
import { named, sayOf } from './questions.ts';
import type { IntakeQuestion } from './questions.ts';
import type { Draft } from '../rows/row.ts';

/** Columns that say how the face stands. */
const faces = (columns: readonly FileColumn[]): FileColumn[] =>
  (['faceAngleDeg', 'faceToPathDeg'] as const).flatMap(
    (quantity) => columnFor(columns, quantity) ?? [],
  );

export function askStrikePoint(
  tried: readonly PhysicsRow[],
  columns: readonly FileColumn[],
): IntakeQuestion[] {
  const own = faces(columns);
  if (own.some(({ atStrike }) => atStrike !== null) || !isFaceAtStrike(tried)) return [];
  const text = `The starts fit ${named(own)} only where the ball was struck on the bulged face, and not in its middle. Where does the file give the face?`;
  const choice = (label: string, atStrike: boolean) => ({
    label,
    says: { columns: own.map((column) => sayOf(column, { atStrike })) },
    isLikely: atStrike,
  });
  const choices = [
    choice('Where it was struck: turn it back to the middle', true),
    choice('In the middle, as it is read', false),
  ];
  return [{ kind: 'physics', headers: own.map(({ header }) => header), text, choices }];
}

/** Turns faces back to the middle where the coach says that they are given where the ball was struck; says what could not be. */
export function turnToMiddle(
  drafts: readonly Draft[],
  columns: readonly FileColumn[],
  hand: Hand,
): string[] {
  if (!faces(columns).some(({ atStrike }) => atStrike === true)) return [];
  let left = 0;
  for (const { ball } of drafts) {
    const club = findClub(ball.club);
    if (ball.faceAngleDeg === null && ball.faceToPathDeg === null) continue;
    if (club === null || ball.strikeToeMm === null) {
      left += 1;
      continue;
    }
    const turn = bulgeTurnDeg(headOf(club), hand, ball.strikeToeMm);
    if (ball.faceAngleDeg !== null) ball.faceAngleDeg -= turn;
    if (ball.faceToPathDeg !== null) ball.faceToPathDeg -= turn;
  }
  if (left === 0) return [];
  const rows = left === 1 ? '1 row says' : `${left} rows say`;
  return [
    `${rows} no club or no strike towards the toe: the face is left there as the file gives it.`,
  ];
}
