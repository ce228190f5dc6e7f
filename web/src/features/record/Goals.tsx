import { GOALS_AT_MOST, goalProgressWords, goalWords, goalsOf } from '@loxos/core';
import type { PlayerRecord, RecordWording } from '@loxos/core';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useMay } from '../../api/account.ts';
import type { Player } from '../../api/client.ts';
import { changePlayer } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { today } from '../../ui/academy-time.ts';
import { later } from '../../ui/later.tsx';

const GoalForm = later(async () => (await import('./GoalForm.tsx')).GoalForm);

/** Where numbers are to be by a day, and how that goes. */
export function Goals({
  player,
  record,
  wording,
}: {
  readonly player: Player;
  readonly record: PlayerRecord;
  readonly wording: RecordWording;
}) {
  const [isOpen, setOpen] = useState(false);
  const mayPlan = useMay('plan');
  const goals = goalsOf(player.goals, record, today());
  const takeAway = (id: string): void =>
    changePlayer(player, { goals: player.goals.filter((goal) => goal.id !== id) });
  if (goals.length === 0 && !mayPlan) return null;
  return (
    <Panel name="Goals" isTitled>
      <ul className="space-y-2">
        {goals.map((one) => (
          <li key={one.goal.id} className="flex items-start gap-2">
            <span className="min-w-0 flex-1">
              <b>{goalWords(one, wording)}</b>
              <span className="block">{goalProgressWords(one, wording)}</span>
            </span>
            {mayPlan && (
              <Button
                look="quiet"
                aria-label={`Take the goal away: ${goalWords(one, wording)}`}
                onClick={() => takeAway(one.goal.id)}
              >
                <Trash2 aria-hidden size={16} />
              </Button>
            )}
          </li>
        ))}
      </ul>
      {mayPlan && player.goals.length < GOALS_AT_MOST && (
        <Button onClick={() => setOpen(true)}>
          <Plus aria-hidden size={16} /> A goal
        </Button>
      )}
      <GoalForm open={isOpen} player={player} record={record} onClose={() => setOpen(false)} />
    </Panel>
  );
}
