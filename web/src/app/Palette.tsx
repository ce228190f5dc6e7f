import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useLocation, useNavigate } from 'react-router';
import { usePlayers } from '../api/queries.ts';
import { STEPS } from '../features/lesson/steps.ts';
import { OWN_PLACES, PLACES } from './PlacesMenu.tsx';
import { useTheme } from './theme.ts';

interface PaletteProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onKeys: () => void;
}

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-lg px-3 data-[selected=true]:bg-ink data-[selected=true]:text-paper';

function PaletteList({ onClose, onKeys }: Omit<PaletteProps, 'open'>) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const players = usePlayers().data ?? [];
  const { setTheme } = useTheme();
  const lesson = /^\/lessons\/([^/]+)/.exec(pathname)?.[1];
  const go = (to: string) => () => {
    onClose();
    void navigate(to);
  };
  const item = (label: string, run: () => void) => (
    <Command.Item key={label} value={label} onSelect={run} className={ITEM}>
      {label}
    </Command.Item>
  );
  return (
    <Command.List className="max-h-[50vh] overflow-y-auto p-2">
      <Command.Empty className="p-3 text-soft">Nothing by that name.</Command.Empty>
      {lesson !== undefined &&
        STEPS.map((step) =>
          item(`This lesson: ${step.label}`, go(`/lessons/${lesson}/${step.id}`)),
        )}
      {[...PLACES, ...OWN_PLACES].map(([to, label]) => item(label, go(to)))}
      {players.map((player) => item(`Player: ${player.name}`, go(`/players/${player.id}`)))}
      {item('Light theme', () => (setTheme('light'), onClose()))}
      {item('Dark theme', () => (setTheme('dark'), onClose()))}
      {item('Keys', onKeys)}
    </Command.List>
  );
}

/** Everything by name: places, players, the steps of the lesson at hand. */
export function Palette({ open, onClose, onKeys }: PaletteProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 top-[12vh] z-50 mx-auto w-[min(34rem,94vw)] panel text-ink shadow-xl"
        >
          <Dialog.Title className="sr-only">Go to</Dialog.Title>
          <Command label="Go to">
            <Command.Input
              placeholder="Go to a place, a player, a step …"
              className="min-h-12 w-full rounded-t-xl border-b border-line bg-transparent px-4 text-lg"
            />
            <PaletteList onClose={onClose} onKeys={onKeys} />
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
