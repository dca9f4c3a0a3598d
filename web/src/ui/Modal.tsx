import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

interface ModalProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  /** For a whole form rather than a question. */
  wide?: boolean;
  /** Puts the focus where the next input is expected, where what opened it is gone. */
  focusAfter?: () => void;
  children: ReactNode;
}

export function Modal({
  open,
  onOpenChange,
  title,
  wide = false,
  focusAfter,
  children,
}: ModalProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            if (!focusAfter) return;
            event.preventDefault();
            focusAfter();
          }}
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92vh] ${wide ? "w-[64rem]" : "w-[30rem]"} max-w-[calc(100vw-24px)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border-2 border-ink bg-sheet p-5`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Dialog.Title className="text-lg font-bold">{title}</Dialog.Title>
            <Dialog.Close
              aria-label="Close"
              className="-mt-2 -mr-2 grid size-11 place-items-center text-xl hover:bg-wash"
            >
              ×
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
