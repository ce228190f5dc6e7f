import { goalProgress } from '@loxos/core';
import type { GoalProgress, PlayerRecord } from '@loxos/core';
import type { Player } from '../api/client.ts';
import { today } from './academy-time.ts';

/** How a player's goals with the record's kind of club go, today. */
export const goalsOf = (
  { goals }: Pick<Player, 'goals'>,
  { kind, followed }: PlayerRecord,
): GoalProgress[] =>
  goals
    .filter((goal) => goal.kind === kind)
    .map((goal) =>
      goalProgress(goal, followed.find(({ figure }) => figure === goal.figure) ?? null, today()),
    );
