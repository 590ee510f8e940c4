import { describe, expect, test } from '@jest/globals';
import { markTap } from '../marking/mark-tap.js';
import { mark } from '../marking/mark.js';
import { reactionsOfTest } from '../reactions/reactions-of-test.js';
import { discriminate } from '../reasoning/discriminate.js';
import { identify } from '../reasoning/identify.js';
import { derivedResults } from './derived.js';
import { allTests, testOf } from './tests.js';

describe('tests that confirm one ion', () => {
  test.each([
    ['potassium-iodide', ['Pb2+', 'NO3-'], ['Zn2+', 'NO3-']],
    ['thiocyanate', ['Fe3+', 'Cl-'], ['Fe2+', 'Cl-']],
    ['magnesium-sulfate', ['Na+', 'CO3^2-'], ['Na+', 'HCO3-']],
  ] as const)('%s parts %j from %j', (id, one, other) => {
    const found = discriminate([{ ions: one }, { ions: other }], [id]);
    // An iron(II) solution that has stood goes faintly red too: told apart only while it is fresh.
    expect(found.inseparable).toEqual(id === 'thiocyanate' ? [[0, 1]] : []);
  });
  test('iron(III) is led by the red, with iron(II) far behind', () => {
    const { ranked } = identify({ cations: ['Fe2+', 'Fe3+', 'Al3+'], anions: [] }, [
      { test: 'thiocyanate', seen: { solution: 'red' } },
    ]);
    expect(ranked.cation![0]!.id).toBe('Fe3+');
    expect(ranked.cation!.find((c) => c.id === 'Al3+')!.p).toBeLessThan(0.05);
  });
  test.each([
    ['potassium-iodide', { 'Pb2+': 0.1, 'NO3-': 0.2 }, 'yellow'],
    ['potassium-iodide', { 'Ag+': 0.1, 'NO3-': 0.1 }, 'yellow'],
    ['potassium-iodide', { 'Zn2+': 0.1, 'NO3-': 0.2 }, 'none'],
    ['magnesium-sulfate', { 'Na+': 0.2, 'CO3^2-': 0.1 }, 'white'],
    ['magnesium-sulfate', { 'Na+': 0.1, 'Cl-': 0.1 }, 'none'],
  ])('%s on %j is %s by the equilibria too', (id, ions, value) =>
    expect(derivedResults(id, { ions: ions as unknown as Record<string, number> })[0]!.value).toBe(value),
  );
  test.each([
    ['potassium-iodide', ['Pb2+', 'NO3-'], 'Pb²⁺(aq) + 2I⁻(aq) → PbI₂(s)'],
    ['potassium-iodide', ['Cu2+', 'SO4^2-'], '2Cu²⁺(aq) + 4I⁻(aq) → 2CuI(s) + I₂(aq)'],
    ['potassium-iodide', ['Fe3+', 'Cl-'], '2Fe³⁺(aq) + 2I⁻(aq) → 2Fe²⁺(aq) + I₂(aq)'],
    ['thiocyanate', ['Fe3+', 'SO4^2-'], 'Fe³⁺(aq) + SCN⁻(aq) → [Fe(SCN)]²⁺(aq)'],
    ['magnesium-sulfate', ['Na+', 'CO3^2-'], 'Mg²⁺(aq) + CO₃²⁻(aq) → MgCO₃(s)'],
  ] as const)('%s on %j: %s', (id, sample, text) =>
    expect(reactionsOfTest({ test: id, sample }).equations.find((e) => e.form === 'ionic')!.text).toBe(text),
  );
  test.each([
    ['thiocyanate', ['Fe3+', 'Cl-'], 'solution', 'the solution turned blood red', 1],
    ['thiocyanate', ['Fe3+', 'Cl-'], 'solution', 'dark red colour', 1],
    ['thiocyanate', ['Fe3+', 'Cl-'], 'solution', 'it went blue', 0],
    ['thiocyanate', ['Al3+', 'Cl-'], 'solution', 'no change', 1],
    ['potassium-iodide', ['Pb2+', 'NO3-'], 'precipitate', 'bright yellow precipitate', 1],
    ['potassium-iodide', ['Pb2+', 'NO3-'], 'precipitate', 'white precipitate', 0],
    ['magnesium-sulfate', ['Na+', 'HCO3-'], 'precipitate', 'no precipitate', 1],
  ] as const)('%s on %j, %s: “%s” earns %d', (id, sample, attribute, words, points) =>
    expect(mark('senior', { kind: 'observation', test: id, sample, attribute }, words).points).toBe(points),
  );
  test('what is tapped earns by the records', () =>
    expect(
      markTap(
        { kind: 'observation', test: 'thiocyanate', sample: ['Fe3+', 'Cl-'], attribute: 'solution' },
        'red',
      ).points,
    ).toBe(1));
  test('are suggested after those that tell many', () => {
    const { add } = discriminate(
      [{ ions: ['Pb2+', 'NO3-'] }, { ions: ['Al3+', 'NO3-'] }, { ions: ['Fe3+', 'NO3-'] }],
      ['lit-splint'],
    );
    const first = add.findIndex((a) => testOf(a.test).confirms);
    expect(first).toBeGreaterThan(0);
    expect(add.slice(first).every((a) => testOf(a.test).confirms)).toBe(true);
  });
  test('every test says from what age it is usually set', () =>
    expect(allTests.filter((t) => ![11, 14, 16].includes(t.fromAge)).map((t) => t.id)).toEqual([]));
});
