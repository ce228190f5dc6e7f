import { Copy } from 'lucide-react';
import { QRCodeSVG } from 'qrcode.react';
import { Button } from './Button.tsx';
import { copyText } from './copy-text.ts';

/** A sender's token and address, told once: to copy, or to scan as JSON. */
export function ShownToken({ token, address }: { token: string; address: string }) {
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-3 rounded-lg border-2 border-ink p-2"
    >
      {/* Dark on light in both themes: not every camera reads it the other way round. */}
      <span className="shrink-0 rounded bg-white p-2">
        <QRCodeSVG
          value={JSON.stringify({ address, token })}
          size={144}
          title="Address and token as a code to scan"
        />
      </span>
      <dl className="min-w-0 flex-1 basis-56">
        <dt className="font-semibold">Address</dt>
        <dd className="font-mono text-sm break-all">{address}</dd>
        <dt className="mt-1 font-semibold">Token</dt>
        <dd className="font-mono text-sm break-all">{token}</dd>
        <dd className="mt-1 text-sm text-soft">It is told only now, and not kept here.</dd>
      </dl>
      <Button onClick={() => void copyText(token, 'The token is copied')}>
        <Copy aria-hidden size={16} /> Copy the token
      </Button>
    </div>
  );
}
