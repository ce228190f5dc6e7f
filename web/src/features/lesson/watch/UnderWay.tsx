import { useEffect, useState } from 'react';
import { stopFile, useUnderWay } from '../../../api/files-under-way.ts';
import { Button } from '../../../ui/Button.tsx';

/** Most files are there sooner than this: nothing more is asked of them, ms. */
const LONG_MS = 600;

interface UnderWayProps {
  readonly changeId: string;
  readonly name: string;
}

/** How far a file is that takes long, and a way to stop it while nothing of it shows. */
function HowFar({ changeId, name }: UnderWayProps) {
  const { data: way } = useUnderWay(changeId);
  const [isStopping, setStopping] = useState(false);
  if (way == null) return null;
  const { stage, share, canStop } = way;
  return (
    <div className="flex min-h-11 items-center gap-3">
      {stage === 'storing' && (
        <>
          <progress value={share} aria-label={`Bringing in “${name}”`} className="min-w-0 grow" />
          <span className="shrink-0">{Math.round(100 * share)} % of its balls stored</span>
        </>
      )}
      {canStop && (
        <Button
          disabled={isStopping}
          onClick={() => {
            setStopping(true);
            void stopFile(changeId);
          }}
        >
          {isStopping ? 'Stopping …' : 'Stop'}
        </Button>
      )}
    </div>
  );
}

/** A file the server is reading. */
export function UnderWay({ changeId, name }: UnderWayProps) {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), LONG_MS);
    return () => clearTimeout(timer);
  }, []);
  return (
    <div>
      <p role="status">Reading “{name}” …</p>
      {isLong && <HowFar changeId={changeId} name={name} />}
    </div>
  );
}
