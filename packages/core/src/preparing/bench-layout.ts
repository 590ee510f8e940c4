/** What one group's plate holds, and how many groups work on each sample of a lesson. */
import { isDoneOn } from '../practicals/evidence.js';
import type { Practical, SampleRole } from '../practicals/practical.js';
import { testOf } from '../identification-tests/tests.js';

/**
 * Rows of one group's plate: drop tests on solutions, knowns first, then as many unknowns as a group has,
 * which are called `unknown 1` and so on, since groups have different ones; the liquids kept of either likewise.
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
  const numbered = (word: string, is: (row: (typeof rows)[number]) => boolean) =>
    rows
      .filter(is)
      .slice(0, practical.unknownsPerGroup)
      .map(({ tests }, i) => ({ key: `${word} ${i + 1}`, tests }));
  return [
    ...rows.filter(({ s }) => s.role === 'known').map(({ s, tests }) => ({ key: s.key, tests })),
    ...rows.filter(({ s }) => s.from?.known).map(({ s, tests }) => ({ key: s.key, tests })),
    ...numbered('unknown', ({ s }) => s.role === 'unknown'),
    ...numbered('liquid', ({ s }) => s.role === 'kept' && !s.from?.known),
  ];
}

/**
 * Groups that work on each sample, by its key in the practical: all for a known, those that were dealt it for an unknown;
 * for a kept liquid those that have what it is left `from` (by id).
 */
export const portionsIn = (
  samples: readonly {
    readonly id: string;
    readonly key: string;
    readonly role: SampleRole;
    readonly from?: string;
  }[],
  groups: readonly { readonly unknowns: readonly string[] }[],
): Record<string, number> =>
  Object.fromEntries(
    samples.map((sample) => {
      const source = samples.find((s) => s.id === sample.from) ?? sample;
      return [
        sample.key,
        source.role === 'known' ? groups.length : groups.filter((g) => g.unknowns.includes(source.id)).length,
      ];
    }),
  );
