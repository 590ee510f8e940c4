/** A small number field that keeps what is typed, and says right below it what would be taken. */
import { chakra, NumberInput as ChakraNumberInput, type NumberInputRootProps } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { wears } from './theme/wears.js';

interface NumberInputProps {
  readonly value: number | null;
  readonly onValue: (value: number | null) => void;
  readonly min?: number;
  readonly max?: number;
  readonly step?: number;
  /** May it be left empty? */
  readonly optional?: boolean;
  readonly size?: 'small' | 'medium' | 'bench';
  readonly placeholder?: string;
  readonly id?: string;
  readonly 'aria-label'?: string;
  readonly 'aria-describedby'?: string;
  readonly invalid?: boolean;
}

const asText = (value: number | null): string => (value === null ? '' : String(value));
const asNumber = (text: string): number | null => (text.trim() === '' ? null : Number(text));

export function NumberInput({
  value,
  onValue,
  min = 0,
  max = 1e6,
  step = 1,
  optional = false,
  size = 'medium',
  invalid = false,
  id,
  ...rest
}: NumberInputProps) {
  const [text, setText] = useState(asText(value));
  useEffect(() => {
    setText((typed) => (typed !== '' && Number(typed) === value ? typed : asText(value)));
  }, [value]);
  const isTaken = (typed: number | null): boolean =>
    typed === null ? optional : Number.isFinite(typed) && typed >= min && typed <= max;
  const wrong = !isTaken(asNumber(text));
  const look = wears<NumberInputRootProps>({ size });
  return (
    <>
      <ChakraNumberInput.Root
        {...look}
        {...(id ? { ids: { input: id } } : {})}
        value={text}
        min={min}
        max={max}
        step={step}
        inputMode="decimal"
        locale="en-GB"
        formatOptions={{ useGrouping: false, maximumFractionDigits: 9 }}
        // What was typed stays, with the sentence that says what is wrong with it.
        clampValueOnBlur={false}
        allowOverflow
        invalid={wrong || invalid}
        onValueChange={(typed) => {
          setText(typed.value);
          const next = asNumber(typed.value);
          if (next !== value && isTaken(next)) onValue(next);
        }}
      >
        <ChakraNumberInput.Input {...rest} />
        <ChakraNumberInput.Control>
          <ChakraNumberInput.IncrementTrigger tabIndex={-1} />
          <ChakraNumberInput.DecrementTrigger tabIndex={-1} />
        </ChakraNumberInput.Control>
      </ChakraNumberInput.Root>
      {wrong && (
        <chakra.span role="alert" display="block" fontSize="sm" fontWeight="600" color="cinnabar" mt="1">
          {`Enter a number from ${min} to ${max}.`}
        </chakra.span>
      )}
    </>
  );
}
