import { useState } from 'react';
import { Button } from '../../../ui/Button.tsx';
import { Modal } from '../../../ui/Modal.tsx';

interface PasteBoxProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onPaste: (file: File) => void;
}

/** Rows copied from a sheet or a page, with their row of column names. */
export function PasteBox({ open, onClose, onPaste }: PasteBoxProps) {
  const [text, setText] = useState('');
  const take = (): void => {
    onPaste(new File([text], 'pasted rows.txt', { type: 'text/plain' }));
    setText('');
    onClose();
  };
  return (
    <Modal
      title="Paste rows"
      description="Copy the rows with their column names, from a sheet or a page."
      open={open}
      onClose={onClose}
    >
      <textarea
        aria-label="Rows"
        value={text}
        onChange={(event) => setText(event.target.value)}
        rows={10}
        className="w-full rounded-lg border border-faint bg-paper p-3 font-mono text-sm"
      />
      <div className="mt-3 flex gap-2">
        <Button look="main" disabled={text.trim() === ''} onClick={take}>
          Bring them in
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Modal>
  );
}
