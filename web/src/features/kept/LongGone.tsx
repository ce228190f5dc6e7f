import { monthsText } from '@loxos/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { useAccount, useChangeAcademy } from '../../api/account.ts';
import { useGone, useKeepPlayer } from '../../api/kept.ts';
import type { GonePlayer } from '../../api/kept.ts';
import { Button } from '../../ui/Button.tsx';
import { ErasePlayer } from '../../ui/ErasePlayer.tsx';
import { SelectField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { shortDay } from '../../ui/day-text.ts';

const MONTHS = [12, 24, 36, 60, 120];
const OPTIONS = [
  ['', 'Never'],
  ...MONTHS.map((months) => [String(months), monthsText(months)] as const),
] as const;

function Gone({ player, onErase }: { player: GonePlayer; onErase: () => void }) {
  const keep = useKeepPlayer();
  const { id, name, lastOn, isTakenAway } = player;
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-line/60 py-1.5">
      <span className="mr-auto">
        <b>{name}</b>, last here {shortDay(lastOn)}
        {isTakenAway && ', taken away'}
      </span>
      {!isTakenAway && (
        <Button
          disabled={keep.isPending}
          onClick={() =>
            keep.mutate(id, {
              onSuccess: () => toast(`${name} is kept, and named again in a year`),
              onError: (error) => toast.error(error.message),
            })
          }
        >
          Keep<span className="sr-only"> {name}</span>
        </Button>
      )}
      <Button look="quiet" onClick={onErase}>
        Erase<span className="sr-only"> {name}</span> …
      </Button>
    </li>
  );
}

/** When a player is long gone, and who is: nobody is erased by itself. */
export function LongGone() {
  const months = useAccount()?.goneMonths;
  const gone = useGone(true);
  const change = useChangeAcademy();
  const client = useQueryClient();
  const [erased, setErased] = useState<GonePlayer | null>(null);
  return (
    <Panel name="Players long gone" isTitled className="break-inside-avoid space-y-2">
      <SelectField
        label="Tell the owners of players without a lesson for"
        hint="nobody is erased by itself"
        options={OPTIONS}
        value={String(months ?? '')}
        error={change.error?.message}
        onChange={({ target }) =>
          change.mutate(
            { goneMonths: target.value === '' ? null : Number(target.value) },
            { onSuccess: () => void client.invalidateQueries({ queryKey: ['kept'] }) },
          )
        }
      />
      {gone.error !== null && gone.data === undefined && <Notice>{gone.error.message}</Notice>}
      {months != null && gone.data?.length === 0 && <p>Nobody is.</p>}
      <ul>
        {gone.data?.map((player) => (
          <Gone key={player.id} player={player} onErase={() => setErased(player)} />
        ))}
      </ul>
      {erased !== null && (
        <ErasePlayer
          player={erased}
          onErased={() => setErased(null)}
          onClose={() => setErased(null)}
        />
      )}
    </Panel>
  );
}
