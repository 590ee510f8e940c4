import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFormula } from '../formulas/read-formula.js';
import { balanceOf } from './balance.js';
import { fractionText, plus, readFraction, same, times, whole } from './fraction.js';
import { expectedSpecies, markEquation, type ExpectedEquation } from './mark-equation.js';
import { readEquation } from './read-equation.js';
import { usualStates } from './usual-states.js';
import { markWordEquation } from './word-equation.js';

const expected = (
  form: 'ionic' | 'symbol',
  left: string[],
  right: string[],
  statesRequired = false,
): ExpectedEquation => {
  const species = (formulas: string[]) => formulas.map((f) => expectedSpecies(readFormula(f)!));
  return { form, reactants: species(left), products: species(right), statesRequired };
};
const silver = expected('ionic', ['Ag+', 'Cl-'], ['AgCl']);
const verdict = (answer: string, wanted: ExpectedEquation) => markEquation(answer, wanted).verdict;

describe('an equation is read however it is typed', () => {
  test.each([
    'Ag+ + Cl- -> AgCl',
    'Cl- + Ag+ = AgCl',
    'Ag++Cl-->AgCl',
    'Ag+ + Cl--> AgCl',
    'Ag⁺ + Cl⁻ → AgCl↓',
    'Ag^+ + Cl^- ⟶ AgCl',
    '2Ag+ + 2Cl- => 2AgCl',
    '½Ag+ + ½Cl- → ½AgCl',
    'Ag+(aq)+Cl-(aq)→AgCl(s)',
    'Ag+ + Cl- ⇌ AgCl',
    '1.5 Ag+ + 3/2 Cl- -> 1.5AgCl',
  ])('%s', (answer) => expect(verdict(answer, silver)).toBe('correct'));

  test('the plain spelling is given back', () =>
    expect(markEquation('Cl-+Ag+=AgCl', silver).normal).toBe('Cl- + Ag+ → AgCl'));

  test.each<[string, string]>([
    ['', 'blank'],
    ['Ag+ + Cl- AgCl', 'no-arrow'],
    ['-> AgCl', 'empty-side'],
    ['silver and chloride ions make a white ppt', 'no-arrow'],
    ['Ag+ + Cl- -> Cu(OH2', 'not-formulas'],
    ['1/0 Ag+ + Cl- -> AgCl', 'not-formulas'],
    ['A'.repeat(10_000), 'too-long'],
    [`${'Ag+ +'.repeat(60)} -> AgCl`, 'not-formulas'],
  ])('what is no equation says why: %#', (answer, code) => {
    const { verdict: got, why } = markEquation(answer, silver);
    expect([got, why[0]?.code]).toEqual(['unreadable', code]);
  });
});

describe('an equation is marked with reasons a student can use', () => {
  const codes = (answer: string, wanted: ExpectedEquation) =>
    markEquation(answer, wanted).why.map((w) => w.code);
  test('small letters are wrong, not unreadable', () =>
    expect(codes('ag+ + cl- -> agcl', silver)).toEqual(['capitals']));
  test('spectators are named', () => {
    const { why } = markEquation('Ag+ + NO3- + Na+ + Cl- -> AgCl + Na+ + NO3-', silver);
    expect(why[0]).toMatchObject({ code: 'spectators', text: expect.stringContaining('NO3-, Na+') });
  });
  test('a full equation where the ionic is asked for is told apart', () =>
    expect(codes('AgNO3 + NaCl -> AgCl + NaNO3', silver)).toContain('not-ionic'));
  test('unbalanced charge is given on both sides', () => {
    const ring = expected('ionic', ['NO3-', 'Fe2+', 'H+'], ['NO', 'Fe3+', 'H2O']);
    const { why, balanced } = markEquation('NO3- + Fe2+ + 4H+ -> NO + Fe3+ + 2H2O', ring);
    expect(balanced).toEqual({ atoms: true, charge: false });
    expect(why.map((w) => w.text)).toContain('The charge is +5 on the left and +3 on the right.');
  });
  test('a wrong charge is named with the right one', () =>
    expect(markEquation('Ag2+ + Cl- -> AgCl', silver).why[0]?.text).toMatch(
      /Ag2\+ has the wrong charge; it is Ag\+/,
    ));
  test('sides the wrong way round are one fault', () => {
    const lime = expected('symbol', ['Ca(OH)2', 'CO2'], ['CaCO3', 'H2O']);
    expect(codes('CaCO3 + H2O -> Ca(OH)2 + CO2', lime)).toEqual(['reversed']);
  });
  test('states count only where they are required', () => {
    const strict = expected('ionic', ['Ag+', 'Cl-'], ['AgCl'], true);
    expect([
      verdict('Ag+(aq) + Cl-(aq) -> AgCl(s)', strict),
      verdict('Ag+(aq) + Cl-(aq) -> AgCl', strict),
      verdict('Ag+(aq) + Cl-(aq) -> AgCl(aq)', strict),
    ]).toEqual(['correct', 'wrong', 'wrong']);
    expect(markEquation('Ag+(aq) + Cl-(aq) -> AgCl(aq)', silver)).toMatchObject({
      verdict: 'correct',
      why: [{}, { code: 'state-noted' }],
    });
  });
  test('an ion written with its water is the same ion', () => {
    const aluminate = expected('ionic', ['Al(OH)3', 'OH-'], ['AlO2-', 'H2O']);
    expect([
      verdict('Al(OH)3 + OH- -> AlO2- + 2H2O', aluminate),
      verdict('Al(OH)3 + OH- -> [Al(OH)4]-', aluminate),
    ]).toEqual(['correct', 'correct']);
  });
  test.each([
    ['AgCl', 's'],
    ['NaCl', 'aq'],
    ['CaCO3', 's'],
    ['Cu(OH)2', 's'],
    ['H2O', 'l'],
    ['CO2', 'g'],
    ['Mg', 's'],
    ['Ag+', 'aq'],
  ])('%s is usually (%s)', (formula, state) => expect(usualStates(readFormula(formula)!)[0]).toBe(state));
});

describe('balancing is exact', () => {
  const small = fc.integer({ min: 1, max: 9 });
  test('any multiple of a balanced equation is balanced, any single change is not', () => {
    fc.assert(
      fc.property(small, small, (k, by) => {
        const of = (a: number, b: number, c: number, d: number) => {
          const reading = readEquation(`${a} Mg + ${b} HCl -> ${c} MgCl2 + ${d} H2`);
          return reading.kind === 'read' && balanceOf(reading.equations[0]!).atoms;
        };
        return of(k, 2 * k, k, k) && !of(k + by, 2 * k, k, k);
      }),
    );
  });
  test('fractions add and multiply as they should', () => {
    const fraction = fc
      .tuple(fc.integer({ min: 1, max: 999 }), fc.integer({ min: 1, max: 999 }))
      .map(([a, b]) => readFraction(`${a}/${b}`)!);
    fc.assert(
      fc.property(
        fraction,
        fraction,
        (a, b) =>
          same(plus(a, b), plus(b, a)) && same(times(a, b), times(b, a)) && same(times(a, whole(1)), a),
      ),
    );
    expect([
      readFraction('0'),
      readFraction('1/0'),
      readFraction('x'),
      fractionText(readFraction('1.5')!),
    ]).toEqual([undefined, undefined, undefined, '3/2']);
  });
  test('any text at all is read without a throw', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 800 }), (text) => typeof readEquation(text).kind === 'string'),
    );
  });
});

describe('word equations', () => {
  const mg = (answer: string) =>
    markWordEquation(answer, ['magnesium', 'hydrochloric acid'], ['magnesium chloride', 'hydrogen']).verdict;
  test.each<[string, string]>([
    ['magnesium + hydrochloric acid -> magnesium chloride + hydrogen', 'correct'],
    ['hydrocloric acid+magnesuim=hydrogen+magnesium cloride', 'correct'],
    ['magnesium and hydrochloric acid → magnesium chloride and hydrogen', 'correct'],
    ['manganese + hydrochloric acid -> manganese chloride + hydrogen', 'wrong'],
    ['magnesium + hydrochloric acid -> magnesium chlorine + hydrogen', 'wrong'],
    ['magnesium chloride + hydrogen -> magnesium + hydrochloric acid', 'wrong'],
    ['Mg + HCl -> MgCl2 + H2', 'wrong'],
    ['magnesium and hydrochloric acid', 'unreadable'],
  ])('%s: %s', (answer, wanted) => expect(mg(answer)).toBe(wanted));
  test('charges are needed only where two ions are met in school', () => {
    expect(
      markWordEquation('copper sulphate -> copper(II) sulfate', ['copper(II) sulfate'], ['copper sulfate'])
        .verdict,
    ).toBe('correct');
    expect(markWordEquation('iron(II) chloride -> x water', ['iron(III) chloride'], ['water']).verdict).toBe(
      'wrong',
    );
  });
});
