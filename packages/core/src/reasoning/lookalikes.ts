/** Which samples the chosen tests cannot surely tell apart. */
import { cationIn } from '../species/species.js';
import { outcomeOf, testOf } from '../identification-tests/tests.js';

export interface Lookalikes {
  /** Places of the two samples in the list given. */
  readonly pair: readonly [number, number];
  /** `same`: they show the same in everything; `overlap`: some result may come from either. */
  readonly how: 'same' | 'overlap';
}

/**
 * Pairs of samples that share a possible result in every attribute looked at.
 * @param samples lists of ion ids.
 * @param tests tests with the attributes that are recorded.
 */
export function lookalikes(
  samples: readonly (readonly string[])[],
  tests: readonly { readonly test: string; readonly attributes: readonly string[] }[],
): Lookalikes[] {
  const shown = samples.map((ions) => {
    const ion = cationIn(ions) ?? '';
    return tests.flatMap(({ test, attributes }) =>
      attributes.map((attribute) => outcomeOf(testOf(test), ion)?.shows[attribute] ?? []),
    );
  });
  return shown.flatMap((a, i) =>
    shown.slice(i + 1).flatMap((b, k): Lookalikes[] => {
      const overlap = a.every(
        (values, at) => values.length === 0 || b[at]!.length === 0 || values.some((v) => b[at]!.includes(v)),
      );
      if (!overlap) return [];
      return [{ pair: [i, i + 1 + k], how: JSON.stringify(a) === JSON.stringify(b) ? 'same' : 'overlap' }];
    }),
  );
}
