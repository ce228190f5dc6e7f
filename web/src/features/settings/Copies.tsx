import { Download, RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { needsPassphrase, useCopies, useMakeCopy, usePutBack } from '../../api/backups.ts';
import { queryClient } from '../../api/client.ts';
import { keptCache } from '../../sync/kept-cache.ts';
import { Button } from '../../ui/Button.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { PickFile } from '../../ui/PickFile.tsx';
import { momentText } from '../../ui/day-text.ts';
import { OtherPassphrase } from './OtherPassphrase.tsx';
import { SealCopies } from './SealCopies.tsx';

const WHY = {
  daily: 'made by itself',
  'before-update': 'before an update',
  'before-restore': 'before a copy was put back',
  asked: 'asked for',
} as const;

const MEGABYTE = 1024 * 1024;
const sizeWords = (bytes: number): string =>
  bytes < MEGABYTE ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / MEGABYTE).toFixed(1)} MB`;

/** Everything on the screen is of what was before: it is read anew. */
async function startAnew(): Promise<void> {
  queryClient.clear();
  await keptCache.persister.removeClient();
  window.location.assign('/');
}

/** What is to be put back, in words, and the copy. */
interface Asked {
  readonly what: string;
  readonly copy: string | File;
}

interface CopyListProps {
  readonly copies: ReturnType<typeof useCopies>['data'];
  readonly onPutBack: (asked: Asked) => void;
}

function CopyList({ copies, onPutBack }: CopyListProps) {
  return (
    <ul aria-label="Copies there are" className="max-h-80 overflow-y-auto" tabIndex={0}>
      {copies?.map(({ name, at, reason, sizeBytes, isSealed }) => (
        <li key={name} className="flex flex-wrap items-center gap-x-3 border-b border-line/60 py-1">
          <span className="min-w-0 flex-1 basis-52">
            <b>{momentText(at)}</b>{' '}
            <span className="text-soft">
              {WHY[reason]}, {sizeWords(sizeBytes)}
              {isSealed && ', sealed'}
            </span>
          </span>
          <a
            href={`/api/backups/${name}`}
            download
            aria-label={`Download the copy of ${momentText(at)}`}
            className="inline-flex min-h-11 items-center gap-2 px-2 font-semibold underline"
          >
            <Download aria-hidden size={16} /> Download
          </a>
          <Button
            look="quiet"
            aria-label={`Put back the copy of ${momentText(at)}`}
            onClick={() => onPutBack({ what: `the copy of ${momentText(at)}`, copy: name })}
          >
            <RotateCcw aria-hidden size={16} /> Put back
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** Copies of the whole academy: made by themselves every day and before each update, saved and put back by hand. */
export function Copies() {
  const copies = useCopies();
  const make = useMakeCopy();
  const putBack = usePutBack();
  const [asked, setAsked] = useState<Asked | null>(null);
  /** What was asked for last: it may need a passphrase. */
  const [last, setLast] = useState<string | File | null>(null);
  const go = (copy: string | File, passphrase?: string): void => {
    setLast(copy);
    const asking = { copy, ...(passphrase !== undefined && { passphrase }) };
    putBack.mutate(asking, { onSuccess: () => void startAnew() });
  };
  const trouble = copies.error ?? make.error ?? putBack.error;
  return (
    <section aria-label="Copies" className="mt-8 border-t border-line pt-4">
      <h2 className="text-xl">Copies</h2>
      <p className="mb-3 text-soft">
        The whole academy in one file. One is made every day and before each update. Keep one on
        another machine now and then: these lie beside the database.
      </p>
      {trouble !== null && (
        <div className="mb-3">
          <Notice>{trouble.message}</Notice>
        </div>
      )}
      {last !== null && needsPassphrase(putBack.error) && (
        <OtherPassphrase isBusy={putBack.isPending} onSend={(passphrase) => go(last, passphrase)} />
      )}
      <div className="mb-3 flex flex-wrap gap-2">
        <Button
          disabled={make.isPending}
          onClick={() => make.mutate(undefined, { onSuccess: () => toast('A copy is saved') })}
        >
          Save a copy
        </Button>
        <PickFile
          label="Copy to put back"
          accept=".db,.age"
          disabled={putBack.isPending}
          onPick={(file) => setAsked({ what: `“${file.name}”`, copy: file })}
        >
          Put back a file …
        </PickFile>
      </div>
      <CopyList copies={copies.data} onPutBack={setAsked} />
      <SealCopies />
      <Confirm
        open={asked !== null}
        title={`Put back ${asked?.what ?? ''}?`}
        what="Everything in the academy becomes what it was then; people and passwords stay as they are. What is here now is copied first, so that it can be put back too."
        yes="Put it back"
        no="Leave it as it is"
        usual="yes"
        onYes={() => asked !== null && go(asked.copy)}
        onClose={() => setAsked(null)}
      />
    </section>
  );
}
