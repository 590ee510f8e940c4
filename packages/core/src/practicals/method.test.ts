import { describe, expect, test } from '@jest/globals';
import { allTests } from '../identification-tests/tests.js';
import { lessonNeeds } from '../preparing/lesson-needs.js';
import { labelsFor } from '../preparing/labels.js';
import { stationOf } from '../planning/lesson-rota.js';
import { adviceFor } from './advice.js';
import { testsWithControls } from './controls.js';
import { methodOf } from './method.js';
import { emptyPractical, type PlannedTest, type Practical, type PracticalSample } from './practical.js';
import { riskOf } from './risk.js';

const silver = (...attributes: string[]): PlannedTest => ({
  test: 'halide-silver',
  variant: 'usual',
  attributes: ['precipitate', ...attributes],
});
const sample = (
  key: string,
  ions: readonly string[],
  more: Partial<PracticalSample> = {},
): PracticalSample => ({
  key,
  role: 'unknown',
  ions,
  form: 'solution',
  difficulty: 2,
  ...more,
});
const practical = (
  tests: readonly PlannedTest[],
  samples: readonly PracticalSample[],
  more: Partial<Practical> = {},
): Practical => ({ ...emptyPractical('senior'), tests, samples, unknownsPerGroup: 1, ...more });
const size = { groups: 4, students: 8, portions: { a: 4, b: 4 }, places: {} };
const needs = (p: Practical) => lessonNeeds(p, size).reagents;
const texts = (planned: PlannedTest) =>
  methodOf(planned)
    .steps.map((s) => s.text)
    .join(' ');
const advice = (p: Practical) => adviceFor(p).filter((a) => /^(hands|not-for|form)-/.test(a.key));

describe('the method as a practical does it', () => {
  test('has the steps, the bottles and the tasks of what is recorded, and no others', () => {
    expect(texts(silver())).not.toMatch(/ammonia/);
    expect(texts(silver('diluteAmmonia'))).toMatch(/dilute ammonia/);
    expect(texts(silver('diluteAmmonia'))).not.toMatch(/concentrated ammonia/);
    expect(texts(silver('concAmmonia'))).toMatch(/the teacher adds 1 cm³ of concentrated ammonia/);
    const naoh = (attributes: string[]): PlannedTest => ({ test: 'naoh', variant: 'usual', attributes });
    expect(texts(naoh(['precipitate']))).not.toMatch(/stronger|standing/);
    expect(texts(naoh(['precipitate', 'excess', 'standing']))).toMatch(/stronger.*standing/);
    const bottles = (attributes: string[]) =>
      needs(practical([naoh(attributes)], [sample('a', ['Al3+', 'Cl-'])])).map((r) => r.key);
    expect(bottles(['precipitate'])).toEqual(['NaOH 0.4']);
    expect(bottles(['precipitate', 'excess'])).toEqual(['NaOH 0.4', 'NaOH 4']);
    expect(
      methodOf(silver())
        .preparations.map((p) => p.task)
        .join(),
    ).not.toMatch(/mmonia/);
  });
  test('concentrated ammonia is its own reagent and step: fume cupboard, teacher, caution, one staff bottle', () => {
    const planned = silver('concAmmonia');
    const last = methodOf(planned).steps.at(-1)!;
    expect(last).toMatchObject({
      teacherOnly: true,
      fumeCupboard: true,
      uses: [{ reagent: 'NH3', molarity: 16 }],
    });
    expect(last.cautions.map((c) => c.text).join(' ')).toMatch(
      /vapour chokes.*never keep it, it can explode/,
    );
    const p = practical([planned], [sample('a', ['Na+', 'Cl-']), sample('b', ['Na+', 'Br-'])]);
    expect(needs(p).find((r) => r.key === 'NH3 16')).toMatchObject({ stands: 'staff', bottles: 1 });
    expect(stationOf(planned, { 'fume-cupboard': 1 }, 4)).toBe('fume-cupboard');
    expect(stationOf(silver(), { 'fume-cupboard': 1 }, 4)).toBe('bench');
    expect(riskOf(p).tests[0]!.steps.at(-1)!.reagents[0]!.hazard.statements).toContain('H314');
  });
  test('silver and ammonia say on both bottles that they are never kept together', () => {
    const p = practical([silver('diluteAmmonia')], [sample('a', ['Na+', 'Cl-'])]);
    const wishes = {
      lesson: 'l',
      lessonId: 'l',
      made: '2026-11-26',
      batch: '',
      names: {},
      keepsWeeks: () => 1,
    };
    const minds = (of: Practical) =>
      Object.fromEntries(labelsFor(lessonNeeds(of, size), wishes).map((l) => [l.title, l.mind ?? '']));
    const both = minds(p);
    expect(both['silver nitrate solution']).toMatch(/can explode/);
    expect(both['ammonia solution']).toMatch(/Staff only.*can explode/);
    expect(both['nitric acid']).toBe('');
    expect(minds(practical([silver()], p.samples))['silver nitrate solution']).toBe('');
  });
  test('its title says the way where there is more than one, and nothing twice', () => {
    const title = (test: PlannedTest['test'], variant: PlannedTest['variant']) =>
      methodOf({ test, variant, attributes: [] }).title;
    expect(title('flame', 'wire')).toBe('Flame test, wire loop');
    expect(title('naoh', 'usual')).toBe('Sodium hydroxide, drops then excess');
    expect(title('lit-splint', 'over-water')).toBe('Lit splint, gas collected over water');
  });
  test('concentrated acid for the wire is one staff bottle, wherever the burners stand', () => {
    const wire: PlannedTest = { test: 'flame', variant: 'wire', attributes: ['colour'] };
    const acid = needs(practical([wire], [sample('a', ['K+', 'Cl-'], { form: 'solid' })]));
    expect(acid).toMatchObject([{ key: 'HCl 12', stands: 'staff', bottles: 1 }]);
  });
  test('cautions are those of the strength set, the quiet ones too, as on the risk sheet', () => {
    const planned: PlannedTest = { test: 'sulfate', variant: 'hydrochloric', attributes: ['precipitate'] };
    const words = (p: PlannedTest) =>
      methodOf(p)
        .steps.flatMap((s) => s.cautions.map((c) => c.text))
        .join(' ');
    expect(words(planned)).toMatch(/Poisonous if swallowed in quantity/);
    expect(words(planned)).not.toMatch(/Irritates/);
    const strong = { ...planned, strengths: { HCl: 3, BaCl2: 0.5 } };
    expect(words(strong)).toMatch(/Irritates skin, eyes and lungs.*Harmful if swallowed/);
    expect(words(silver())).toMatch(/Stains skin and cloth black/);
    const risk = riskOf(practical([strong], [sample('a', ['Na+', 'SO4^2-'])]));
    expect(risk.tests[0]!.steps.flatMap((s) => s.reagents.map((r) => r.hazard.words)).join(' ')).toMatch(
      /Irritates skin, eyes and lungs/,
    );
  });
  test('says the fume cupboard to everyone where some sample gives off a gas that chokes', () => {
    const acid: PlannedTest = { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence'] };
    const inCupboard = (samples: readonly PracticalSample[], planned = acid) =>
      testsWithControls(practical([planned], samples))
        .map(methodOf)[0]!
        .steps.map((s) => s.fumeCupboard);
    expect(inCupboard([sample('a', ['Na+', 'CO3^2-'])])).toEqual([false, false]);
    expect(inCupboard([sample('a', ['Na+', 'CO3^2-']), sample('b', ['Na+', 'SO3^2-'])])).toEqual([
      false,
      true,
    ]);
    const litmus: PlannedTest = { test: 'damp-red-litmus', variant: 'usual', attributes: ['litmus'] };
    const tube = (gas: string) => sample(gas, [gas], { form: 'gas' });
    expect(inCupboard([tube('CO2')], litmus)).toEqual([false]);
    for (const gas of ['Cl2', 'NH3', 'SO2', 'HCl'])
      expect(inCupboard([tube('CO2'), tube(gas)], litmus)).toEqual([true]);
  });
  test('every test says where its waste goes, and no lit splint is without its caution and its burner', () => {
    for (const t of allTests)
      for (const variant of t.variants) {
        const method = methodOf({
          test: t.id,
          variant: variant.id,
          attributes: t.attributes.map((a) => a.id),
        });
        expect(method.waste).toMatch(/\.$/);
        for (const step of method.steps)
          if (/\b(light|lit|burning) .*splint|splint .*\blit\b/i.test(step.text)) {
            expect(method.stations).toContain('burner');
            expect(method.steps.flatMap((s) => s.cautions)).not.toEqual([]);
          }
      }
  });
});

describe('what is not for students’ hands, and where a method is not for a sample', () => {
  const naoh: PlannedTest = { test: 'naoh', variant: 'usual', attributes: ['precipitate'] };
  const solid = { form: 'solid' } as const;
  test('solid nickel, cobalt and lead are stopped with the reason; their solutions below the usual age are told', () => {
    for (const metal of ['Ni2+', 'Co2+', 'Pb2+'])
      expect(advice(practical([naoh], [sample('a', [metal, 'NO3-'], solid)]))).toMatchObject([
        { tone: 'stop', text: expect.stringMatching(/as a solid.*staff’s hands.*No dust/) },
      ]);
    const dissolved = practical([naoh], [sample('a', ['Ni2+', 'SO4^2-'])]);
    expect(advice(dissolved)).toEqual([]);
    expect(advice({ ...dissolved, syllabus: 'core' })).toMatchObject([
      { tone: 'look', text: expect.stringMatching(/16 and older/) },
    ]);
    expect(advice({ ...dissolved, syllabus: 'core', tests: [{ ...naoh, ledBy: 'teacher' }] })).toEqual([]);
  });
  test('toxic salts stay out of a flame, nitrates out of a soaked splint, solids out of the soaking tube', () => {
    const flame = (variant: 'wire' | 'splint', more: Partial<PlannedTest> = {}): PlannedTest => ({
      test: 'flame',
      variant,
      attributes: ['colour'],
      ...more,
    });
    const said = (planned: PlannedTest, ions: readonly string[], more: Partial<PracticalSample> = {}) =>
      advice(practical([planned], [sample('a', ions, more)])).map((a) => [a.tone, a.key]);
    for (const metal of ['Pb2+', 'Ni2+', 'Co2+', 'Cr3+'])
      expect(said(flame('wire'), [metal, 'Cl-'])).toEqual([
        ['stop', expect.stringMatching(/^not-for-flame/)],
      ]);
    expect(said(flame('wire', { ledBy: 'teacher' }), ['Pb2+', 'Cl-'])).toEqual([
      ['look', expect.stringMatching(/^not-for-flame/)],
    ]);
    expect(said(flame('wire'), ['K+', 'NO3-'])).toEqual([]);
    expect(said(flame('splint'), ['K+', 'NO3-'])).toEqual([['stop', 'not-for-flame-H272']]);
    expect(said(flame('splint'), ['K+', 'Cl-'])).toEqual([]);
    expect(said(flame('splint'), ['Ca2+', 'CO3^2-'], solid)).toEqual([['look', 'form-flame']]);
  });
});
