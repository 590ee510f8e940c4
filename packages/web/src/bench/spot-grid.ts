/** What a grid of spots holds, and the entries it comes to. */
import type { BenchSample } from '@kivex/contract';
import { attributeOf, testOf, type PlannedTest, type StudentBody } from '@kivex/core';
import { sideBySide } from './pad-draft.js';

/** By sample and test the value seen; undefined where nothing is said yet. */
export type Spots = Readonly<Record<string, Readonly<Record<string, string | undefined>>>>;

/** The tests of a practical that are spots of one look, logged by tapping: where there are two of them a grid fits. */
export function spotTests(tests: readonly PlannedTest[]): readonly PlannedTest[] {
  const spots = tests.filter((planned) => {
    const looks = sideBySide(planned);
    return looks.length === 1 && attributeOf(testOf(planned.test), looks[0]!).reads === 'spot';
  });
  return spots.length > 1 ? spots : [];
}

/** The value after this one; after the last nothing is said again. */
export function nextValue(values: readonly string[], now: string | undefined): string | undefined {
  return values[now === undefined ? 0 : values.indexOf(now) + 1];
}

/** An entry for each well that was filled, sample by sample. */
export const spotBodies = (
  tests: readonly PlannedTest[],
  samples: readonly Pick<BenchSample, 'id'>[],
  spots: Spots,
): StudentBody[] =>
  samples.flatMap(({ id }) =>
    tests.flatMap(({ test, variant, attributes }): StudentBody[] => {
      const value = spots[id]?.[test];
      return value === undefined
        ? []
        : [{ type: 'observation', sample: id, test, variant, seen: { [attributes[0]!]: value } }];
    }),
  );
