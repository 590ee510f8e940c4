/** A few words shown while one points at something or has it in focus. */
import { Portal, Tooltip } from '@chakra-ui/react';
import type { ReactElement, ReactNode } from 'react';

export function Tip({ says, children }: { readonly says: ReactNode; readonly children: ReactElement }) {
  return (
    <Tooltip.Root
      openDelay={350}
      closeDelay={80}
      positioning={{ placement: 'bottom' }}
      lazyMount
      unmountOnExit
    >
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Portal>
        <Tooltip.Positioner>
          <Tooltip.Content>{says}</Tooltip.Content>
        </Tooltip.Positioner>
      </Portal>
    </Tooltip.Root>
  );
}
