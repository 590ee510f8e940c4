/** A button that opens a short list of things to do. */
import { Menu as ChakraMenu, Portal } from '@chakra-ui/react';
import type { ReactElement, ReactNode } from 'react';

export interface MenuEntry {
  readonly id: string;
  readonly label: ReactNode;
  readonly group?: string;
  readonly disabled?: boolean;
}

interface MenuProps {
  /** The button that opens it. */
  readonly children: ReactElement;
  readonly entries: readonly MenuEntry[];
  readonly choose: (id: string) => void;
}

export function Menu({ children, entries, choose }: MenuProps) {
  const groups = [...new Set(entries.map((e) => e.group ?? ''))];
  return (
    <ChakraMenu.Root onSelect={({ value }) => choose(value)} lazyMount unmountOnExit>
      <ChakraMenu.Trigger asChild>{children}</ChakraMenu.Trigger>
      <Portal>
        <ChakraMenu.Positioner>
          <ChakraMenu.Content>
            {groups.map((group) => (
              <ChakraMenu.ItemGroup key={group}>
                {group && <ChakraMenu.ItemGroupLabel>{group}</ChakraMenu.ItemGroupLabel>}
                {entries
                  .filter((e) => (e.group ?? '') === group)
                  .map((e) => (
                    <ChakraMenu.Item key={e.id} value={e.id} disabled={e.disabled ?? false}>
                      {e.label}
                    </ChakraMenu.Item>
                  ))}
              </ChakraMenu.ItemGroup>
            ))}
          </ChakraMenu.Content>
        </ChakraMenu.Positioner>
      </Portal>
    </ChakraMenu.Root>
  );
}
