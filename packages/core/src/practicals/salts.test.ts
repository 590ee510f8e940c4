import { describe, expect, test } from '@jest/globals';
import { predict } from '../equilibrium/predict.js';
import { flameColour } from '../flame/flame-colour.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { allTests } from '../identification-tests/tests.js';
import { mark } from '../marking/mark.js';
import { lessonNeeds } from '../preparing/lesson-needs.js';
import { identify } from '../reasoning/identify.js';
import { sources } from '../sources/sources.js';
import { gasesWithAcid } from '../species/gives-off.js';
import { noSalts, whyNoSalt } from '../species/no-salt.js';
import { speciesName, standsForNone } from '../species/species.js';
import { adviceFor } from './advice.js';
import { evidenceOf } from './evidence.js';
import { testsWithControls } from './controls.js';
import { emptyPractical, type PlannedTest, type Practical, type PracticalSample } from './practical.js';

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
const practical = (tests: readonly PlannedTest[], ...samples: PracticalSample[]): Practical => ({
  ...emptyPractical('senior'),
  tests,
  samples,
  unknownsPerGroup: 1,
});
const naoh: PlannedTest = { test: 'naoh', variant: 'usual', attributes: ['precipitate'] };
const said = (p: Practical, key: RegExp) => adviceFor(p).filter((a) => key.test(a.key));

describe('salts that cannot be had', () => {
  test.each([
    ['Cu2+', 'I-', /copper\(I\) iodide/],
    ['Fe3+', 'I-', /oxidises/],
    ['Al3+', 'CO3^2-', /hydroxide/],
    ['Fe3+', 'CO3^2-', /hydroxide/],
    ['NH4+', 'OH-', /ammonia solution/],
  ])('%s with %s is stopped with the reason', (cation, anion, why) => {
    const [advice] = said(practical([naoh], sample('a', [cation, anion])), /^no-salt/);
    expect(advice).toMatchObject({ tone: 'stop' });
    expect(advice!.text).toMatch(why);
  });
  test('salts there are, are not', () => {
    for (const ions of [
      ['Fe3+', 'Cl-'],
      ['Cu2+', 'CO3^2-'],
      ['Fe2+', 'I-'],
      ['Al3+', 'SO4^2-'],
    ])
      expect(whyNoSalt(ions)).toBeUndefined();
    for (const { source } of noSalts) expect(sources).toHaveProperty([source]);
  });
  test('what does not dissolve whole is no solution: it is stopped, and told how', () => {
    const chalk = practical([naoh], sample('a', ['Ca2+', 'CO3^2-']));
    expect(said(chalk, /^undissolved/)).toMatchObject([{ tone: 'stop' }]);
    expect(
      said(practical([naoh], sample('a', ['Ca2+', 'CO3^2-'], { form: 'solid' })), /^undissolved/),
    ).toEqual([]);
    expect(said(practical([naoh], sample('a', ['Ca2+', 'Cl-'])), /^undissolved/)).toEqual([]);
  });
});

describe('what the amounts say of a result', () => {
  const acid: PlannedTest = { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence'] };
  const warned = (planned: PlannedTest, s: PracticalSample) =>
    evidenceOf({ tests: [planned], samples: [s] }).flatMap((e) => e.warnings.map((w) => w.kind));
  test('a carbonate too weak to fizz is told', () => {
    expect(warned(acid, sample('a', ['Na+', 'CO3^2-']))).toEqual(['stays-dissolved']);
    expect(
      warned({ ...acid, strengths: { HCl: 1 } }, sample('a', ['Na+', 'CO3^2-'], { molarity: 0.5 })),
    ).toEqual([]);
    expect(said(practical([acid], sample('a', ['Na+', 'CO3^2-'])), /stays-dissolved/)[0]!.text).toMatch(
      /limewater stays clear.*0\.5 mol/,
    );
  });
  test('a solid is reckoned as it dissolves in the water it is shaken with', () => {
    const sulfate: PlannedTest = { test: 'sulfate', variant: 'hydrochloric', attributes: ['precipitate'] };
    const solid = (ions: readonly string[]) => warned(sulfate, sample('a', ions, { form: 'solid' }));
    expect(solid(['Na+', 'SO4^2-'])).toEqual([]);
    // Silver falls out with the chloride of the acid and of barium chloride, which the record states.
    expect(solid(['Na+', 'CO3^2-'])).toEqual([]);
    expect(
      warned({ ...sulfate, strengths: { HCl: 0.001 } }, sample('a', ['Na+', 'CO3^2-'], { form: 'solid' })),
    ).toEqual(['false-positive']);
  });
});

describe('facts put right', () => {
  test('chromium’s green hydroxide is green as often as grey-green: a green that dissolves is chromium, not iron(II)', () => {
    const { ranked } = identify({ cations: ['Fe2+', 'Cr3+', 'Ni2+'], anions: [] }, [
      { test: 'naoh', variant: 'usual', seen: { precipitate: 'green', excess: 'dissolves' } },
    ]);
    expect(ranked.cation![0]!.id).toBe('Cr3+');
    const item = {
      kind: 'observation',
      test: 'naoh',
      sample: ['Cr3+', 'Cl-'],
      attribute: 'precipitate',
    } as const;
    expect(mark('senior', item, 'green precipitate')).toMatchObject({ points: 1, verdict: 'credit' });
  });
  test('barium with a tenth of sodium is named yellow; pure it is apple-green', () => {
    expect(flameColour({ ions: { 'Ba2+': 1, 'Na+': 0.1 } }).name).toBe('yellow');
    expect(flameColour({ ions: { 'Ba2+': 1, 'Na+': 0.01 } }).name).toBe('apple-green');
  });
  test('sulfite gives off what decolourises manganate', () => {
    expect(gasesWithAcid(['Na+', 'SO3^2-'])).toEqual(['SO2']);
    const planned: PlannedTest = { test: 'acidified-manganate', variant: 'usual', attributes: ['solution'] };
    const shows = (ions: readonly string[]) =>
      evidenceOf({ tests: [planned], samples: [sample('a', ions)] })[0]!.shows;
    expect(shows(['Na+', 'SO3^2-'])).toEqual({ solution: ['colourless'] });
    expect(shows(['Na+', 'CO3^2-'])).toEqual({ solution: ['purple'] });
    expect(shows(['Na+', 'Cl-'])).toEqual({ solution: ['purple'] });
  });
  test('a tube of air is called air, and is none of the gases asked for', () => {
    expect([speciesName('N2'), standsForNone('N2'), standsForNone('O2')]).toEqual(['air', true, false]);
  });
  test('fresh chromium(III) may be violet', () =>
    expect(expectationOf('appearance', ['Cr3+', 'Cl-'], { form: 'solution' })['colour']).toEqual([
      'green',
      'purple',
    ]));
  test('bottles hold the hydrates that are sold', () => {
    const made = (ions: readonly string[]) =>
      JSON.stringify(
        lessonNeeds(practical([naoh], sample('a', ions)), {
          groups: 1,
          students: 2,
          portions: { a: 1 },
          places: {},
        }).samples[0]!.recipes,
      );
    expect(made(['Ni2+', 'NO3-'])).toMatch(/Ni\(NO3\)2\.6H2O/);
    expect(made(['Cr3+', 'NO3-'])).toMatch(/Cr\(NO3\)3\.9H2O/);
    expect(made(['Na+', 'PO4^3-'])).toMatch(/Na3PO4\.12H2O/);
  });
  test('a sample as it is handed out: toxic dust is not ground, metals come as their own piece, gas for its lesson', () => {
    const need = (ions: readonly string[], form: PracticalSample['form'], planned: PlannedTest) =>
      lessonNeeds(practical([planned], sample('a', ions, { form })), {
        groups: 1,
        students: 2,
        portions: { a: 1 },
        places: {},
      }).samples[0]!;
    const made = (...of: Parameters<typeof need>) => JSON.stringify(need(...of).recipes);
    expect(made(['Na+', 'Cl-'], 'solid', naoh)).toMatch(/ground alike/);
    for (const ions of [
      ['Pb2+', 'NO3-'],
      ['Ni2+', 'Cl-'],
      ['K+', 'NO3-'],
    ])
      expect(made(ions, 'solid', naoh)).toMatch(/never ground/);
    const splint: PlannedTest = { test: 'lit-splint', variant: 'usual', attributes: ['splint'] };
    const metal: PlannedTest = { test: 'metal-acid', variant: 'usual', attributes: ['effervescence'] };
    expect(made(['Mg'], 'metal', metal)).toMatch(/2 cm of ribbon \(about 0\.02 g\)/);
    expect(made(['H2'], 'gas', splint)).toMatch(/never stored/);
    expect(made(['N2'], 'gas', splint)).not.toMatch(/never stored|first tube/);
    expect([
      need(['H2'], 'gas', splint).hoursBefore,
      need(['Na+', 'Cl-'], 'solid', naoh).hoursBefore,
    ]).toEqual([1, 24]);
  });
  test('every outcome has a source that stands for its fact', () => {
    const boiling = allTests.find((t) => t.id === 'boiling-point')!;
    expect(boiling.outcomes.map((o) => o.source)).toEqual(['crc-water']);
  });
});

describe('what was added by the recipe in CONTRIBUTING', () => {
  test('thiosulfate: acid gives a yellow-white cloud, and the fume cupboard is said to everyone', () => {
    const { ranked } = identify({ cations: [], anions: ['SO3^2-', 'S2O3^2-', 'CO3^2-', 'Cl-'] }, [
      { test: 'dilute-acid', variant: 'hydrochloric', seen: { effervescence: 'none', cloud: 'pale-yellow' } },
    ]);
    expect(ranked.anion![0]!.id).toBe('S2O3^2-');
    const item = {
      kind: 'observation',
      test: 'dilute-acid',
      sample: ['Na+', 'S2O3^2-'],
      attribute: 'cloud',
    } as const;
    expect(mark('senior', item, 'a yellowish white precipitate')).toMatchObject({ points: 1 });
    expect(mark('senior', item, 'no precipitate')).toMatchObject({ points: 0 });
    const planned: PlannedTest = { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['cloud'] };
    expect(
      testsWithControls(practical([planned], sample('a', ['Na+', 'S2O3^2-'])))[0]!.controls,
    ).toBeDefined();
    expect(() => predict({ ions: { 'Na+': 0.2, 'S2O3^2-': 0.1 }, volume_mL: 1 }, [])).toThrow(
      /leaves out.*sulfur/,
    );
  });
  test('starch-iodide paper: blue-black in chlorine, white in every other gas', () => {
    const item = { kind: 'observation', test: 'starch-iodide-paper', sample: ['Cl2'] } as const;
    expect(mark('senior', item, 'it turned blue-black')).toMatchObject({ points: 1 });
    expect(mark('senior', item, 'it stayed white')).toMatchObject({ points: 0 });
    expect(mark('senior', { ...item, sample: ['SO2'] }, 'stayed white')).toMatchObject({ points: 1 });
  });
});

describe('ions that react with each other', () => {
  const silver: PlannedTest = { test: 'halide-silver', variant: 'usual', attributes: ['precipitate'] };
  const iodide: PlannedTest = { test: 'potassium-iodide', variant: 'usual', attributes: ['precipitate'] };
  test('are said, with what is seen instead, where the test’s own record does not say it', () => {
    const [advice] = said(practical([silver], sample('a', ['Fe2+', 'SO4^2-'])), /^redox/);
    expect(advice).toMatchObject({
      tone: 'tell',
      text: expect.stringMatching(/iron\(II\) and silver.*grey silver/),
    });
  });
  test('are not said where a halide takes the silver first, or where the test knows them', () => {
    expect(said(practical([silver], sample('a', ['Fe2+', 'Cl-'])), /^redox/)).toEqual([]);
    expect(said(practical([iodide], sample('a', ['Cu2+', 'SO4^2-'])), /^redox|too-faint/)).toEqual([]);
  });
});

describe('tests and names that want minding', () => {
  test('a test for older students is told to a syllabus for younger, unless the teacher runs it', () => {
    const rings: PlannedTest = { test: 'nitrate-ring', variant: 'acid-last', attributes: ['ring'] };
    const young = (tests: PlannedTest[]): Practical => ({
      ...practical(tests, sample('a', ['Na+', 'NO3-'])),
      syllabus: 'extended',
    });
    expect(said(young([rings]), /^age/)).toMatchObject([
      { tone: 'look', text: expect.stringMatching(/16 years.*14–16/) },
    ]);
    expect(said(young([{ ...rings, ledBy: 'teacher' }]), /^age/)).toEqual([]);
    expect(said({ ...young([rings]), syllabus: 'senior' }, /^age/)).toEqual([]);
  });
  test('chalk that may be gypsum is told, a chloride called chalk is not that', () => {
    const chalk = (ions: string[]) =>
      practical([naoh], sample('a', ions, { alias: 'Blackboard chalk', form: 'solid' }));
    expect(said(chalk(['Ca2+', 'CO3^2-']), /^everyday/)).toMatchObject([
      { tone: 'tell', text: expect.stringMatching(/gypsum/) },
    ]);
    expect(said(chalk(['Ca2+', 'Cl-']), /^everyday/)).toEqual([]);
  });
});
