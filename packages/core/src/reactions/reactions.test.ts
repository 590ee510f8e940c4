import { describe, expect, test } from '@jest/globals';
import { expectedSpecies, markEquation } from '../equations/mark-equation.js';
import { markWordEquation } from '../equations/word-equation.js';
import { readFormula } from '../formulas/read-formula.js';
import { allAnions, allCations, allMetals } from '../species/species.js';
import { allTests } from '../identification-tests/tests.js';
import { coefficients } from './coefficients.js';
import type { AcidId } from '../species/in-acid.js';
import { formulaShown, type ReactionEquation } from './reaction-equation.js';
import { reactionsOfGasTest, reactionsOfTest, type ReactionQuestion } from './reactions-of-test.js';

const shown = (question: ReactionQuestion, form: ReactionEquation['form'] = 'ionic') =>
  reactionsOfTest(question)
    .equations.filter((e) => e.form === form)
    .map(({ of, text }) => `${of}: ${text}`);

const marked = (e: ReactionEquation) => {
  if (e.form === 'word') return markWordEquation(e.text, e.reactants, e.products);
  const species = (f: string) => expectedSpecies(readFormula(f)!, e.states[f]);
  return markEquation(e.text, {
    form: e.form,
    reactants: e.reactants.map(species),
    products: e.products.map(species),
    statesRequired: true,
  });
};

describe('coefficients', () => {
  const numbers = (reactants: string[], products: string[], kept?: readonly string[]) =>
    coefficients(
      reactants.map((f) => readFormula(f)!),
      products.map((f) => readFormula(f)!),
      kept,
    );
  test.each<[string[], string[], number[]]>([
    [['H2', 'O2'], ['H2O'], [2, 1, 2]],
    [
      ['Fe2+', 'NO3-', 'H+'],
      ['Fe3+', 'NO', 'H2O'],
      [3, 1, 4, 3, 1, 2],
    ],
    [
      ['KMnO4', 'SO2', 'H2O'],
      ['K2SO4', 'MnSO4', 'H2SO4'],
      [2, 5, 2, 1, 2, 2],
    ],
    [['CuSO4', 'H2O'], ['CuSO4.5H2O'], [1, 5, 1]],
  ])('%j → %j', (reactants, products, wanted) => expect(numbers(reactants, products)).toEqual(wanted));
  test('a group that takes no part is kept whole', () => {
    const [left, right] = [
      ['FeSO4', 'NH4NO3', 'H2SO4'],
      ['Fe2(SO4)3', '(NH4)2SO4', 'NO', 'H2O'],
    ];
    expect(() => numbers(left, right)).toThrow(/not one thing/);
    expect(numbers(left, right, ['NH4'])).toEqual([6, 2, 4, 3, 1, 2, 4]);
  });
  test('what cannot balance is refused by name', () =>
    expect(() => numbers(['Na+'], ['NaCl'])).toThrow(/balances Na, NaCl/));
});

describe('the equations of a test', () => {
  test.each<[ReactionQuestion, string[]]>([
    [
      { test: 'naoh', sample: ['Zn2+', 'SO4^2-'] },
      ['drops: Zn²⁺(aq) + 2OH⁻(aq) → Zn(OH)₂(s)', 'excess: Zn(OH)₂(s) + 2OH⁻(aq) → [Zn(OH)₄]²⁻(aq)'],
    ],
    [{ test: 'naoh', sample: ['Ag+', 'NO3-'] }, ['drops: 2Ag⁺(aq) + 2OH⁻(aq) → Ag₂O(s) + H₂O(l)']],
    [
      { test: 'ammonia-solution', sample: ['Ag+', 'NO3-'] },
      [
        'drops: 2Ag⁺(aq) + 2NH₃(aq) + H₂O(l) → Ag₂O(s) + 2NH₄⁺(aq)',
        'excess: Ag₂O(s) + 4NH₃(aq) + H₂O(l) → 2[Ag(NH₃)₂]⁺(aq) + 2OH⁻(aq)',
      ],
    ],
    // Aluminium hydroxide stays in ammonia; it would go in sodium hydroxide.
    [
      { test: 'ammonia-solution', sample: ['Al3+', 'NO3-'] },
      ['drops: Al³⁺(aq) + 3NH₃(aq) + 3H₂O(l) → Al(OH)₃(s) + 3NH₄⁺(aq)'],
    ],
    [
      { test: 'dilute-acid', sample: ['Na+', 'HCO3-'] },
      ['test: HCO₃⁻(aq) + H⁺(aq) → CO₂(g) + H₂O(l)', 'gas: CO₂(g) + Ca²⁺(aq) + 2OH⁻(aq) → CaCO₃(s) + H₂O(l)'],
    ],
    [
      { test: 'sulfate', sample: ['Ag+', 'SO4^2-'] },
      ['test: Ag⁺(aq) + Cl⁻(aq) → AgCl(s)', 'test: Ba²⁺(aq) + SO₄²⁻(aq) → BaSO₄(s)'],
    ],
    [{ test: 'sulfate', sample: ['Na+', 'CO3^2-'] }, ['test: CO₃²⁻(aq) + 2H⁺(aq) → CO₂(g) + H₂O(l)']],
    [{ test: 'halide-layer', sample: ['K+', 'I-'] }, ['test: Cl₂(aq) + 2I⁻(aq) → 2Cl⁻(aq) + I₂(aq)']],
    [{ test: 'phosphate-spot', sample: ['Ca2+', 'Cl-'] }, ['test: Ca²⁺(aq) + HPO₄²⁻(aq) → CaHPO₄(s)']],
    [
      { test: 'nitrate-reduction', sample: ['K+', 'NO3-'] },
      ['test: 8Al(s) + 3NO₃⁻(aq) + 5OH⁻(aq) + 18H₂O(l) → 8[Al(OH)₄]⁻(aq) + 3NH₃(g)'],
    ],
    [{ test: 'metal-acid', sample: ['Al'] }, ['test: 2Al(s) + 6H⁺(aq) → 2Al³⁺(aq) + 3H₂(g)']],
  ])('%j', (question, wanted) => expect(shown(question)).toEqual(wanted));

  test('a carbonate in solution is its ion; a solid is written whole', () => {
    const sample = ['Na+', 'CO3^2-'];
    expect(shown({ test: 'dilute-acid', sample })[0]).toContain('CO₃²⁻(aq)');
    expect(shown({ test: 'dilute-acid', sample, form: 'solid' })[0]).toBe(
      'test: Na₂CO₃(s) + 2H⁺(aq) → 2Na⁺(aq) + CO₂(g) + H₂O(l)',
    );
    expect(shown({ test: 'dilute-acid', sample: ['Mg2+', 'CO3^2-'] })[0]).toContain('MgCO₃(s)');
  });
  test('the symbol form names the reagent, the acid chosen and what stays beside', () => {
    expect(shown({ test: 'halide-silver', sample: ['Zn2+', 'Cl-'] }, 'symbol')).toEqual([
      'test: ZnCl₂(aq) + 2AgNO₃(aq) → 2AgCl(s) + Zn(NO₃)₂(aq)',
    ]);
    expect(shown({ test: 'sulfate', sample: ['K+', 'SO4^2-'], acid: 'HNO3' }, 'symbol')).toEqual([
      'test: K₂SO₄(aq) + Ba(NO₃)₂(aq) → BaSO₄(s) + 2KNO₃(aq)',
    ]);
  });
  test('thiosulfate with acid: sulfur dioxide and sulfur, each salt and acid whole', () => {
    const symbol = (sample: readonly string[], acid: 'HCl' | 'H2SO4') =>
      reactionsOfTest({ test: 'dilute-acid', sample, acid }).equations.find((e) => e.form === 'symbol')!.text;
    expect(symbol(['Na+', 'S2O3^2-'], 'HCl')).toBe(
      'Na₂S₂O₃(aq) + 2HCl(aq) → 2NaCl(aq) + SO₂(g) + S(s) + H₂O(l)',
    );
    expect(symbol(['Na+', 'S2O3^2-'], 'H2SO4')).toBe(
      'Na₂S₂O₃(aq) + H₂SO₄(aq) → Na₂SO₄(aq) + SO₂(g) + S(s) + H₂O(l)',
    );
  });
  test('words where every substance has a school name, and only there', () => {
    expect(shown({ test: 'naoh', sample: ['Zn2+', 'Cl-'] }, 'word')).toEqual([
      'drops: zinc chloride + sodium hydroxide → zinc hydroxide + sodium chloride',
    ]);
  });
  test('the tests of gases', () => {
    const texts = (gas: 'H2' | 'NH3' | 'H2O') =>
      reactionsOfGasTest(gas).equations.map(({ form, text }) => `${form}: ${text}`);
    expect(texts('H2')[0]).toBe('symbol: 2H₂(g) + O₂(g) → 2H₂O(l)');
    expect(texts('NH3')[0]).toBe('symbol: NH₃(g) + HCl(g) → NH₄Cl(s)');
    expect(texts('H2O')[0]).toBe('symbol: CuSO₄(s) + 5H₂O(l) → CuSO₄·5H₂O(s)');
    expect(reactionsOfTest({ test: 'limewater', sample: ['SO2'] }).equations[0]?.text).toContain('CaSO₃(s)');
  });

  test.each<[ReactionQuestion, RegExp]>([
    [{ test: 'naoh', sample: ['NH4+', 'Cl-'] }, /only when it is warmed/],
    [{ test: 'naoh', sample: ['Cu2+', 'CO3^2-'] }, /copper\(II\) carbonate hardly dissolves/],
    [{ test: 'metal-acid', sample: ['Cu'] }, /Copper gives no hydrogen/],
    [{ test: 'flame', sample: ['K+', 'Cl-'] }, /nothing reacts/],
    [{ test: 'glowing-splint', sample: ['O2'] }, /only burns again/],
    [{ test: 'halide-silver', sample: ['Na+', 'SO4^2-'] }, /no precipitate with silver/],
  ])('where nothing reacts it says why: %j', (question, why) => {
    const { equations, why: said } = reactionsOfTest(question);
    expect(equations).toEqual([]);
    expect(said).toMatch(why);
  });
  test.each<[ReactionQuestion, RegExp]>([
    [{ test: 'sulfate', sample: ['Na+', 'SO4^2-'], acid: 'H2SO4' }, /brings sulfate with it/],
    [{ test: 'metal-acid', sample: ['Mg'], acid: 'HNO3' }, /not hydrogen; take HCl or H2SO4/],
    [{ test: 'dilute-acid', sample: ['Fe3+', 'CO3^2-'] }, /no sample: the hydroxide falls out/],
    [{ test: 'naoh', sample: ['Cu2+', 'Zn2+'] }, /one cation and one anion/],
    [{ test: 'metal-acid', sample: ['Mg2+', 'Cl-'] }, /one metal as its sample/],
  ])('what is no sample for it is refused: %j', (question, told) =>
    expect(() => reactionsOfTest(question)).toThrow(told),
  );

  // Every salt of two known ions stands for more than the syllabuses hold.
  const acids: readonly AcidId[] = ['HCl', 'H2SO4', 'HNO3'];
  const samples = allCations.flatMap((c) => allAnions.map((a) => [c.id, a.id]));
  test.each(allTests.filter((t) => t.id !== 'metal-acid').map((t) => t.id))(
    '%s: whatever salt it is done on, each equation is right by Kivex’s own marking, or a reason stands there',
    (id) => {
      const wrong: string[] = [];
      for (const sample of samples)
        for (const acid of acids) {
          let got;
          try {
            got = reactionsOfTest({ test: id, sample, acid });
          } catch (error) {
            if (!/no sample|brings sulfate/.test((error as Error).message)) wrong.push(String(error));
            continue;
          }
          if (!got.equations.length && !got.why) wrong.push(`${sample.join(' ')}: no reason`);
          for (const e of got.equations) {
            const mark = marked(e);
            if (mark.verdict !== 'correct') wrong.push(`${e.text}: ${mark.why[0]?.text}`);
          }
        }
      expect(wrong).toEqual([]);
    },
  );
  test.each(allMetals.map((m) => m.id))('%s in acid is right by Kivex’s own marking', (metal) => {
    for (const acid of ['HCl', 'H2SO4'] as const)
      for (const e of reactionsOfTest({ test: 'metal-acid', sample: [metal], acid }).equations)
        expect({ text: e.text, verdict: marked(e).verdict }).toEqual({ text: e.text, verdict: 'correct' });
  });
  test('formulas are shown as they are printed', () =>
    expect(['SO4^2-', '[Cr(OH)6]3-', 'CuSO4.5H2O', 'NH4+'].map(formulaShown)).toEqual([
      'SO₄²⁻',
      '[Cr(OH)₆]³⁻',
      'CuSO₄·5H₂O',
      'NH₄⁺',
    ]));
});
