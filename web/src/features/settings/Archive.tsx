import { Download, Upload } from 'lucide-react';
import { useRef } from 'react';
import { useBringInArchive } from '../../api/archive.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';

const countOf = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

/** The whole academy out into a file that any Loxos reads, and such a file in. */
export function Archive() {
  const bringIn = useBringInArchive();
  const picker = useRef<HTMLInputElement>(null);
  return (
    <section aria-label="Archive" className="mt-8 border-t border-line pt-4">
      <h2 className="text-xl">Archive</h2>
      <p className="mb-3 text-soft">
        Players, lessons, balls, launch files, drills and history in one open file, to move an
        academy or a player to another place. What is brought in stands beside what is here.
        Players’ links and passwords do not travel.
      </p>
      {bringIn.error !== null && <Notice>{bringIn.error.message}</Notice>}
      {bringIn.data !== undefined && (
        <p role="status" className="mb-3 font-semibold">
          From {bringIn.data.academy}: {countOf(bringIn.data.players, 'player')},{' '}
          {countOf(bringIn.data.lessons, 'lesson')} and {countOf(bringIn.data.balls, 'ball')}{' '}
          brought in.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <a
          href="/api/archive"
          download
          className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-line bg-sheet px-4 font-semibold hover:border-ink"
        >
          <Download aria-hidden size={16} /> Take the academy out
        </a>
        <Button disabled={bringIn.isPending} onClick={() => picker.current?.click()}>
          <Upload aria-hidden size={16} /> Bring an archive in …
        </Button>
        <input
          ref={picker}
          type="file"
          accept=".zip"
          aria-label="Archive to bring in"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file !== undefined) bringIn.mutate(file);
            event.target.value = '';
          }}
        />
      </div>
    </section>
  );
}
