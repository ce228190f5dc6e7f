import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface ModalProps {
  readonly title: string;
  readonly description?: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A dialog over the page; Escape and the cross close it. */
export function Modal({ title, description, open, onClose, children }: ModalProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          className="fixed inset-x-0 top-[6vh] z-50 mx-auto max-h-[88vh] w-[min(46rem,94vw)] overflow-y-auto panel p-5 text-ink shadow-xl"
          {...(description === undefined && { 'aria-describedby': undefined })}
        >
          <div className="mb-3 flex items-start justify-between gap-3">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close
              aria-label="Close"
              className="inline-flex size-11 shrink-0 items-center justify-center rounded-lg hover:bg-line/40"
            >
              <X aria-hidden />
            </Dialog.Close>
          </div>
          {description !== undefined && (
            <Dialog.Description className="mb-3 text-soft">{description}</Dialog.Description>
          )}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
