import { useEffect, useState } from 'react';
import { stopFile, useUnderWay } from '../../../api/files-under-way.ts';
import { Button } from '../../../ui/Button.tsx';

/** Most files are there sooner than this: nothing more is asked of them, ms. */
const LONG_MS = 600;

/** How far a file is that takes long, and a way to stop it while nothing of it shows. */
function HowFar({ changeId, name }: { changeId: string; name: string }) {
  const { data: way } = useUnderWay(changeId);
  const [isStopping, setStopping] = useState(false);
  if (way == null) return null;
  const percent = Math.round(100 * way.share);
  return (
    <>
      {way.stage === 'storing' && (
        <>
          <progress
            value={way.share}
            aria-label={`Bringing in “${name}”`}
            className="mx-2 w-40 align-middle"
          />
          {percent} % of its balls
        </>
      )}
      {way.canStop && (
        <Button
          className="ml-3"
          disabled={isStopping}
          onClick={() => {
            setStopping(true);
            void stopFile(changeId);
          }}
        >
          {isStopping ? 'Stopping …' : 'Stop'}
        </Button>
      )}
    </>
  );
}

/** A file the server is reading. */
export function UnderWay({ changeId, name }: { changeId: string; name: string }) {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), LONG_MS);
    return () => clearTimeout(timer);
  }, []);
  return (
    <div>
      <span role="status">Reading “{name}” …</span>
      {isLong && <HowFar changeId={changeId} name={name} />}
    </div>
  );
}
