import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isAnionId, isCationId, isGasId } from '../species/species.js';
import { allTests, attributeOf, testOf } from '../identification-tests/tests.js';
import { identify } from './identify.js';
import {
  explains,
  keyed,
  likeliestSlip,
  likelihood,
  likelihoodIn,
  mixUp,
  probabilityOfValue,
  situationOf,
  type SeenRecord,
} from './likelihood.js';
import { nextTests } from './next-test.js';

/** Every record a test can give, with no neutral value or with one of each attribute. */
const recordsOf = (id: string, neutralToo = false): SeenRecord[] => {
  let seen: Record<string, string>[] = [{}];
  for (const a of testOf(id).attributes) {
    const neutral = a.neutral ?? [];
    const values = a.values.map((v) => v.id).filter((v) => !neutral.includes(v));
    if (neutralToo) values.push(...neutral.slice(0, 1));
    seen = seen.flatMap((s) => values.map((value) => ({ ...s, [a.id]: value })));
  }
  return seen.map((s) => ({ test: id, seen: s }));
};
/** Tests read by a closed list of values alone. */
const closed = allTests.filter((t) => t.attributes.every((a) => !a.number));
/** The state of a sample is told, not found out: its look is judged given the state, so it is no distribution over states. */
const observed = closed.map((t): string => t.id).filter((id) => id !== 'appearance');
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

describe('likelihoods of every test are probabilities', () => {
  test.each(observed)('%s: over all records they sum to one for each species it knows', (id) => {
    const records = recordsOf(id, true);
    for (const species of new Set(testOf(id).outcomes.map((o) => o.of))) {
      const situation = situationOf(id, [species]);
      const total = sum(records.map((r) => likelihoodIn(situation, r.seen, true)));
      expect([species, Math.abs(total - 1) < 1e-9 || total]).toEqual([species, true]);
    }
  });
  test.each(closed.map((t) => t.id))('%s: no record is ever impossible', (id) => {
    for (const species of new Set(testOf(id).outcomes.map((o) => o.of)))
      expect(Math.min(...recordsOf(id).map((r) => likelihood(r, [species])))).toBeGreaterThan(0);
  });
  test('the first of several values that may be seen takes half, the rest share the other', () => {
    const colour = attributeOf(testOf('flame'), 'colour');
    const plain = { ...colour, confusions: [] };
    expect(probabilityOfValue(plain, ['red', 'crimson', 'orange-red'], 'red', 0)).toBe(0.5);
    expect(probabilityOfValue(plain, ['red', 'crimson', 'orange-red'], 'crimson', 0)).toBe(0.25);
    expect(probabilityOfValue(plain, ['red'], 'green', 0)).toBe(0);
  });
  test('a measured temperature counts as right within its limits', () => {
    const temperature = testOf('boiling-point').attributes.find((a) => a.number)!;
    const p = (value: string) => probabilityOfValue(temperature, ['100'], value, 0.02);
    expect(p('100')).toBe(p('101'));
    expect(p('100')).toBeGreaterThan(20 * p('78'));
  });
  test('a mix-up is the floor of every likelihood', () => {
    const strange = { test: 'halide-silver', seen: { precipitate: 'yellow' } };
    const values = attributeOf(testOf('halide-silver'), 'precipitate').values.length;
    expect(likelihood(strange, ['Cl-'])).toBeGreaterThan((mixUp / values) * 0.99);
  });
});

describe('slips are causes', () => {
  test('sodium about: yellow on a potassium salt is read through it, and the advice names no ion', () => {
    const record = { test: 'flame', seen: { colour: 'yellow', throughBlueGlass: 'crimson' } };
    expect(explains(record, ['K+'])).toBe('masked');
    const slip = likeliestSlip(record, ['K+']);
    expect(slip?.advice).not.toMatch(/potassium|sodium chloride/i);
  });
  test('no slip is blamed for what the sample shows by itself', () =>
    expect(
      likeliestSlip({ test: 'flame', seen: { colour: 'lilac', throughBlueGlass: 'crimson' } }, ['K+']),
    ).toBeUndefined());
  test('what a slip makes appear is put down to a slip that makes it appear, on some sample it can befall', () => {
    const unblamed: string[] = [];
    for (const t of closed)
      for (const slip of t.slips) {
        const samples = slip.only?.map((id) => [id]) ?? t.outcomes.map((o) => [o.of]);
        const shown = Object.entries(slip.shows).map(
          ([attribute, values]) => [attribute, values[0]!] as const,
        );
        const seen = Object.fromEntries(shown);
        const blamed = samples.map((sample) => likeliestSlip({ test: t.id, seen }, sample));
        const found = blamed.filter((b) => b !== undefined);
        // What shows may also be what every sample shows: then no slip need be blamed.
        const odd = samples.some((sample) => explains({ test: t.id, seen }, sample) !== 'plain');
        if (odd && !found.length) unblamed.push(`${t.id} ${slip.id}`);
        for (const blame of found)
          expect([t.id, slip.id, shown.some(([a, v]) => blame.shows[a]?.includes(v))]).toEqual([
            t.id,
            slip.id,
            true,
          ]);
      }
    expect(unblamed).toEqual([]);
  });
});

describe('the next test is worth its bits', () => {
  const salts = [
    ['Na+', 'Cl-'],
    ['K+', 'Cl-'],
    ['Cu2+', 'SO4^2-'],
    ['Zn2+', 'SO4^2-'],
    ['Al3+', 'SO4^2-'],
  ];
  const entropy = (p: readonly number[]) => -sum(p.map((x) => (x > 0 ? x * Math.log2(x) : 0)));
  test('bits are the fall in entropy averaged over what may be recorded, by plain enumeration', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 5, maxLength: 5 }), (weights) => {
        const p = weights.map((w) => w / sum(weights));
        for (const { test: id, bits } of nextTests(salts.map(keyed), p)) {
          if (!observed.includes(id)) continue;
          let left = 0;
          for (const { seen } of recordsOf(id, true)) {
            const joint = salts.map((s, i) => p[i]! * likelihoodIn(situationOf(id, s), seen, true));
            const all = sum(joint);
            if (all === 0) continue;
            left += all * entropy(joint.map((j) => j / all));
          }
          expect(bits).toBeCloseTo(entropy(p) - left, 6);
        }
      }),
      { numRuns: 4 },
    );
  });
  test('no test tells more than there is to know, and a certain sample leaves nothing to learn', () => {
    const even = salts.map(() => 1 / salts.length);
    for (const { bits } of nextTests(salts.map(keyed), even)) expect(bits).toBeLessThanOrEqual(entropy(even));
    expect(nextTests(salts.map(keyed), [1, 0, 0, 0, 0])).toEqual([]);
  });
  test('gas tests are not offered for dissolved salts, nor acid on metals', () => {
    const offered = nextTests(
      salts.map(keyed),
      salts.map(() => 0.2),
    ).map((t) => testOf(t.test).family);
    expect(offered).not.toContain('gas');
    expect(offered).not.toContain('metal');
  });
});

describe('one wrong observation among good ones is overcome or pointed at', () => {
  const candidates = {
    cations: ['Li+', 'Na+', 'K+', 'NH4+', 'Ca2+', 'Cu2+', 'Fe2+', 'Fe3+', 'Al3+', 'Zn2+', 'Mg2+'],
    anions: ['Cl-', 'Br-', 'I-', 'SO4^2-', 'CO3^2-', 'NO3-'],
  };
  /** What a clean run of a test shows on a sample, the likeliest value of each attribute. */
  const clean = (id: string, sample: string[]): SeenRecord => ({
    test: id,
    seen: Object.fromEntries(
      Object.entries(situationOf(id, sample).expectation)
        .filter(([, values]) => values.length)
        .map(([attribute, values]) => [attribute, values[0]!]),
    ),
  });
  const battery = [
    'appearance',
    'flame',
    'naoh',
    'naoh-warm',
    'ammonia-solution',
    'sulfate',
    'halide-silver',
  ];
  const cases = candidates.cations.flatMap((c) => ['Cl-', 'SO4^2-', 'NO3-'].map((a) => [c, a]));
  test('over every soluble salt and every test of a battery', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...cases),
        fc.constantFrom(...battery.slice(1)),
        fc.nat(1000),
        (sample, spoiltTest, pick) => {
          const records = battery.map((id) => clean(id, sample));
          // Each test done twice, as a careful group does, so that one wrong run stands against a right one.
          const twice = [...records, ...records];
          const at = battery.indexOf(spoiltTest);
          const wrong = recordsOf(spoiltTest);
          twice[at] = wrong[pick % wrong.length]!;
          const { ranked, suspects } = identify(candidates, twice);
          const overcome = ranked.cation![0]!.id === sample[0] && ranked.anion![0]!.id === sample[1];
          return overcome || suspects.includes(at);
        },
      ),
      { numRuns: 150 },
    );
  });
  test('ids ranked are those asked for', () => {
    const { ranked } = identify(candidates, []);
    expect(ranked.cation!.every((r) => isCationId(String(r.id)))).toBe(true);
    expect(ranked.anion!.every((r) => isAnionId(String(r.id)))).toBe(true);
    const { ranked: gases } = identify({ gases: ['H2', 'O2', 'CO2'] }, [
      { test: 'lit-splint', seen: { splint: 'pop' } },
    ]);
    expect(isGasId(String(gases.gas![0]!.id))).toBe(true);
    expect(gases.gas![0]!.id).toBe('H2');
  });
});
