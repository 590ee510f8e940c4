/** Where a student types their PIN. */
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';

export function PinBox({
  label,
  value,
  change,
  error,
  autoFocus = false,
}: {
  readonly label: string;
  readonly value: string;
  readonly change: (pin: string) => void;
  readonly error?: string | undefined;
  readonly autoFocus?: boolean;
}) {
  return (
    <Field label={label} help="Four digits, on the card." error={error}>
      <Input
        size="bench"
        type="password"
        value={value}
        onChange={(e) => change(e.target.value)}
        inputMode="numeric"
        autoComplete="off"
        maxLength={4}
        fontFamily="mono"
        fontSize="2xl"
        letterSpacing="0.3em"
        autoFocus={autoFocus}
      />
    </Field>
  );
}
