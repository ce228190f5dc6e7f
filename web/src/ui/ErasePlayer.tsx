import { useState } from 'react';
import { toast } from 'sonner';
import { useErasePlayer } from '../api/archive.ts';
import type { Player } from '../api/client.ts';
import { Button } from './Button.tsx';
import { TextField } from './Field.tsx';
import { Modal } from './Modal.tsx';
import { Notice } from './Notice.tsx';

interface ErasePlayerProps {
  readonly player: Pick<Player, 'id' | 'name'>;
  readonly onErased: () => void;
  readonly onClose: () => void;
}

/** Asks for the name before everything of a player is erased for good. */
export function ErasePlayer({ player: { id, name }, onErased, onClose }: ErasePlayerProps) {
  const erase = useErasePlayer(id);
  const [typed, setTyped] = useState('');
  const go = (): void =>
    erase.mutate(typed, {
      onSuccess: () => {
        onErased();
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
