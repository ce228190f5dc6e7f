import { useEffect, useEffectEvent, useState } from 'react';
import type { ComponentType } from 'react';
import { toast } from 'sonner';

/** What the page shows first comes before what may be opened, ms. */
const AFTER_MS = 3000;

interface Opened {
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Returns a part of a page that is opened, not seen at first: fetched a while after the page, or when it is opened. */
export function later<P extends Opened>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  return function Later(props: P) {
    const [Part, setPart] = useState<ComponentType<P> | null>(null);
    const isMissing = props.open && Part === null;
    const onFail = useEffectEvent(() => {
      // Fetched ahead, nobody waits for it.
      if (!props.open) return;
      // A browser does not ask again for a script that it once could not have.
      toast.error('This could not be fetched. When the network is back, load the page again.', {
        action: { label: 'Load it again', onClick: () => window.location.reload() },
      });
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
