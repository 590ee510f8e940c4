import { describe, expect, test } from '@jest/globals';
import { pictogramsFor, signalWord, statementText } from '../hazards/statements.js';
import { pictogramNames, pictogramSvg } from '../hazards/pictograms.js';
import { reagents } from '../hazards/reagents.js';
import { methodOf } from '../practicals/method.js';
import { riskOf } from '../practicals/risk.js';
import { speciesHazards } from '../hazards/species-hazards.js';
import { substances } from '../hazards/substances.js';
import { sampleHazard } from '../hazards/sample-hazard.js';
import type { Practical } from '../practicals/practical.js';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import { allTests, testOf } from '../identification-tests/tests.js';
import { apparatusFor } from './apparatus.js';
import { labelsFor } from './labels.js';
import { lessonNeeds, usualPrep, type LessonSize } from './lesson-needs.js';
import { makingOf } from './making.js';
import { formulaInText, grams, recipeText } from './recipe-text.js';
import { recipesFor, volumeToMake } from './recipe.js';
import { stockWarnings, takeFrom, type StoreItem } from '../store/store.js';
import { effectOf, substitutes } from './substitutions.js';
import { dueAt, leadTime, prepTasks } from './tasks.js';
import { streamFor, wasteOf } from './waste.js';

const shipped = (title: RegExp) => shippedPracticals.find((p) => title.test(p.title))!;
const anions = shipped(/Which anion/);
const hydroxides = shipped(/Hydroxide/);
const size: LessonSize = {
  groups: 8,
  students: 16,
  portions: { 'jar-a': 4, 'jar-b': 3, 'jar-c': 3, 'jar-d': 3, 'jar-e': 3, 'jar-f': 0 },
  places: { 'fume-cupboard': 2 },
};
const today = '2026-11-25';
const item = (given: Partial<StoreItem>): StoreItem => ({
  id: 'i',
  name: 'thing',
  formula: '',
  form: 'solid',
  molarity: null,
  percent: null,
  density: null,
  unit: 'g',
  place: '',
  lowBelow: 0,
  batches: [{ id: 'b', code: 'B1', amount: 500, opened: null, expires: null }],
  ...given,
});

describe('what a lesson uses', () => {
  const { reagents: made, samples } = lessonNeeds(anions, size, usualPrep, [], today);
  test('one row for each reagent at each strength, summed over the tests that use it', () => {
    const silver = made.find((r) => r.reagent === 'AgNO3')!;
    // Five drops (0.25 cm3) for each run: 16 unknown portions and 3 knowns for 8 groups; a fifth more.
    expect(silver.total_mL).toBeCloseTo(0.25 * (16 + 24) * 1.2);
    expect(silver.perGroup_mL).toBeCloseTo((0.25 * 40) / 8);
    expect(new Set(made.map((r) => r.key)).size).toBe(made.length);
    const acid = made.find((r) => r.reagent === 'HCl' && r.molarity === 1)!;
    expect(acid.usedIn).toEqual(['dilute-acid', 'sulfate']);
  });
  test('samples by the groups that get them; a blank is water', () => {
    const jar = samples.find((s) => s.key === 'jar-a')!;
    expect(jar).toMatchObject({ portions: 4, unit: 'mL', molarity: 0.5, formula: 'Na2CO3' });
    expect(jar.total).toBeCloseTo(3 * 4 * 1.2);
    expect(samples.find((s) => s.key === 'known-blank')!.recipes[0]).toMatchObject({
      how: 'deionised water',
    });
  });
  test('every reagent of every test has a way of being made', () => {
    for (const { id } of reagents) expect(makingOf(id).mind).toBeTruthy();
  });
  test.each(shippedPracticals.map((p) => [p.title, p] as const))('“%s” can be prepared', (_, practical) => {
    const portions = Object.fromEntries(practical.samples.map((s) => [s.key, 4]));
    const needs = lessonNeeds(practical, { ...size, portions }, usualPrep, [], today);
    const all = [...needs.reagents, ...needs.samples];
    expect(all.filter((n) => n.recipes.some((r) => r.kind === 'impossible'))).toEqual([]);
    expect(all.every((n) => n.recipes.length > 0)).toBe(true);
    expect(prepTasks(practical, needs).length).toBeGreaterThan(3);
    expect(wasteOf(practical, { ...size, portions }).length).toBeGreaterThan(0);
    expect(apparatusFor(practical, size).some((l) => l.item === 'eye protection' && l.total === 16)).toBe(
      true,
    );
  });
  test('every test, alone on a sample it is for, can be prepared by every method', () => {
    for (const t of allTests)
      for (const { id } of t.variants) {
        const form = t.family === 'gas' ? 'gas' : t.family === 'metal' ? 'metal' : 'solution';
        const ions = form === 'gas' ? ['CO2'] : form === 'metal' ? ['Mg'] : ['Na+', 'Cl-'];
        const practical = {
          ...anions,
          samples: [{ key: 'x', role: 'unknown', ions, form, difficulty: 1 } as const],
          tests: [{ test: t.id, variant: id, attributes: [t.attributes[0]!.id] }],
        };
        const needs = lessonNeeds(practical, { ...size, portions: { x: 8 } }, usualPrep, [], today);
        const stuck = [...needs.reagents, ...needs.samples].filter(
          (n) => n.recipes[0]?.kind === 'impossible',
        );
        expect([t.id, id, stuck]).toEqual([t.id, id, []]);
      }
  });
  test('the acid for cleaning wires is counted with the reagents', () => {
    const flames = shipped(/^Flame colours of unlabelled jars$/);
    const portions = Object.fromEntries(flames.samples.map((s) => [s.key, s.role === 'known' ? 8 : 3]));
    const needs = lessonNeeds(flames, { ...size, portions }, usualPrep, [], today);
    expect(needs.reagents).toMatchObject([{ reagent: 'HCl', molarity: 12, hazard: { level: 'danger' } }]);
  });
  test('no groups is an error', () =>
    expect(() => lessonNeeds(anions, { ...size, groups: 0 })).toThrow(/one at least/));
});

describe('a recipe', () => {
  const wanted = {
    solids: ['CuSO4.5H2O', 'CuSO4'],
    stocks: [],
    molarity: 0.1,
    volume_mL: 250,
    mind: '',
  };
  const best = (store: StoreItem[]) => recipesFor(wanted, store, today)[0]!;
  test('weighs the hydrate the store holds, not another', () => {
    const anhydrous = best([item({ formula: 'CuSO4' })]);
    expect(anhydrous).toMatchObject({ kind: 'weigh', solid: 'CuSO4' });
    expect(anhydrous.kind === 'weigh' && anhydrous.mass_g).toBeCloseTo(3.99, 2);
    const blue = best([item({ formula: 'CuSO4.5H2O' })]);
    expect(blue.kind === 'weigh' && blue.mass_g).toBeCloseTo(6.242, 2);
  });
  test('prefers what is ready, then a dilution, then weighing; and what suffices before all', () => {
    const solid = item({ id: 's', formula: 'CuSO4.5H2O' });
    const strong = item({ id: 'x', form: 'solution', formula: 'CuSO4', molarity: 1, unit: 'mL' });
    const ready = item({ id: 'r', form: 'solution', formula: 'CuSO4', molarity: 0.1, unit: 'mL' });
    expect(best([solid, strong, ready])).toMatchObject({ kind: 'ready', from: { item: 'r' } });
    expect(best([solid, strong])).toMatchObject({ kind: 'dilute', stock_mL: 25 });
    const little = { ...ready, batches: [{ ...ready.batches[0]!, amount: 10 }] };
    expect(best([solid, little])).toMatchObject({ kind: 'weigh', from: { enough: true } });
  });
  test('a stock weaker than wanted, a batch past its date and another salt do not serve', () => {
    const weak = item({ form: 'solution', formula: 'CuSO4', molarity: 0.05, unit: 'mL' });
    const other = item({ formula: 'FeSO4.7H2O' });
    expect(best([weak, other])).toMatchObject({ kind: 'weigh', from: { item: null, enough: false } });
    const old = item({
      formula: 'CuSO4.5H2O',
      batches: [{ id: 'b', code: 'B', amount: 500, opened: null, expires: '2026-01-01' }],
    });
    expect(best([old])).toMatchObject({ from: { enough: false } });
  });
  test('dilutes a bottled acid by its percent and density', () => {
    const [acid] = recipesFor({ ...makingOf('HCl'), molarity: 0.4, volume_mL: 1000 }, [], today);
    // 37 % at 1.18 g/cm3 is 11.97 mol/dm3.
    expect(acid).toMatchObject({ kind: 'dilute' });
    expect(acid!.kind === 'dilute' && acid!.stock_mL).toBeCloseTo(33.4, 1);
    expect(recipeText(acid!)).toMatch(/33\.4 cm³ of concentrated hydrochloric acid/);
  });
  test('concentrated acid wanted concentrated is taken as it comes', () => {
    const [acid] = recipesFor({ ...makingOf('H2SO4'), molarity: 18, volume_mL: 25 }, [], today);
    expect(acid).toMatchObject({ kind: 'ready', take_mL: 25 });
    // Bottles of 37 % are a little under the 12 mol/dm3 that methods name.
    expect(recipesFor({ ...makingOf('HCl'), molarity: 12, volume_mL: 10 }, [], today)[0]).toMatchObject({
      kind: 'ready',
    });
    const bottle = item({ form: 'liquid', formula: 'HCl', percent: 37, density: 1.18, unit: 'mL' });
    expect(recipesFor({ ...makingOf('HCl'), molarity: 12, volume_mL: 10 }, [bottle], today)[0]).toMatchObject(
      { kind: 'ready', from: { item: 'i' } },
    );
  });
  test('what cannot be made says why', () => {
    const [chalk] = recipesFor({ ...wanted, solids: ['CaCO3'] }, [], today);
    expect(chalk).toMatchObject({ kind: 'impossible', why: expect.stringMatching(/hardly dissolves/) });
  });
  test('volumes go up to the next flask; figures suit a balance', () => {
    expect([1, 26, 250, 251, 7000].map(volumeToMake)).toEqual([10, 50, 250, 500, 7000]);
    expect([grams(123.456), grams(6.2421), grams(0.05)]).toEqual(['123.5', '6.24', '0.050']);
    expect(formulaInText('Al2(SO4)3.16H2O')).toBe('Al₂(SO₄)₃·16H₂O');
  });
});

describe('tasks', () => {
  const needs = lessonNeeds(
    shipped(/brown ring/),
    { ...size, portions: { 'jar-a': 4 } },
    usualPrep,
    [],
    today,
  );
  const tasks = prepTasks(shipped(/brown ring/), needs);
  test('come first due first and each once', () => {
    const hours = tasks.map((t) => t.hoursBefore);
    expect([...hours].sort((a, b) => b - a)).toEqual(hours);
    expect(new Set(tasks.map((t) => t.key)).size).toBe(tasks.length);
  });
  test('formulas stand in tasks as they are written, names as the store has them', () => {
    const powders = shipped(/White powders/);
    const text = prepTasks(powders, lessonNeeds(powders, { ...size, portions: {} }))
      .map((t) => t.text)
      .join(' ');
    expect(text).toContain('CaCO₃');
    expect(text).toMatch(/BaCl₂·2H₂O/);
    expect(text).toContain('concentrated nitric acid (70 %)');
    expect(text).not.toMatch(/[A-Z][a-z]?\d/);
  });
  test('nitric acid for silver with ammonia is asked for where a sample holds silver, not elsewhere', () => {
    const asked = (ions: string[]) => {
      const lesson: Practical = {
        ...hydroxides,
        samples: [{ key: 'a', role: 'known', ions, form: 'solution', difficulty: 1 }],
        tests: [{ test: 'ammonia-solution', variant: 'usual', attributes: ['precipitate', 'excess'] }],
      };
      return prepTasks(lesson, lessonNeeds(lesson, size)).some((t) => /silver and ammonia/.test(t.text));
    };
    expect([asked(['Ag+', 'NO3-']), asked(['Zn2+', 'NO3-'])]).toEqual([true, false]);
  });
  test('iron(II) sulfate is made on the day, limewater the day before, what lacks is ordered', () => {
    const at = (text: RegExp) => leadTime(tasks.find((t) => text.test(t.text))!.hoursBefore);
    expect(at(/^iron\(II\) sulfate/)).toBe('on the day');
    expect(at(/^limewater/)).toBe('the day before');
    expect(at(/Order/)).toBe('7 days before');
    expect(dueAt('2026-11-25T10:00:00.000Z', 2)).toBe('2026-11-25T08:00:00.000Z');
    expect([leadTime(0), leadTime(18), leadTime(-2)]).toEqual([
      'just before',
      'overnight',
      'after the lesson',
    ]);
  });
});

describe('waste', () => {
  test('hexane goes to the organic bottle, silver to its own, copper never down the sink', () => {
    const layer = { test: 'halide-layer', variant: 'usual', attributes: ['upperLayer'] } as const;
    const sample = (ions: string[]) =>
      ({ key: 'x', role: 'unknown', ions, form: 'solution', difficulty: 1 }) as const;
    expect(streamFor(layer, sample(['Na+', 'Br-']))).toBe('organic');
    expect(streamFor(anions.tests[2]!, sample(['Na+', 'Br-']))).toBe('silver');
    expect(streamFor(hydroxides.tests[0]!, sample(['Cu2+', 'Cl-']))).toBe('heavy-metal');
    expect(streamFor(hydroxides.tests[0]!, sample(['Mg2+', 'SO4^2-']))).toBe('sink');
    expect(streamFor(anions.tests[1]!, sample(['K+', 'SO4^2-']))).toBe('barium');
    // Concentrated acid beside carbonate or alkali from a metal bottle would boil and burst it.
    for (const variant of ['acid-last', 'acid-first'] as const)
      for (const ions of [
        ['Cu2+', 'NO3-'],
        ['Pb2+', 'NO3-'],
        ['Ag+', 'NO3-'],
        ['Ba2+', 'NO3-'],
        ['K+', 'NO3-'],
      ])
        expect(streamFor({ test: 'nitrate-ring', variant, attributes: ['ring'] }, sample(ions))).toBe('acid');
  });
  test('volumes are what went into the tubes, surplus included', () => {
    const lines = wasteOf({ ...anions, tests: [anions.tests[2]!] }, size);
    // Ammonia is no part of it: the practical does not record what it does.
    const each = methodOf(anions.tests[2]!)
      .steps.flatMap((s) => s.uses)
      // Acid until it stops fizzing goes in twice as a rule.
      .reduce((sum, u) => sum + u.drops! * 0.05 * (u.until ? 2 : 1), 1);
    const runs = 16 + 3 * 8;
    expect(lines).toHaveLength(1);
    // The blank's and the knowns' tubes go to the silver bottle too.
    expect(lines[0]!.volume_mL).toBeCloseTo(each * runs * 1.2);
  });
});

describe('hazards', () => {
  test('every statement of every reagent and ion is known in words', () => {
    const codes = [
      ...reagents.flatMap((r) => r.bands.flatMap((b) => b.statements)),
      ...[...Object.values(speciesHazards), ...Object.values(substances)].flatMap((h) =>
        [h.neat, ...(h.bands ?? [])].flatMap((b) => b.statements),
      ),
    ];
    for (const code of new Set(codes)) expect([code, statementText(code)]).not.toEqual([code, code]);
  });
  test('pictograms follow the rules of precedence', () => {
    expect(pictogramsFor(['H314', 'H315'])).toEqual(['corrosion']);
    expect(pictogramsFor(['H301', 'H315'])).toEqual(['skull']);
    expect(pictogramsFor(['H302', 'H318', 'H410'])).toEqual(['corrosion', 'exclamation', 'environment']);
    expect([signalWord(['H302']), signalWord(['H314']), signalWord([])]).toEqual(['Warning', 'Danger', null]);
  });
  test('each pictogram is drawn with its red frame', () => {
    for (const id of Object.keys(pictogramNames) as (keyof typeof pictogramNames)[])
      expect(pictogramSvg(id, 40)).toMatch(/^<svg .*stroke="#d8121b".*<\/svg>$/);
  });
  test('a solution below its limit bears less than the solid', () => {
    expect(sampleHazard(['Cu2+', 'SO4^2-'], 'solid', null).statements).toContain('H302');
    expect(sampleHazard(['Cu2+', 'SO4^2-'], 'solution', 0.1)).toMatchObject({
      level: 'care',
      statements: ['H319', 'H411'],
    });
    expect(sampleHazard(['Cu2+', 'SO4^2-'], 'solution', 0.02).level).toBe('low');
    expect(sampleHazard(['Pb2+', 'NO3-'], 'solution', 0.1).level).toBe('danger');
  });
  test('a risk sheet marks who and where, at the strength used, and defers', () => {
    const ring = riskOf(shipped(/brown ring/));
    const steps = ring.tests.find((t) => t.test === 'nitrate-ring')!.steps;
    expect(steps.every((s) => s.teacherOnly && s.fumeCupboard)).toBe(true);
    expect(steps.flatMap((s) => s.reagents).find((r) => r.reagent === 'H2SO4')).toMatchObject({
      molarity: 18,
      hazard: { level: 'danger' },
    });
    expect(ring.ppe.join(' ')).toMatch(/Face shield/);
    expect(ring.deference).toMatch(/never replace/);
    // The same in a known's bottle and an unknown's is one line.
    const lines = ring.samples.map((x) => `${x.holds} ${x.form}`);
    expect(new Set(lines).size).toBe(lines.length);
    const twice = riskOf({ ...hydroxides, samples: [...hydroxides.samples, ...hydroxides.samples] });
    expect(twice.samples).toEqual(riskOf(hydroxides).samples);
    const set = riskOf({
      ...hydroxides,
      tests: [{ ...hydroxides.tests[0]!, controls: [{ step: 2, only: 'teacher' }] }],
    });
    expect(set.tests[0]!.steps.map((s) => s.teacherOnly)).toEqual([false, false, true]);
  });
});

describe('labels', () => {
  const needs = lessonNeeds(anions, size, usualPrep, [], today);
  const names = Object.fromEntries(
    anions.samples.map((s, i) => [
      s.key,
      { label: s.role === 'known' ? s.key : `Jar ${100 + i}`, id: `id${i}` },
    ]),
  );
  const labels = labelsFor(needs, {
    lesson: '10 Beacon',
    lessonId: 'l',
    made: today,
    batch: 'P1',
    names,
    keepsWeeks: (r) => makingOf(r as 'HCl').keepsWeeks,
  });
  test('of unknowns differ in nothing but the code', () => {
    const secret = labels.filter((l) => l.secret);
    expect(secret).toHaveLength(5);
    const bare = secret.map(({ key: _k, title: _t, path: _p, copies: _c, ...rest }) => JSON.stringify(rest));
    expect(new Set(bare).size).toBe(1);
    for (const { holds, formula } of needs.samples.filter((s) => s.role === 'unknown'))
      for (const l of secret)
        expect(JSON.stringify({ ...l, key: '' })).not.toMatch(new RegExp(`${holds}|${formula}`));
  });
  test('of reagents bear strength, hazards and how long they keep', () => {
    const acid = labels.find((l) => l.key === 'reagent:HNO3 0.7')!;
    expect(acid).toMatchObject({ title: 'nitric acid', line: '0.7 mol/dm³', signal: 'Warning', copies: 8 });
    expect(acid.statements[0]).toMatch(/^H315 Causes/);
    expect(acid.expires! > today).toBe(true);
  });
});

describe('the store', () => {
  const two = item({
    lowBelow: 600,
    batches: [
      { id: 'late', code: 'L', amount: 200, opened: null, expires: '2027-06-01' },
      { id: 'soon', code: 'S', amount: 100, opened: null, expires: '2026-12-10' },
      { id: 'gone', code: 'G', amount: 900, opened: null, expires: '2026-11-24' },
    ],
  });
  test('warns of expired, soon to expire and low, gravest first', () =>
    expect(stockWarnings([two], today).map((w) => w.kind)).toEqual(['expired', 'low', 'expires-soon']));
  test('gives what expires soonest first and nothing that has expired', () => {
    expect(takeFrom(two, 150, today)).toEqual([
      { batch: 'soon', amount: 100 },
      { batch: 'late', amount: 50 },
    ]);
    expect(() => takeFrom(two, 301, today)).toThrow(/301 g are wanted and 300 are there/);
    expect(() => takeFrom(two, 0, today)).toThrow(/more than nothing/);
  });
});

describe('substitutions', () => {
  const effect = (id: string, practical = anions) =>
    effectOf(
      practical,
      substitutes.find((s) => s.id === id)!,
    );
  test('hydrochloric acid before silver nitrate makes every sample white', () => {
    const { results, slips, summary } = effect('hno3-by-hcl');
    expect(results.length).toBeGreaterThanOrEqual(2);
    expect(results.every((r) => r.test === 'halide-silver')).toBe(true);
    expect(
      results.some(
        (r) => /sodium carbonate|potassium sulfate|sodium sulfate/.test(r.sample) && r.becomes === 'white',
      ),
    ).toBe(true);
    expect(slips[0]?.advice).toBeTruthy();
    expect(summary).toMatch(/results change/);
  });
  test('barium nitrate for chloride changes no result', () =>
    expect(effect('bacl2-by-nitrate').results).toEqual([]));
  test('sulfuric acid for hydrochloric makes every sulfate test white', () =>
    expect(effect('hcl-by-sulfuric').results.some((r) => r.test === 'sulfate' && r.becomes === 'white')).toBe(
      true,
    ));
  test('the slips they name are slips of those tests', () => {
    for (const { slips } of substitutes)
      for (const [id, slip] of slips) expect(testOf(id).slips.map((s) => s.id)).toContain(slip);
  });
});
