import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { flameTest } from '../identification-tests/definitions/flame.js';
import { testOf } from '../identification-tests/tests.js';
import { identify } from './identify.js';
import { explains, likelihood, probabilityOfValue } from './likelihood.js';

const cations = ['Li+', 'Na+', 'K+', 'Ca2+', 'Cu2+'];
const flame = (colour: string, glass?: string) => ({
  test: 'flame',
  seen: { colour, ...(glass ? { throughBlueGlass: glass } : {}) },
});
const named = (observations: Parameters<typeof identify>[1]) =>
  identify({ cations, anions: ['Cl-'] }, observations);

describe('likelihoods are probabilities', () => {
  test('over all values of an attribute they sum to one, whatever is expected', () => {
    for (const attribute of flameTest.attributes) {
      for (const outcome of flameTest.outcomes) {
        const total = attribute.values.reduce(
          (sum, v) => sum + probabilityOfValue(attribute, outcome.shows[attribute.id]!, v.id, 0.02),
          0,
        );
        expect(total).toBeCloseTo(1, 10);
      }
    }
  });
  test('over all records of a test they sum to one for every ion', () => {
    const [colour, glass] = flameTest.attributes;
    for (const { of: ion } of flameTest.outcomes) {
      let total = 0;
      for (const a of colour!.values)
        for (const b of glass!.values) total += likelihood(flame(a.id, b.id), ion);
      expect(total).toBeCloseTo(1, 10);
    }
  });
});

describe('identify', () => {
  test('a clear colour names its ion and rules the others out', () => {
    const { ranked, ruledOut, consistent } = named([flame('lilac', 'crimson')]);
    expect(ranked.cation![0]!.id).toBe('K+');
    expect(consistent).toBe(true);
    expect(ruledOut.map((r) => r.id)).toEqual(expect.arrayContaining(['Li+', 'Na+', 'Ca2+', 'Cu2+']));
    expect(ruledOut[0]!.by).toEqual([0]);
  });
  test('yellow to the eye and crimson through the glass is potassium under sodium, not a contradiction', () => {
    const { ranked, consistent } = named([flame('yellow', 'crimson')]);
    expect(ranked.cation![0]!.id).toBe('K+');
    expect(consistent).toBe(true);
  });
  test('a red alone rules neither lithium nor strontium out', () => {
    const { ruledOut } = identify({ cations: ['Li+', 'Sr2+'], anions: ['Cl-'] }, [flame('red')]);
    expect(ruledOut).toEqual([]);
  });
  test('records no candidate explains are pointed at, the likelier one to repeat among them', () => {
    const found = named([
      flame('lilac', 'crimson'),
      flame('lilac', 'lilac'),
      flame('blue-green', 'blue-green'),
    ]);
    expect(found.consistent).toBe(false);
    expect(found.suspects).toEqual([2]);
  });
  test('with nothing seen, all stand equal and the test with most bits a minute comes first', () => {
    const { ranked, next } = named([]);
    expect(new Set(ranked.cation!.map((r) => r.p.toFixed(9))).size).toBe(1);
    const falling = (tests: typeof next) => {
      const worth = tests.map((t) => t.bits / t.minutes);
      expect(worth).toEqual([...worth].sort((a, b) => b - a));
    };
    // What only confirms one ion comes after what tells many.
    const first = next.findIndex((t) => testOf(t.test).confirms);
    falling(next.slice(0, first));
    falling(next.slice(first));
    expect(next.slice(first).every((t) => testOf(t.test).confirms)).toBe(true);
    expect(next.map((t) => t.test)).toContain('flame');
  });
  test('once an ion is certain, another flame tells little', () => {
    const bitsOf = (found: ReturnType<typeof named>) => found.next.find((t) => t.test === 'flame')?.bits ?? 0;
    const before = bitsOf(named([]));
    const after = bitsOf(named([flame('lilac', 'crimson'), flame('lilac', 'crimson')]));
    expect(after).toBeLessThan(before / 10);
  });
  test('shares sum to one and the order of observations does not matter', () => {
    const values = flameTest.attributes[0]!.values.map((v) => v.id);
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...values), { maxLength: 6 }), (colours) => {
        const one = named(colours.map((c) => flame(c)));
        const other = named([...colours].reverse().map((c) => flame(c)));
        expect(one.ranked.cation!.reduce((sum, r) => sum + r.p, 0)).toBeCloseTo(1, 9);
        for (const { id, p } of one.ranked.cation!)
          expect(other.ranked.cation!.find((r) => r.id === id)!.p).toBeCloseTo(p, 9);
      }),
    );
  });
  test('salts are ranked as pairs', () => {
    const { ranked } = identify(
      {
        salts: [
          ['Na+', 'Cl-'],
          ['K+', 'Cl-'],
        ],
      },
      [flame('lilac')],
    );
    expect(ranked.salt![0]!.id).toEqual(['K+', 'Cl-']);
  });
  test('sodium about explains; a closed air hole does not', () => {
    expect(explains(flame('yellow', 'crimson'), 'K+')).toBe('masked');
    expect(explains(flame('yellow', 'none'), 'K+')).toBe('none');
  });
});
