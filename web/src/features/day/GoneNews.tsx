import { Link } from 'react-router';
import { useMay } from '../../api/account.ts';
import { useGone } from '../../api/kept.ts';
import { shortDay } from '../../ui/day-text.ts';

/** Tells an owner of players who are long gone, until they are erased or kept. */
export function GoneNews() {
  const gone = useGone(useMay('own')).data ?? [];
  const [first] = gone;
  if (first === undefined) return null;
  const more = gone.length - 1;
  return (
    <section
      aria-label="Long gone"
      className="flex flex-wrap items-center gap-2 rounded-lg border border-line bg-sheet px-3 py-2"
    >
      <p className="mr-auto min-w-0">
        Long gone: {first.name}, last here {shortDay(first.lastOn)}
        {more > 0 && `, and ${more} more`}.
      </p>
      <Link to="/kept" className="inline-flex min-h-11 items-center px-2 font-semibold underline">
        Erase or keep
      </Link>
    </section>
  );
}
