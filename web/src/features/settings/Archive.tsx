import { Download, Upload } from 'lucide-react';
import { useBringInArchive } from '../../api/archive.ts';
import { Notice } from '../../ui/Notice.tsx';
import { PickFile } from '../../ui/PickFile.tsx';

const countOf = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

/** The whole academy out into a file that any Loxos reads, and such a file in. */
export function Archive() {
  const bringIn = useBringInArchive();
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
        <PickFile
          label="Archive to bring in"
          accept=".zip"
          disabled={bringIn.isPending}
          onPick={(file) => bringIn.mutate(file)}
        >
          <Upload aria-hidden size={16} /> Bring an archive in …
        </PickFile>
      </div>
    </section>
  );
}
