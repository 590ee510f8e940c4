/** Asks before what cannot be undone; everything else has an undo instead. */
import type { ReactNode } from 'react';
import { Button } from './Button.js';
import { Dialog } from './Dialog.js';

interface ConfirmProps {
  readonly open: boolean;
  readonly close: () => void;
  readonly title: string;
  readonly children: ReactNode;
  /** What the button says that does it. */
  readonly does: string;
  readonly then: () => void;
}

export function Confirm({ open, close, title, children, does, then }: ConfirmProps) {
  return (
    <Dialog
      open={open}
      close={close}
      title={title}
      footer={
        <>
          <Button onClick={close}>Leave it</Button>
          <Button
            variant="stop"
            onClick={() => {
              close();
              then();
            }}
          >
            {does}
          </Button>
        </>
      }
    >
      {children}
    </Dialog>
  );
}
