import { useEffect, useState } from 'react';
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
    const { open, onClose } = props;
    const [Part, setPart] = useState<ComponentType<P> | null>(null);
    const isMissing = open && Part === null;
    useEffect(() => {
      const take = async (): Promise<void> => {
        const part = await load();
        setPart(() => part);
      };
      if (isMissing) {
        take().catch(() => {
          toast.error('This could not be fetched. Check the network, and open it again.');
          onClose();
        });
        return undefined;
      }
      // With the network gone it is asked for again when it is opened.
      const timer = setTimeout(() => void take().catch(() => undefined), AFTER_MS);
      return () => clearTimeout(timer);
      // eslint-disable-next-line react-hooks/exhaustive-deps -- whoever closes it is asked when it fails, not watched
    }, [isMissing]);
    return Part === null ? null : <Part {...props} />;
  };
}
