import { Download } from 'lucide-react';

/** Everything of a player as a file. */
export function TakeOutPlayer({ id }: { id: string }) {
  return (
    <a
      href={`/api/players/${id}/archive`}
      download
      className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-line px-4 font-semibold hover:border-ink"
    >
      <Download aria-hidden size={16} /> Take it out as a file
    </a>
  );
}
