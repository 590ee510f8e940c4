/** A small number field that keeps what is typed, and says right below it what would be taken. */
import { chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Input } from './Input.js';

interface NumberInputProps {
  readonly value: number | null;
  readonly onValue: (value: number | null) => void;
  readonly min?: number;
  readonly max?: number;
  readonly step?: number;
  /** May it be left empty? */
  readonly optional?: boolean;
  readonly placeholder?: string;
  readonly id?: string;
  readonly 'aria-label'?: string;
  readonly 'aria-describedby'?: string;
  readonly 'aria-invalid'?: boolean | undefined;
}

export function NumberInput({
  value,
  onValue,
  min = 0,
  max = 1e6,
  step = 1,
  optional,
  ...rest
}: NumberInputProps) {
  const [text, setText] = useState(value === null ? '' : String(value));
  useEffect(() => {
    setText((typed) =>
      typed !== '' && Number(typed) === value ? typed : value === null ? '' : String(value),
    );
  }, [value]);
  const typed = text.trim() === '' ? null : Number(text);
  const wrong = typed === null ? !optional : !Number.isFinite(typed) || typed < min || typed > max;
  return (
    <>
      <Input
        {...rest}
        type="number"
        inputMode="decimal"
        value={text}
        min={min}
        max={max}
        step={step}
        aria-invalid={wrong || rest['aria-invalid'] ? true : undefined}
        onChange={(e) => {
          setText(e.target.value);
          const next = e.target.value.trim() === '' ? null : Number(e.target.value);
          if (next === null ? optional : Number.isFinite(next) && next >= min && next <= max) onValue(next);
        }}
      />
      {wrong && (
        <chakra.span role="alert" display="block" fontSize="sm" fontWeight="600" color="cinnabar" mt="1">
          {`Enter a number from ${min} to ${max}.`}
        </chakra.span>
      )}
    </>
  );
}
