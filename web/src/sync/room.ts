import { useEffect, useState } from 'react';

/** How full the browser's store may be before it is said, as a share of what it grants. */
const NEARLY_FULL = 0.9;
const LOOK_MS = 60_000;

/** Returns whether what the browser keeps for this app is nearly all it will keep; false where it does not say. */
export async function isNearlyFull(): Promise<boolean> {
  const storage = (navigator as { readonly storage?: StorageManager }).storage;
  if (storage === undefined) return false;
  const { usage = 0, quota = 0 } = await storage.estimate();
  return quota > 0 && usage / quota > NEARLY_FULL;
}

/** Returns the same, looked at again every minute. */
export function useNearlyFull(): boolean {
  const [isFull, setFull] = useState(false);
  useEffect(() => {
    const look = (): void => void isNearlyFull().then(setFull, () => undefined);
    look();
    const timer = setInterval(look, LOOK_MS);
    return () => clearInterval(timer);
  }, []);
  return isFull;
}
