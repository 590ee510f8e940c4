/** A short run of digits, a box for each: a lesson code, a PIN, a code of an authenticator. */
import { chakra, PinInput } from '@chakra-ui/react';
import { useId } from 'react';

interface CodeInputProps {
  readonly label: string;
  /** How many digits. */
  readonly digits: number;
  readonly value: string;
  readonly onValue: (value: string) => void;
  readonly help?: string;
  readonly error?: string | undefined;
  /** Shown as dots. */
  readonly secret?: boolean;
  readonly autoFocus?: boolean;
}

export function CodeInput({
  label,
  digits,
  value,
  onValue,
  help,
  error,
  secret = false,
  autoFocus = false,
}: CodeInputProps) {
  const id = useId();
  const about = [help && `${id}-help`, error && `${id}-error`].filter(Boolean).join(' ');
  return (
    <PinInput.Root
      count={digits}
      value={Array.from({ length: digits }, (_, i) => value[i]?.trim() ?? '')}
      // A gap holds its place, so that a digit taken out in the middle does not move the others.
      onValueChange={(typed) =>
        onValue(
          typed.value
            .map((digit) => digit || ' ')
            .join('')
            .trimEnd(),
        )
      }
      mask={secret}
      invalid={Boolean(error)}
      autoFocus={autoFocus}
      placeholder=""
      translations={{ inputLabel: (place, count) => `${label}: digit ${place + 1} of ${count}` }}
    >
      <PinInput.Label fontWeight="600" display="block" mb="1">
        {label}
      </PinInput.Label>
      <PinInput.HiddenInput aria-label={label} />
      <PinInput.Control aria-describedby={about || undefined}>
        {Array.from({ length: digits }, (_, place) => (
          <PinInput.Input
            key={place}
            index={place}
            flex="1"
            {...(place === 0 && about ? { 'aria-describedby': about } : {})}
          />
        ))}
      </PinInput.Control>
      {help && (
        <chakra.p id={`${id}-help`} fontSize="sm" color="ink.soft" mt="1">
          {help}
        </chakra.p>
      )}
      {error && (
        <chakra.p id={`${id}-error`} role="alert" fontSize="sm" fontWeight="600" color="cinnabar" mt="1">
          {error}
        </chakra.p>
      )}
    </PinInput.Root>
  );
}
