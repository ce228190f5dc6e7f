import { useState } from 'react';
import { useMay } from '../../api/account.ts';
import { usePlayers } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { ErasePlayer } from '../../ui/ErasePlayer.tsx';
import { SelectField } from '../../ui/Field.tsx';
import { TakeOutPlayer } from '../../ui/TakeOutPlayer.tsx';

/** What a player asks for, done where it is told: a copy, or to be erased. */
export function OfPlayer() {
  const players = usePlayers().data ?? [];
  const isOwner = useMay('own');
  const [id, setId] = useState('');
  const [isErasing, setErasing] = useState(false);
  const player = players.find((one) => one.id === id);
  if (players.length === 0) return null;
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2">
      <SelectField
        label="Player"
        options={[['', 'Choose'], ...players.map((one) => [one.id, one.name] as const)]}
        value={id}
        onChange={({ target }) => setId(target.value)}
      />
      {player !== undefined && (isOwner || player.isPersonalRead) && <TakeOutPlayer id={id} />}
      {player !== undefined && isOwner && (
        <Button look="quiet" onClick={() => setErasing(true)}>
          Erase {player.name} for good …
        </Button>
      )}
      {player !== undefined && !isOwner && (
        <p className="text-soft">Only an owner erases a player: ask one.</p>
      )}
      {isErasing && player !== undefined && (
        <ErasePlayer
          player={player}
          onErased={() => {
            setErasing(false);
            setId('');
          }}
          onClose={() => setErasing(false)}
        />
      )}
    </div>
  );
}
