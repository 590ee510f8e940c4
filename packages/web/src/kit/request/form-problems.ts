/** Puts the server's sentences at the fields they concern. */
import type { FieldValues, Path, UseFormSetError } from 'react-hook-form';
import { RequestProblem } from './request.js';

/**
 * Shows a failed request in a form.
 * @returns the sentence to show above the form when no field of it is at fault, else undefined.
 */
export function placeProblem<T extends FieldValues>(
  error: unknown,
  fields: readonly Path<T>[],
  setError: UseFormSetError<T>,
): string | undefined {
  if (!(error instanceof RequestProblem)) throw error;
  const placed = error.fields.filter(({ field }) => (fields as readonly string[]).includes(field));
  placed.forEach(({ field, detail }, i) =>
    setError(field as Path<T>, { message: detail }, { shouldFocus: i === 0 }),
  );
  return placed.length ? undefined : error.message;
}
