import { useState } from 'react';
import { Outlet } from 'react-router';
import { Toaster } from 'sonner';
import { KeyList } from './KeyList.tsx';
import { Palette } from './Palette.tsx';
import { useKeys } from './shortcuts.ts';
import { TopBar } from './TopBar.tsx';
import { useUndo } from './undo.ts';

/** What stands around every place: the slim bar, the palette, the key list, messages. */
export function Shell() {
  const [open, setOpen] = useState<'palette' | 'keys' | null>(null);
  const undoLast = useUndo((state) => state.undoLast);
  useKeys({
    '/': () => setOpen('palette'),
    'ctrl+k': () => setOpen('palette'),
    '?': () => setOpen('keys'),
    'ctrl+z': undoLast,
  });
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar onPalette={() => setOpen('palette')} />
      <main className="flex-1">
        <Outlet />
      </main>
      <Palette
        open={open === 'palette'}
        onClose={() => setOpen(null)}
        onKeys={() => setOpen('keys')}
      />
      <KeyList open={open === 'keys'} onClose={() => setOpen(null)} />
      <Toaster position="bottom-left" toastOptions={{ duration: 6000 }} closeButton />
    </div>
  );
}
