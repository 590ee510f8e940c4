/** A form field: label, control, help, and the error right below it, all tied together for screen readers. */
import { Box, chakra } from '@chakra-ui/react';
import { cloneElement, useId, type ReactElement } from 'react';

interface FieldProps {
  readonly label: string;
  readonly help?: string | undefined;
  readonly error?: string | undefined;
  readonly children: ReactElement<{
    id?: string;
    'aria-describedby'?: string;
    'aria-invalid'?: boolean | undefined;
  }>;
}

export function Field({ label, help, error, children }: FieldProps) {
  const id = useId();
  const about = [help && `${id}-help`, error && `${id}-error`].filter(Boolean).join(' ');
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontWeight="600" mb="1">
        {label}
      </chakra.label>
      {cloneElement(children, {
        id,
        ...(about ? { 'aria-describedby': about } : {}),
        'aria-invalid': error ? true : undefined,
      })}
      {help && (
        <Box id={`${id}-help`} fontSize="sm" color="ink.soft" mt="1">
          {help}
        </Box>
      )}
      {error && (
        <Box id={`${id}-error`} role="alert" fontSize="sm" color="cinnabar" fontWeight="600" mt="1">
          {error}
        </Box>
      )}
    </Box>
  );
}
