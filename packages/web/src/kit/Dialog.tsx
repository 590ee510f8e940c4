/** A sheet that takes over for a moment: keyboard stays in it, Escape or a click beside it closes it. */
import { Dialog as ChakraDialog, Portal, type DialogRootProps } from '@chakra-ui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button.js';
import { wears } from './theme/wears.js';

interface DialogProps {
  readonly open: boolean;
  readonly close: () => void;
  readonly title: ReactNode;
  readonly children: ReactNode;
  /** Its actions, below. */
  readonly footer?: ReactNode;
  readonly size?: 'medium' | 'wide';
  /** What has the focus at first; without it the first thing that can. */
  readonly first?: string;
}

export function Dialog({ open, close, title, children, footer, size = 'medium', first }: DialogProps) {
  const look = wears<DialogRootProps>({ size });
  return (
    <ChakraDialog.Root
      {...look}
      open={open}
      onOpenChange={(e) => !e.open && close()}
      {...(first
        ? { initialFocusEl: () => document.querySelector<HTMLElement>(`[role=dialog] ${first}`) }
        : {})}
      lazyMount
      unmountOnExit
    >
      <Portal>
        <ChakraDialog.Backdrop />
        <ChakraDialog.Positioner>
          <ChakraDialog.Content>
            <ChakraDialog.Header>
              <ChakraDialog.Title>{title}</ChakraDialog.Title>
              <ChakraDialog.CloseTrigger asChild>
                <Button variant="quiet" size="icon" aria-label="Close">
                  <X size={18} aria-hidden />
                </Button>
              </ChakraDialog.CloseTrigger>
            </ChakraDialog.Header>
            <ChakraDialog.Body>{children}</ChakraDialog.Body>
            {footer && <ChakraDialog.Footer>{footer}</ChakraDialog.Footer>}
          </ChakraDialog.Content>
        </ChakraDialog.Positioner>
      </Portal>
    </ChakraDialog.Root>
  );
}
