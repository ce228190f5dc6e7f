import { useEffect, useEffectEvent, useState } from 'react';
import type { ComponentType } from 'react';
import { toast } from 'sonner';

/** What the page shows first comes before what may be opened, ms. */
const AFTER_MS = 3000;

interface Opened {
  readonly open: boolean;
  readonly onClose: () => void;
}

/** A part of a page that is opened, not seen at first: fetched a while after the page, or when it is opened. */
export function later<P extends Opened>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  return function Later(props: P) {
    const [Part, setPart] = useState<ComponentType<P> | null>(null);
    const isMissing = props.open && Part === null;
    const onFail = useEffectEvent(() => {
      // Fetched ahead, nobody waits for it: it is asked for again when it is opened.
      if (!props.open) return;
      toast.error('This could not be fetched. Check the network, and open it again.');
      props.onClose();
    });
    useEffect(() => {
      const fetch = (): void =>
        void load().then(
          (part) => setPart(() => part),
          () => onFail(),
        );
      if (isMissing) {
        fetch();
        return undefined;
      }
      const timer = setTimeout(fetch, AFTER_MS);
      return () => clearTimeout(timer);
    }, [isMissing]);
    return Part === null ? null : <Part {...props} />;
  };
}
