import { describe, expect, test } from '@jest/globals';
import { reagentOf } from '../hazards/reagents.js';
import { filedAnions, filedCations, filedIons } from '../species/filed.js';
import { sources } from '../sources/sources.js';
import { isAnionId, isCationId, isSpeciesId } from '../species/species.js';
import { expectationOf } from './expectation.js';
import type { TestDefinition } from './test-definition.js';
import { allTests, attributeOf, isTestId, shortTestName, testOf, variantOf } from './tests.js';

const each = allTests.map((t) => [t.id, t] as const);
/** Values a record names that its attribute does not have. */
const strangers = (of: TestDefinition, shows: Readonly<Record<string, readonly string[]>>) =>
  Object.entries(shows).flatMap(([id, values]) => {
    const attribute = attributeOf(of, id);
    if (attribute.number) return values.filter((v) => !Number.isFinite(Number(v)));
    return values.filter((v) => !attribute.values.some((known) => known.id === v));
  });

describe.each(each)('the data of %s', (_, definition) => {
  test('each attribute asks a question, and its values are told apart by id, word and look', () => {
    for (const attribute of definition.attributes) {
      expect(attribute.question).toMatch(/\?$/);
      expect(sources).toHaveProperty([attribute.source]);
      const { values } = attribute;
      expect(values.length + (attribute.number ? 2 : 0)).toBeGreaterThan(1);
      expect(new Set(values.map((v) => v.id)).size).toBe(values.length);
      expect(new Set(values.map((v) => v.label)).size).toBe(values.length);
      for (const special of [attribute.nothing, ...(attribute.neutral ?? [])])
        if (special !== undefined) expect(values.map((v) => v.id)).toContain(special);
    }
  });
  test('confusions name two values of the attribute, and leave each value likelier right than not', () => {
    for (const { values, confusions } of definition.attributes) {
      const leaves = new Map<string, number>();
      for (const { pair, chance } of confusions) {
        expect(pair[0]).not.toBe(pair[1]);
        expect(chance).toBeGreaterThan(0);
        for (const v of pair) {
          expect(values.map((known) => known.id)).toContain(v);
          leaves.set(v, (leaves.get(v) ?? 0) + chance);
        }
      }
      for (const lost of leaves.values()) expect(lost).toBeLessThan(0.5);
    }
  });
  test('what species show is of known species, in known values, from a known source', () => {
    for (const outcome of definition.outcomes) {
      expect([outcome.of, isSpeciesId(outcome.of)]).toEqual([outcome.of, true]);
      expect([outcome.of, strangers(definition, outcome.shows)]).toEqual([outcome.of, []]);
      expect(sources).toHaveProperty([outcome.source]);
      if (outcome.variant) expect(variantOf(definition, outcome.variant).id).toBe(outcome.variant);
    }
  });
  test('slips have a prior, together leave most runs clean, and advise without naming an ion', () => {
    const total = definition.slips.reduce(
      (sum, slip) => sum + slip.prior * Math.max(1, ...Object.values(slip.factorFor ?? {})),
      0,
    );
    expect(total).toBeLessThan(0.5);
    for (const slip of definition.slips) {
      expect(slip.prior).toBeGreaterThan(0);
      expect([slip.id, strangers(definition, slip.shows)]).toEqual([slip.id, []]);
      expect(Object.keys(slip.shows).length).toBeGreaterThan(0);
      expect(slip.advice).toMatch(/[.?]$/);
      expect(sources).toHaveProperty([slip.source]);
    }
  });
  test('every variant has steps, waste, and reagents and attributes that exist', () => {
    for (const variant of definition.variants) {
      expect(variant.attendedMinutes).toBeGreaterThan(0);
      expect(variant.waste).toMatch(/\.$/);
      expect(variant.steps.length).toBeGreaterThan(0);
      for (const step of variant.steps) {
        expect(step.text).toMatch(/[.?]$/);
        if (step.reveals) expect(attributeOf(definition, step.reveals).id).toBe(step.reveals);
        for (const use of step.uses ?? []) expect(reagentOf(use.reagent).id).toBe(use.reagent);
      }
      for (const { hoursBefore } of variant.preparations) expect(hoursBefore).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('cautions stand where the danger is', () => {
  /** Every step with its reagents, over all tests and variants. */
  const steps = allTests.flatMap((t) =>
    t.variants.flatMap((v) => v.steps.map((step) => ({ where: `${t.id}/${v.id}`, step }))),
  );
  test('concentrated sulfuric acid is a danger in the step itself, and the teacher is called first', () => {
    const strong = steps.filter(({ step }) =>
      step.uses?.some((u) => u.reagent === 'H2SO4' && (u.molarity === null || u.molarity > 10)),
    );
    expect(strong.length).toBeGreaterThan(0);
    for (const { where, step } of strong) {
      expect([where, step.cautions?.some((c) => c.level === 'danger')]).toEqual([where, true]);
      expect([where, Boolean(step.teacherFirst || step.teacherOnly)]).toEqual([where, true]);
    }
  });
  test('chlorine water and hexane are worked with in the fume cupboard', () => {
    for (const t of allTests)
      for (const v of t.variants)
        if (
          v.steps.some((s) => s.uses?.some((u) => u.reagent === 'chlorine-water' || u.reagent === 'hexane'))
        )
          expect([t.id, v.stations.includes('fume-cupboard')]).toEqual([t.id, true]);
  });
  test('splints are soaked the day before', () =>
    expect(
      Math.max(...variantOf(testOf('flame'), 'splint').preparations.map((p) => p.hoursBefore)),
    ).toBeGreaterThanOrEqual(12));
});

describe('tests are looked up by id', () => {
  test('an unknown id is told, with those there are', () => {
    expect(isTestId('taste')).toBe(false);
    expect(() => testOf('taste')).toThrow(/"taste" is not a test Kivex knows; it knows appearance, flame/);
    expect(() => attributeOf(testOf('flame'), 'smell')).toThrow(/it has colour, throughBlueGlass/);
    expect(() => variantOf(testOf('flame'), 'laser')).toThrow(/it has wire/);
  });
});

describe('a sample of several ions shows what its ions show together', () => {
  test.each<[string, string[], Record<string, string>]>([
    ['naoh', ['Cu2+', 'SO4^2-'], { precipitate: 'blue', excess: 'insoluble' }],
    ['naoh', ['Al3+', 'SO4^2-'], { precipitate: 'white', excess: 'dissolves' }],
    ['naoh', ['Na+', 'Cl-'], { precipitate: 'none' }],
    ['ammonia-solution', ['Zn2+', 'SO4^2-'], { precipitate: 'white', excess: 'dissolves' }],
    ['ammonia-solution', ['Al3+', 'SO4^2-'], { precipitate: 'white', excess: 'insoluble' }],
    ['sulfate', ['Na+', 'SO4^2-'], { precipitate: 'white' }],
    ['sulfate', ['Na+', 'Cl-'], { precipitate: 'none' }],
    ['halide-silver', ['Na+', 'I-'], { precipitate: 'yellow' }],
    ['halide-silver', ['Na+', 'NO3-'], { precipitate: 'none' }],
  ])('%s on %j', (id, sample, wanted) => {
    const expectation = expectationOf(id, sample, { form: 'solution' });
    for (const [attribute, value] of Object.entries(wanted))
      expect([attribute, expectation[attribute]?.[0]]).toEqual([attribute, value]);
  });
});

describe('what may hurt is said where it happens', () => {
  const uses = (step: { uses?: readonly { reagent: string; molarity: number | null }[] }, reagent: string) =>
    (step.uses ?? []).some((u) => u.reagent === reagent);
  test('water is never run onto concentrated sulfuric acid: the sample lies in the tube before the acid comes', () => {
    for (const variant of testOf('nitrate-ring').variants) {
      const acid = variant.steps.findIndex((s) => uses(s, 'H2SO4'));
      expect(acid).toBeGreaterThan(0);
      expect(variant.steps[0]!.text).toMatch(/sample/);
      for (const step of variant.steps.slice(acid)) expect(step.text).not.toMatch(/sample/);
      expect(variant.steps[acid]!.text).toMatch(/slowly down the (side|wall)/);
    }
  });
  test('in the acid-first school the iron(II) sulfate goes gently on top, after cooling', () => {
    const { steps } = variantOf(testOf('nitrate-ring'), 'acid-first');
    const acid = steps.findIndex((s) => uses(s, 'H2SO4'));
    const iron = steps.findIndex((s) => uses(s, 'FeSO4'));
    expect(iron).toBeGreaterThan(acid);
    expect(steps[iron]!.text).toMatch(/gently on top/);
    expect(steps.slice(acid, iron + 1).some((s) => /cool/.test(s.text))).toBe(true);
  });
  test.each(['halide-silver', 'ammonia-solution'])(
    '%s: silver with ammonia is acidified at once and never kept, on the step that makes it',
    (id) => {
      for (const variant of testOf(id).variants) {
        const step = variant.steps.findLast((s) => uses(s, 'NH3'))!;
        const said = (step.cautions ?? []).find((c) => /silver/i.test(c.text));
        expect(said).toMatchObject({ level: 'danger' });
        expect(said?.text).toMatch(/acid at once.*never (keep|store)/i);
        expect(variant.waste).toMatch(/[Aa]cidify/);
      }
    },
  );
});

test('what is to be got ready restates no reagent of the method: those have tasks of their own, at the strengths set', () => {
  const restated = allTests.flatMap((t) =>
    t.variants.flatMap((v) => {
      const names = v.steps.flatMap((s) =>
        (s.uses ?? []).map((u) => reagentOf(u.reagent).name.split(/,| solution/)[0]!),
      );
      return v.preparations.filter(({ task }) =>
        names.some((name) => task.toLowerCase().startsWith(name.toLowerCase())),
      );
    }),
  );
  // The piece of metal is cut by what the samples say; that it is sanded is the method's.
  expect(restated.filter(({ task }) => !task.startsWith('Metals'))).toEqual([]);
});

describe('ions with a file of their own', () => {
  test.each(Object.entries(filedIons))(
    '%s: what it shows is of tests there are, and is shown',
    (id, file) => {
      for (const [test, outcomes] of Object.entries(file.shows)) {
        expect([test, isTestId(test)]).toEqual([test, true]);
        expect(testOf(test).outcomes.filter((o) => o.of === id)).toHaveLength(outcomes.length);
      }
    },
  );
  test('stand in every test that speaks of ions of their sign', () => {
    for (const { id, outcomes } of allTests)
      for (const [kind, ions] of [
        [isCationId, filedCations],
        [isAnionId, filedAnions],
      ] as const)
        if (new Set(outcomes.map((o) => o.of).filter(kind)).size > 3)
          expect([id, Object.keys(ions).filter((ion) => !outcomes.some((o) => o.of === ion))]).toEqual([
            id,
            [],
          ]);
  });
});

describe('what tests are called', () => {
  test('no two are called alike at the head of a column', () => {
    const names = allTests.map((t) => shortTestName(t.id));
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
    expect(shortTestName('sulfate-spot')).toBe('Sulfate spot');
    expect(shortTestName('naoh')).toBe('Sodium hydroxide');
  });
});
