/** A form field: label, control, help, and the error right below it, all tied together for screen readers. */
import { Field as ChakraField, type FieldRootProps } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { wears } from './theme/wears.js';

interface FieldProps extends Omit<FieldRootProps, 'size' | 'children' | 'label'> {
  readonly label: ReactNode;
  readonly help?: ReactNode;
  readonly error?: string | undefined;
  readonly size?: 'small' | 'medium';
  /** The label beside its box, for a column of short numbers. */
  readonly beside?: boolean;
  readonly children: ReactNode;
}

export function Field({
  label,
  help,
  error,
  size = 'medium',
  beside = false,
  children,
  ...rest
}: FieldProps) {
  const look = wears<FieldRootProps>({ size, beside });
  return (
    <ChakraField.Root invalid={Boolean(error)} {...look} {...rest}>
      <ChakraField.Label>{label}</ChakraField.Label>
      {children}
      {help && <ChakraField.HelperText>{help}</ChakraField.HelperText>}
      {error && <ChakraField.ErrorText role="alert">{error}</ChakraField.ErrorText>}
    </ChakraField.Root>
  );
}
