import { Download } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { useMay } from '../../api/account.ts';
import { useErasePlayer } from '../../api/archive.ts';
import type { Player } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Notice } from '../../ui/Notice.tsx';

function Erase({ player: { id, name }, onClose }: { player: Player; onClose: () => void }) {
  const erase = useErasePlayer(id);
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const go = (): void =>
    erase.mutate(typed, {
      onSuccess: () => {
        void navigate('/players');
        toast(`Everything of ${name} is erased`);
      },
    });
  return (
    <Modal title={`Erase ${name} for good?`} open onClose={onClose}>
      <div className="space-y-3">
        <p>
          Every lesson, ball, page and note of theirs goes, also from the copies beside the
          database: they are replaced by one made now. Nothing brings it back. Copies and archives
          you keep elsewhere are yours to delete.
        </p>
        <TextField
          label="To be sure, write the name"
          hint={name}
          autoComplete="off"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        {erase.error !== null && <Notice>{erase.error.message}</Notice>}
        <div className="flex gap-2">
          <Button look="main" onClick={onClose}>
            Keep everything
          </Button>
          <Button disabled={typed.trim() !== name || erase.isPending} onClick={go}>
            Erase for good
          </Button>
        </div>
      </div>
    </Modal>
  );
}

/** What a player may ask for: everything of theirs as a file, and to be erased. */
export function PlayerData({ player }: { player: Player }) {
  const [isErasing, setErasing] = useState(false);
  const isOwner = useMay('own');
  return (
    <details className="rounded-xl border border-line bg-sheet px-4">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">Their data</summary>
      <p className="mb-2 text-soft">
        A player may ask for everything that is kept of them, and to be erased.
      </p>
      <div className="flex flex-wrap gap-2 pb-3">
        <a
          href={`/api/players/${player.id}/archive`}
          download
          className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-line px-4 font-semibold hover:border-ink"
        >
          <Download aria-hidden size={16} /> Take it out as a file
        </a>
        {isOwner && (
          <Button look="quiet" onClick={() => setErasing(true)}>
            Erase {player.name} for good …
          </Button>
        )}
      </div>
      {isErasing && <Erase player={player} onClose={() => setErasing(false)} />}
    </details>
  );
}
