/** The box in which a bench writes what it saw. */
import { Field } from '../kit/Field.js';
import { Textarea } from '../kit/Input.js';

export function WordsBox({
  label,
  words,
  write,
  rows = 3,
  readOnly = false,
}: {
  readonly label: string;
  readonly words: string;
  readonly write: (words: string) => void;
  readonly rows?: number;
  readonly readOnly?: boolean;
}) {
  return (
    <Field label={label}>
      <Textarea
        rows={rows}
        fontSize="lg"
        value={words}
        maxLength={500}
        autoComplete="off"
        readOnly={readOnly}
        onChange={(e) => write(e.target.value)}
      />
    </Field>
  );
}
