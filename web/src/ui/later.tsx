import { Suspense, lazy, useEffect, useState } from 'react';
import type { ComponentType } from 'react';

/** What the page shows first comes before what may be opened, ms. */
const AFTER_MS = 3000;

/** A part of a page that is opened, not seen at first: fetched a while after the page, or when it is opened. */
export function later<P extends { readonly open: boolean }>(
  load: () => Promise<ComponentType<P>>,
): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() }));
  return function Later(props: P) {
    const [isThere, setThere] = useState(props.open);
    if (props.open && !isThere) setThere(true);
    useEffect(() => {
      // With the network gone it is asked for again when it is opened.
      const timer = setTimeout(() => void load().catch(() => undefined), AFTER_MS);
      return () => clearTimeout(timer);
    }, []);
    return <Suspense fallback={null}>{isThere && <Part {...props} />}</Suspense>;
  };
}
