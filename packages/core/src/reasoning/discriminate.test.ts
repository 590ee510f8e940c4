import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allTests } from '../identification-tests/tests.js';
import { cheapestCover, discriminate, type Key } from './discriminate.js';

const salts = (...cations: string[]) => cations.map((c) => ({ ions: [c, 'Cl-'] }));

describe('what tests can tell apart', () => {
  test('aluminium and zinc are alike in sodium hydroxide; ammonia is offered', () => {
    const found = discriminate(salts('Al3+', 'Zn2+', 'Mg2+'), ['naoh']);
    expect(found.inseparable).toEqual([[0, 1]]);
    expect(found.add.map((a) => a.test)).toContain('ammonia-solution');
  });
  test('the same sample twice cannot be told apart by anything', () => {
    const found = discriminate(
      salts('Na+', 'Na+'),
      allTests.map((t) => t.id),
    );
    expect([found.inseparable, found.add]).toEqual([[[0, 1]], []]);
  });
  test('the cheapest battery is as cheap as trying every set, and separates all that can be', () => {
    const pair = fc.integer({ min: 0, max: 9 });
    const cover = fc.record({
      pairs: fc.uniqueArray(pair, { maxLength: 6 }),
      minutes: fc.integer({ min: 1, max: 9 }),
    });
    fc.assert(
      fc.property(fc.array(cover, { minLength: 1, maxLength: 8 }), (tests) => {
        const names = tests.map((_, i) => String(i));
        const covers = tests.map((t) => new Set(t.pairs));
        const minutes = tests.map((t) => t.minutes);
        const chosen = cheapestCover(names, covers, minutes);
        const all = new Set(tests.flatMap((t) => t.pairs));
        const covered = (set: number[]) => [...all].every((p) => set.some((t) => covers[t]!.has(p)));
        const cost = (set: number[]) => set.reduce((sum, t) => sum + minutes[t]!, 0);
        let least = Infinity;
        for (let m = 0; m < 1 << tests.length; m++) {
          const set = tests.map((_, t) => t).filter((t) => m & (1 << t));
          if (covered(set)) least = Math.min(least, cost(set));
        }
        return covered(chosen) && cost(chosen) === least;
      }),
    );
  });
  test('the key leads every sample to a leaf of samples that cannot be told apart', () => {
    const samples = salts('Li+', 'Na+', 'K+', 'Ca2+', 'Cu2+', 'Al3+', 'Zn2+', 'Fe3+');
    const { key, inseparable } = discriminate(samples, ['flame', 'naoh', 'ammonia-solution']);
    const leaves: (readonly number[])[] = [];
    const walk = (k: Key): void => {
      if ('samples' in k) leaves.push(k.samples);
      else k.branches.forEach((b) => walk(b.then));
    };
    walk(key);
    expect(new Set(leaves.flat())).toEqual(new Set(samples.map((_, i) => i)));
    for (const leaf of leaves)
      for (const a of leaf) for (const b of leaf) if (a < b) expect(inseparable).toContainEqual([a, b]);
  });
  test('an unknown test is refused by name', () =>
    expect(() => discriminate(salts('Na+'), ['taste'])).toThrow(/"taste" is not a test/));
});
