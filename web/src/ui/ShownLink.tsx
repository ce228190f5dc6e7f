import { Copy } from 'lucide-react';
import { QRCodeSVG } from 'qrcode.react';
import { Button } from './Button.tsx';
import { copyText } from './copy-text.ts';
import { isOnlyHere } from './only-here.ts';

/** A link that is shown once: to open, to copy, or to scan. */
export function ShownLink({ link, what }: { link: string; what: string }) {
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-3 rounded-lg border-2 border-ink p-2"
    >
      {/* Dark on light in both themes: not every camera reads it the other way round. */}
      <span className="shrink-0 rounded bg-white p-2">
        <QRCodeSVG value={link} size={128} title="The link as a code to scan" />
      </span>
      <span className="min-w-0 flex-1 basis-48 space-y-1">
        <a
          href={link}
          target="_blank"
          rel="noreferrer"
          className="block font-mono text-sm break-all underline"
        >
          {link}
        </a>
        <span className="block text-sm text-soft">{what}</span>
        {isOnlyHere(link) && (
          <span className="block text-sm font-semibold text-look">
            ▲ It opens on this machine alone: another phone finds nothing at this address. Open
            Loxos at its address in the network, then make the link there.
          </span>
        )}
      </span>
      <Button onClick={() => void copyText(link, 'The link is copied')}>
        <Copy aria-hidden size={16} /> Copy
      </Button>
    </div>
  );
}
