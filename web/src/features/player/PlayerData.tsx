import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useMay } from '../../api/account.ts';
import type { Player } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { ErasePlayer } from '../../ui/ErasePlayer.tsx';
import { TakeOutPlayer } from '../../ui/TakeOutPlayer.tsx';

/** What a player may ask for: everything of theirs as a file, and to be erased. */
export function PlayerData({ player }: { player: Player }) {
  const [isErasing, setErasing] = useState(false);
  const isOwner = useMay('own');
  const navigate = useNavigate();
  return (
    <details className="panel px-4">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">Their data</summary>
      <p className="mb-2 text-soft">
        A player may ask for everything that is kept of them, and to be erased.{' '}
        <Link to="/kept" className="font-semibold underline">
          What is kept
        </Link>
      </p>
      <div className="flex flex-wrap gap-2 pb-3">
        {(isOwner || player.isPersonalRead) && <TakeOutPlayer id={player.id} />}
        {isOwner && (
          <Button look="quiet" onClick={() => setErasing(true)}>
            Erase {player.name} for good …
          </Button>
        )}
      </div>
      {isErasing && (
        <ErasePlayer
          player={player}
          onErased={() => void navigate('/players')}
          onClose={() => setErasing(false)}
        />
      )}
    </details>
  );
}
