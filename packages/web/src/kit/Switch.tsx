/** Something that takes hold at once when it is switched on. */
import { Switch as ChakraSwitch } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface SwitchProps {
  readonly checked: boolean;
  readonly onChange: (on: boolean) => void;
  readonly children: ReactNode;
}

export function Switch({ checked, onChange, children }: SwitchProps) {
  return (
    <ChakraSwitch.Root checked={checked} onCheckedChange={(e) => onChange(e.checked)}>
      <ChakraSwitch.HiddenInput />
      <ChakraSwitch.Control>
        <ChakraSwitch.Thumb />
      </ChakraSwitch.Control>
      <ChakraSwitch.Label>{children}</ChakraSwitch.Label>
    </ChakraSwitch.Root>
  );
}
