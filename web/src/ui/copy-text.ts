import { toast } from 'sonner';

/** Copies a text, or says why not: plain http on a studio's network lets no page copy. */
export async function copyText(text: string, done: string): Promise<void> {
  const clipboard = (navigator as { readonly clipboard?: Clipboard }).clipboard;
  try {
    if (clipboard === undefined) throw new Error('no clipboard');
    await clipboard.writeText(text);
    toast(done);
  } catch {
    toast.error('The browser did not let it be copied: mark it and copy it.');
  }
}
