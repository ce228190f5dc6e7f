import { AlertDialog } from 'radix-ui';
import { Button } from './Button.tsx';

interface ConfirmProps {
  readonly open: boolean;
  readonly title: string;
  /** What follows from it. */
  readonly what: string;
  readonly yes: string;
  readonly no: string;
  /** Which of the two is the usual answer, and stands first. */
  readonly usual: 'yes' | 'no';
  readonly onYes: () => void;
  readonly onClose: () => void;
}

/** Asks before something that is not easily undone; Escape means no. */
export function Confirm({ open, title, what, yes, no, usual, onYes, onClose }: ConfirmProps) {
  const answers = [
    <AlertDialog.Action key="yes" asChild>
      <Button look={usual === 'yes' ? 'main' : 'plain'} onClick={onYes}>
        {yes}
      </Button>
    </AlertDialog.Action>,
    <AlertDialog.Cancel key="no" asChild>
      <Button look={usual === 'no' ? 'main' : 'plain'}>{no}</Button>
    </AlertDialog.Cancel>,
  ];
  return (
    <AlertDialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <AlertDialog.Content className="fixed inset-x-0 top-[20vh] z-50 mx-auto w-[min(32rem,94vw)] panel p-5 text-ink">
          <AlertDialog.Title className="text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="my-3">{what}</AlertDialog.Description>
          <div className="flex gap-2">{usual === 'yes' ? answers : answers.reverse()}</div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
