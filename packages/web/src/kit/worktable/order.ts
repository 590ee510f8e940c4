/** How rows are put in order and found: pure. */

type Value = string | number | undefined;

/** Numbers by size, words as people sort them (Jar 2 before Jar 10); what has no value comes last. */
export function compared(a: Value, b: Value): number {
  if (a === undefined || b === undefined) return a === b ? 0 : a === undefined ? 1 : -1;
  if (typeof a === 'number' && typeof b === 'number') return a - b;
  return String(a).localeCompare(String(b), 'en-GB', { numeric: true, sensitivity: 'base' });
}

/** Does a row hold every word looked for, each in any of its columns? */
export function fits(values: readonly Value[], words: string): boolean {
  const text = values.join(' ').toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => text.includes(word));
}
