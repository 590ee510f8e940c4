/** A little form or note that hangs at the button that opens it. */
import { Popover as ChakraPopover, Portal } from '@chakra-ui/react';
import type { ReactElement, ReactNode } from 'react';

interface PopoverProps {
  readonly title: string;
  /** The button that opens it. */
  readonly opener: ReactElement;
  readonly open: boolean;
  readonly setOpen: (open: boolean) => void;
  readonly children: ReactNode;
}

export function Popover({ title, opener, open, setOpen, children }: PopoverProps) {
  return (
    <ChakraPopover.Root open={open} onOpenChange={(e) => setOpen(e.open)} lazyMount unmountOnExit>
      <ChakraPopover.Trigger asChild>{opener}</ChakraPopover.Trigger>
      <Portal>
        <ChakraPopover.Positioner>
          <ChakraPopover.Content aria-label={title} aria-labelledby={undefined}>
            <ChakraPopover.Title>{title}</ChakraPopover.Title>
            <ChakraPopover.Body>{children}</ChakraPopover.Body>
          </ChakraPopover.Content>
        </ChakraPopover.Positioner>
      </Portal>
    </ChakraPopover.Root>
  );
}
