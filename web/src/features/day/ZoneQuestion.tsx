import { Link } from 'react-router';
import { useAccount, useChangeAcademy, useMay } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { academyZone } from '../../ui/academy-time.ts';

/** Asks the owner once whose clock the academy's days go by; until then it is this browser's. */
export function ZoneQuestion() {
  const isOwner = useMay('own');
  const account = useAccount();
  const change = useChangeAcademy();
  if (!isOwner || account === null || account.zone !== null) return null;
  const zone = academyZone();
  return (
    <div
      role="group"
      aria-label="Time zone"
      className="flex flex-wrap items-center gap-2 rounded-lg bg-wash px-3 py-1.5"
    >
      <span className="mr-auto">
        Lessons are shown in the time of {zone.replaceAll('_', ' ')}. Is that where you teach?
      </span>
      <Button onClick={() => change.mutate({ zone })}>Yes</Button>
      <Link
        to="/settings"
        className="inline-flex min-h-11 items-center px-2 font-semibold underline"
      >
        Choose another
      </Link>
    </div>
  );
}
