/** A sheet from the side, beside which the page stays in sight: keyboard stays in it, Escape or a click beside it closes it. */
import { Drawer as ChakraDrawer, Portal } from '@chakra-ui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button.js';

interface DrawerProps {
  readonly open: boolean;
  readonly close: () => void;
  readonly title: ReactNode;
  readonly children: ReactNode;
}

export function Drawer({ open, close, title, children }: DrawerProps) {
  return (
    <ChakraDrawer.Root open={open} onOpenChange={(e) => !e.open && close()} lazyMount unmountOnExit>
      <Portal>
        <ChakraDrawer.Backdrop />
        <ChakraDrawer.Positioner>
          <ChakraDrawer.Content>
            <ChakraDrawer.Header>
              <ChakraDrawer.Title>{title}</ChakraDrawer.Title>
              <ChakraDrawer.CloseTrigger asChild>
                <Button variant="quiet" size="icon" aria-label="Close">
                  <X size={18} aria-hidden />
                </Button>
              </ChakraDrawer.CloseTrigger>
            </ChakraDrawer.Header>
            <ChakraDrawer.Body>{children}</ChakraDrawer.Body>
          </ChakraDrawer.Content>
        </ChakraDrawer.Positioner>
      </Portal>
    </ChakraDrawer.Root>
  );
}
