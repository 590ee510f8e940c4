/** Something that is so or not. */
import { Checkbox as ChakraCheckbox, type CheckboxRootProps } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface CheckboxProps extends Omit<
  CheckboxRootProps,
  'onChange' | 'onCheckedChange' | 'checked' | 'children'
> {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  /** Its word; without one an `aria-label` says what it is. */
  readonly children?: ReactNode;
  readonly 'aria-label'?: string;
}

export function Checkbox({ checked, onChange, children, 'aria-label': name, ...rest }: CheckboxProps) {
  return (
    <ChakraCheckbox.Root checked={checked} onCheckedChange={(e) => onChange(e.checked === true)} {...rest}>
      <ChakraCheckbox.HiddenInput aria-label={name} />
      <ChakraCheckbox.Control />
      {children !== undefined && <ChakraCheckbox.Label>{children}</ChakraCheckbox.Label>}
    </ChakraCheckbox.Root>
  );
}
