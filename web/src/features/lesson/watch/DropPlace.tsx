import { ClipboardPaste, FileUp } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button } from '../../../ui/Button.tsx';
import { PasteBox } from './PasteBox.tsx';

const ACCEPTED =
  '.csv,.tsv,.txt,.xlsx,.json,text/csv,text/plain,text/tab-separated-values,application/json';

/** Where launch files are dropped, picked or pasted. */
export function DropPlace({ onFiles }: { onFiles: (files: readonly File[]) => void }) {
  const [isOver, setOver] = useState(false);
  const [isPasting, setPasting] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  return (
    <div
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        onFiles([...event.dataTransfer.files]);
      }}
      className={`rounded-xl border-2 border-dashed p-5 text-center ${isOver ? 'border-look bg-wash' : 'border-faint bg-sheet'}`}
    >
      <h2 className="mb-1 text-2xl">Drop the launch file here</h2>
      <p className="mb-4 text-soft">
        The session as CSV, a spreadsheet (.xlsx) or JSON; several at once if need be. Hit a handful
        of balls with no advice first.
      </p>
      <input
        ref={picker}
        type="file"
        multiple
        accept={ACCEPTED}
        aria-label="Launch file"
        className="sr-only"
        tabIndex={-1}
        onChange={({ target }) => {
          onFiles([...(target.files ?? [])]);
          target.value = '';
        }}
      />
      <div className="flex flex-wrap justify-center gap-3">
        <Button look="main" onClick={() => picker.current?.click()}>
          <FileUp aria-hidden size={18} /> Choose a file
        </Button>
        <Button onClick={() => setPasting(true)}>
          <ClipboardPaste aria-hidden size={18} /> Paste rows
        </Button>
      </div>
      <PasteBox
        open={isPasting}
        onClose={() => setPasting(false)}
        onPaste={(file) => onFiles([file])}
      />
    </div>
  );
}
