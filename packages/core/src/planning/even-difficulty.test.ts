import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as highsModule from 'highs';
import { allocate, type AllocationProblem } from './allocate.js';
import { layAllocation, spread, sumsOf, usesOf, type LaidAllocation } from './allocation-model.js';
import { evener, openWindows, totalDifficulty } from './even-difficulty.js';
import { highsSolver, type LoadedHighs } from './highs-adapter.js';
import { useSolver } from './solver.js';

/** Every plan that keeps the hard rules, by trying all. */
function allPlans({ G, S, perGroup, may, beside, most }: LaidAllocation): number[][][] {
  const choices = (from: number, left: number): number[][] =>
    left === 0
      ? [[]]
      : Array.from({ length: Math.max(0, S - from) }, (_, i) => from + i).flatMap((s) =>
          choices(s + 1, left - 1).map((rest) => [s, ...rest]),
        );
  const lists = choices(0, perGroup);
  let plans: number[][][] = [[]];
  for (let g = 0; g < G; g++)
    plans = plans.flatMap((plan) =>
      lists
        .filter(
          (list) =>
            list.every((s) => may[g]![s]) &&
            beside[g]!.every((n) => n >= g || !plan[n]!.some((s) => list.includes(s))),
        )
        .map((list) => [...plan, list]),
    );
  return plans.filter((plan) => usesOf({ S } as LaidAllocation, plan).every((n, s) => n <= most[s]!));
}

const problems: fc.Arbitrary<AllocationProblem> = fc
  .record({
    benches: fc.shuffledSubarray(
      [0, 1, 2].flatMap((r) => [0, 1].map((c) => [r, c] as const)),
      { minLength: 1, maxLength: 4 },
    ),
    samples: fc.array(
      fc.record({
        difficulty: fc.integer({ min: 1, max: 5 }),
        available: fc.option(fc.integer({ min: 1, max: 4 }), { nil: undefined }),
      }),
      { minLength: 2, maxLength: 5 },
    ),
    perGroup: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ benches, samples, perGroup }) => ({
    groups: benches.map((bench, i) => ({ id: `G${i}`, bench })),
    samples: samples.map(({ difficulty, available }, i) => ({
      id: `S${i}`,
      difficulty,
      ...(available === undefined ? {} : { available }),
    })),
    perGroup,
  }));

// The package's types and its module disagree on whether it has a default.
const load = (highsModule as unknown as { default: () => Promise<LoadedHighs> }).default;

describe('counting', () => {
  test('shuts no window in which a plan lies, and no total that a plan has', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const laid = layAllocation(problem);
        for (const plan of allPlans(laid)) {
          const coverage = spread(usesOf(laid, plan));
          const sums = sumsOf(laid, plan);
          const total = sums.reduce((a, b) => a + b, 0);
          const range = totalDifficulty(laid, coverage)!;
          expect(range.least).toBeLessThanOrEqual(total);
          expect(range.most).toBeGreaterThanOrEqual(total);
          expect(openWindows(laid, coverage, spread(sums))).toContain(Math.min(...sums));
        }
      }),
      { numRuns: 60 },
    );
  });
  test('alone proves that groups cannot all have the same where the mean is no whole number', () => {
    const laid = layAllocation({
      groups: Array.from({ length: 6 }, (_, i) => ({ id: `G${i}`, bench: [2 * i, 0] as const })),
      samples: [1, 2, 4].map((difficulty, i) => ({ id: `S${i}`, difficulty })),
      perGroup: 1,
    });
    // Each sample goes to two groups: 14 in all, 2⅓ a group.
    expect(totalDifficulty(laid, 0)).toEqual({ least: 14, most: 14 });
    expect(openWindows(laid, 0, 0)).toEqual([]);
    expect(openWindows(laid, 0, 3).sort()).toEqual([0, 1, 2]);
  });
});

describe('with a solver', () => {
  beforeEach(async () => useSolver(await highsSolver(() => load())));
  afterEach(() => useSolver(undefined));

  test('what is called least is least, by trying every plan', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const laid = layAllocation(problem);
        const plans = allPlans(laid).map((plan) => [spread(usesOf(laid, plan)), spread(sumsOf(laid, plan))]);
        const result = allocate(problem);
        expect(result.feasible).toBe(plans.length > 0);
        if (!plans.length) return;
        const coverage = Math.min(...plans.map(([c]) => c!));
        const difficulty = Math.min(...plans.filter(([c]) => c === coverage).map(([, d]) => d!));
        expect(result).toMatchObject({
          coverageSpread: coverage,
          difficultySpread: difficulty,
          optimal: { coverage: true, difficulty: true },
        });
      }),
      { numRuns: 25 },
    );
  });
});

describe('without one', () => {
  test('a plan stays as it is and nothing is claimed that counting does not prove', () => {
    const laid = layAllocation({
      groups: [0, 1].map((i) => ({ id: `G${i}`, bench: [0, i] as const })),
      samples: [1, 2, 3, 4].map((difficulty, i) => ({ id: `S${i}`, difficulty })),
      perGroup: 2,
    });
    const plan = [
      [0, 1],
      [2, 3],
    ];
    expect(evener(laid, plan, 0, 1)).toEqual({ plan, proven: false });
  });
});
