import { TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

/** Something that needs a look: amber, with its sign. */
export function Notice({ children }: { children: ReactNode }) {
  return (
    <div role="status" className="flex gap-3 rounded-lg border-2 border-look bg-wash p-3">
      <TriangleAlert aria-hidden className="mt-0.5 shrink-0 text-look" />
      <div className="min-w-0">{children}</div>
    </div>
  );
}

/** An empty place: what goes here, and the button that starts it. */
export function Empty({ children, action }: { children: ReactNode; action?: ReactNode }) {
  return (
    <div className="rounded-xl border-2 border-dashed border-line p-6 text-center text-soft">
      <div className="mx-auto max-w-prose">{children}</div>
      {action !== undefined && <div className="mt-4">{action}</div>}
    </div>
  );
}

/** Why a page cannot be shown. */
export function Trouble({ error }: { error: Error }) {
  return (
    <div className="p-6">
      <Notice>{error.message}</Notice>
    </div>
  );
}
