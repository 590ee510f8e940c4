/** What one group's plate holds, and how many groups work on each sample of a lesson. */
import { isDoneOn } from '../practicals/evidence.js';
import type { Practical } from '../practicals/practical.js';
import { testOf } from '../identification-tests/tests.js';

/**
 * Rows of one group's plate: drop tests on solutions, knowns first, then as many unknowns as a group has,
 * which are called `unknown 1` and so on, since groups have different ones.
 */
export function plateRows(
  practical: Practical,
): { readonly key: string; readonly tests: readonly string[] }[] {
  const onPlate = practical.tests.filter(({ test }) =>
    testOf(test).attributes.some((a) => a.reads === 'precipitate' || a.reads === 'spot'),
  );
  const rows = practical.samples
    .filter((s) => s.form === 'solution')
    .map((s) => ({ s, tests: onPlate.filter((t) => isDoneOn(t, s)).map((t) => t.test as string) }))
    .filter(({ tests }) => tests.length);
  return [
    ...rows.filter(({ s }) => s.role === 'known').map(({ s, tests }) => ({ key: s.key, tests })),
    ...rows
      .filter(({ s }) => s.role === 'unknown')
      .slice(0, practical.unknownsPerGroup)
      .map(({ tests }, i) => ({ key: `unknown ${i + 1}`, tests })),
  ];
}

/** Groups that work on each sample, by its key in the practical: all for a known, those that were dealt it for an unknown. */
export const portionsIn = (
  samples: readonly { readonly id: string; readonly key: string; readonly role: 'known' | 'unknown' }[],
  groups: readonly { readonly unknowns: readonly string[] }[],
): Record<string, number> =>
  Object.fromEntries(
    samples.map((s) => [
      s.key,
      s.role === 'known' ? groups.length : groups.filter((g) => g.unknowns.includes(s.id)).length,
    ]),
  );
