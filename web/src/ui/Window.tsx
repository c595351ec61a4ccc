import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useRef, type ReactNode } from 'react';

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  /** In the middle of the screen, or along its right side. */
  side?: boolean;
  /** How wide it is, as a class. */
  width?: string;
  /** Whether it can be closed without doing what it is for. */
  closable?: boolean;
  children: ReactNode;
}

/** Something that stands before the screen until it is closed. */
export function Window({
  open,
  onOpenChange,
  title,
  side = false,
  width = 'w-[30rem]',
  closable = true,
  children,
}: Props) {
  const place = side
    ? 'inset-y-0 right-0 border-l-2'
    : 'top-1/2 left-1/2 max-h-[92dvh] -translate-x-1/2 -translate-y-1/2 border-2';
  // whoever opened it gets the focus back: a window is not always opened by a button of its own
  const opener = useRef<Element | null>(null);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={() => {
            opener.current = document.activeElement;
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (opener.current instanceof HTMLElement) {
              opener.current.focus();
            }
          }}
          onKeyDown={(event) => {
            // a notice that stands over the window would keep the key to itself
            if (event.key === 'Escape' && closable) {
              onOpenChange(false);
            }
          }}
          className={`fixed z-50 max-w-[94vw] overflow-y-auto border-ink bg-sheet p-6 ${place} ${width}`}
        >
          <Dialog.Title className="text-2xl font-bold">{title}</Dialog.Title>
          {children}
          {closable && (
            <Dialog.Close
              className="absolute top-4 right-4 grid size-11 place-items-center rounded-md hover:bg-wash"
              aria-label="Close"
            >
              <X aria-hidden="true" />
            </Dialog.Close>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
