/** A small field of a tile that has many. */
import { Field } from '../kit/Field.js';

export function Labelled({ text, children }: { readonly text: string; readonly children: React.ReactNode }) {
  return (
    <Field size="small" label={text}>
      {children}
    </Field>
  );
}
