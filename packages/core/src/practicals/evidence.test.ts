import { describe, expect, test } from '@jest/globals';
import { allTests, attributeOf, testOf } from '../identification-tests/tests.js';
import { appliesTo, evidenceOf, isDoneOn, warningText } from './evidence.js';
import { strengthIn } from './method.js';
import { molarityOf, type PlannedTest, type PracticalSample } from './practical.js';

const sample = (
  ions: string[],
  form: PracticalSample['form'],
  more: Partial<PracticalSample> = {},
): PracticalSample => ({
  key: 's',
  role: 'unknown',
  ions,
  form,
  difficulty: 1,
  ...more,
});
const planned = (
  test: PlannedTest['test'],
  attributes: string[],
  variant: PlannedTest['variant'] = 'usual',
): PlannedTest => ({ test, variant, attributes });
const shows = (s: PracticalSample, p: PlannedTest) => evidenceOf({ samples: [s], tests: [p] })[0]?.shows;

describe('which tests apply', () => {
  test.each([
    ['flame', 'solid', true],
    ['flame', 'solution', true],
    ['flame', 'gas', false],
    ['lit-splint', 'gas', true],
    ['lit-splint', 'metal', true],
    ['lit-splint', 'solution', false],
    ['limewater', 'solid', true],
    ['metal-acid', 'metal', true],
    ['metal-acid', 'solid', false],
    ['appearance', 'gas', true],
  ] as const)('%s on a %s: %s', (test, form, applies) =>
    expect(appliesTo(test, { form, role: 'unknown' })).toBe(applies),
  );
  test('a test on unknowns only passes knowns over', () => {
    const p = { ...planned('naoh', ['precipitate']), on: 'unknowns' as const };
    expect(isDoneOn(p, sample(['Cu2+', 'Cl-'], 'solution', { role: 'known' }))).toBe(false);
    expect(isDoneOn(p, sample(['Cu2+', 'Cl-'], 'solution'))).toBe(true);
  });
});

describe('what a sample shows', () => {
  test('a blank shows nothing in every test that has a nothing', () => {
    const blank = sample([], 'solution', { role: 'known' });
    for (const t of allTests.filter((x) => appliesTo(x.id, blank))) {
      const attributes = t.attributes.map((a) => a.id);
      const seen = shows(blank, planned(t.id, attributes, t.variants[0]!.id))!;
      for (const id of attributes) {
        const { nothing } = attributeOf(testOf(t.id), id);
        expect([t.id, id, seen[id]]).toEqual([t.id, id, nothing ? [nothing] : undefined]);
      }
    }
  });
  test('the gas a metal or a carbonate gives is what the gas tests meet', () => {
    expect(shows(sample(['Mg'], 'metal'), planned('lit-splint', ['splint']))).toEqual({
      splint: ['squeaky-pop'],
    });
    expect(shows(sample(['Cu'], 'metal'), planned('lit-splint', ['splint']))).toEqual({
      splint: ['no-change'],
    });
    expect(
      shows(sample(['Ca2+', 'CO3^2-'], 'solid'), planned('limewater', ['limewater']))?.['limewater']?.[0],
    ).toMatch(/cloudy/);
  });
  test('only what is planned to be looked at', () =>
    expect(Object.keys(shows(sample(['Al3+', 'Cl-'], 'solution'), planned('naoh', ['excess']))!)).toEqual([
      'excess',
    ]));
});

describe('what the equilibria say against it', () => {
  const warnings = (s: PracticalSample, p: PlannedTest, visible?: number) =>
    evidenceOf({ samples: [s], tests: [p] }, visible)[0]!.warnings;
  test('every sample of usual strength in every test of precipitates is as the books have it, or a known borderline', () => {
    const salts: [string, string][] = [
      ['Cu2+', 'SO4^2-'],
      ['Fe2+', 'SO4^2-'],
      ['Fe3+', 'NO3-'],
      ['Al3+', 'SO4^2-'],
      ['Mg2+', 'SO4^2-'],
      ['Zn2+', 'SO4^2-'],
      ['Na+', 'Br-'],
      ['K+', 'I-'],
      ['Na+', 'CO3^2-'],
    ];
    for (const ions of salts)
      for (const p of [
        planned('naoh', ['precipitate', 'excess']),
        planned('sulfate', ['precipitate'], 'hydrochloric'),
        planned('halide-silver', ['precipitate']),
      ])
        expect([
          ions.join(),
          p.test,
          // That iron(II) takes silver's place slowly is told beside it.
          warnings(sample(ions, 'solution'), p).filter((w) => !w.partners?.slow),
        ]).toEqual([ions.join(), p.test, []]);
  });
  test('barium chloride on lead is a false positive by the hydrochloric method only where the books do not say it', () =>
    expect(
      warnings(sample(['Pb2+', 'NO3-'], 'solution'), planned('sulfate', ['precipitate'], 'nitric')).map(
        (w) => w.kind,
      ),
    ).toEqual([]));
  test('a stricter eye finds more too faint', () => {
    const faint = sample(['Na+', 'SO4^2-'], 'solution', { molarity: 0.01 });
    const p = planned('sulfate', ['precipitate'], 'hydrochloric');
    expect(warnings(faint, p)).toEqual([]);
    const [warning] = warnings(faint, p, 0.02);
    expect(warning?.kind).toBe('too-faint');
    expect(warningText(warning!, 'Jar 9')).toMatch(/^Jar 9 in Sulfate.*too faint to see.*BaSO4/);
  });
  test('solids and gases are not asked of the equilibria', () => {
    expect(
      warnings(sample(['Na+', 'SO4^2-'], 'solid'), planned('sulfate', ['precipitate'], 'hydrochloric')),
    ).toEqual([]);
    expect(molarityOf(sample(['CO2'], 'gas'))).toBeNull();
  });
});

test('the strength of a reagent is the practical’s, else the step’s, else the bench bottle’s', () => {
  const p = { ...planned('naoh', ['precipitate']), strengths: { NaOH: 0.2 } };
  expect([
    strengthIn(p, 'NaOH', 4),
    strengthIn(planned('naoh', ['precipitate']), 'NaOH', 4),
    strengthIn(planned('naoh', ['precipitate']), 'NaOH', null),
  ]).toEqual([0.2, 4, 0.4]);
});
