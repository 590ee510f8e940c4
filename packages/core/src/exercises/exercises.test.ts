import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { run, take } from '../bench-model/trials/bench-runs.js';
import { sampleOfSpecies } from '../bench-model/samples.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { allTests, testOf } from '../identification-tests/tests.js';
import { readPractical } from '../practicals/read-practical.js';
import { allSyllabuses, syllabusOf } from '../syllabus/syllabuses.js';
import { canShow, demonstrationOf } from './demonstration.js';
import { parOf, trailOf } from './fewest-steps.js';
import { playRun } from './run-steps.js';
import { exerciseSetUp, knownJar, markRun, screenUnknown } from './screen-run.js';
import { ScreenBench } from '../bench-model/bench.js';
import { asksOf, faultOf, ownExercise, unknownExercise } from './unknown-exercise.js';

const core = syllabusOf('core');

describe('an unknown to be named', () => {
  const all = allSyllabuses.flatMap((s) => asksOf(s).map((asks) => [s.id, asks] as const));
  test.each(all)(
    '%s, %s: the same number gives the same, and every one can be set out and tested',
    (id, asks) => {
      const syllabus = syllabusOf(id);
      const drawn = new Set<string>();
      for (let seed = 1; seed <= 60; seed += 1) {
        const exercise = unknownExercise(syllabus, asks, seed);
        expect(unknownExercise(syllabus, asks, seed).ions).toEqual(exercise.ions);
        expect(exercise.candidates.map((c) => c.join())).toContain(exercise.ions.join());
        expect(exercise.practical.tests.length).toBeGreaterThan(0);
        drawn.add(exercise.ions.join());
      }
      expect(drawn.size).toBeGreaterThan(1);
      const { sample, practical } = unknownExercise(syllabus, asks, 7);
      expect(run(sample, [take()]).after).toHaveLength(1);
      expect(readPractical(structuredClone(practical))).toMatchObject({ practical: { asks } });
    },
  );
  test('a syllabus without ions has gases alone to name', () => {
    expect(asksOf(syllabusOf('gases'))).toEqual(['gas']);
    expect(() => unknownExercise(syllabusOf('gases'), 'cation', 1)).toThrow(/no cation to be named/);
  });
  test('one of one’s own is among what it might be, once', () => {
    const own = ownExercise(core, 'salt', ['Cu2+', 'Br-']);
    expect(own.candidates.filter((c) => c.join() === 'Cu2+,Br-')).toHaveLength(1);
    expect(own.candidates.length).toBeGreaterThan(20);
  });
});

test('one of one’s own at a strength, with a trace of sodium that masks potassium at the flame', () => {
  const clean = ownExercise(core, 'salt', ['K+', 'Cl-'], 'solution', { molarity: 0.3 });
  const traced = ownExercise(core, 'salt', ['K+', 'Cl-'], 'solution', { molarity: 0.3, traceOf: 'Na+' });
  const colour = (sample: typeof clean.sample) =>
    run(sample, [{ do: 'clean' }, { do: 'dip' }, { do: 'flame' }]).seen['colour'];
  expect([colour(clean.sample), colour(traced.sample)]).toEqual(['lilac', 'yellow']);
  expect(traced.sample).toMatchObject({ ions: { 'K+': 0.3, 'Na+': 0.003, 'Cl-': 0.303 } });
});

describe('an exercise with a fault in a bottle', () => {
  test('has one that its own tests can show, the same for the same number, and not always the same', () => {
    const texts = new Set<string>();
    for (let seed = 1; seed <= 40; seed += 1) {
      const exercise = unknownExercise(syllabusOf('senior'), 'anion', seed);
      const fault = faultOf(exercise)!;
      expect(faultOf(exercise)).toBe(fault);
      expect(
        () => new ScreenBench({ samples: { unknown: exercise.sample }, bottles: fault.bottles }),
      ).not.toThrow();
      texts.add(fault.text);
    }
    expect(texts.size).toBeGreaterThan(2);
  });
  test('a gas that no bottle tests has none but the limewater’s; a flame of the families none at all', () => {
    expect(faultOf(unknownExercise(core, 'gas', 3))!.text).toMatch(/limewater was old/);
    expect(faultOf(unknownExercise(syllabusOf('families'), 'cation', 3))).toBeUndefined();
  });
});
test('one of one’s own as lumps fizzes more slowly than as powder; a metal is one of the metals', () => {
  const fizz = (lumps: boolean) =>
    run(ownExercise(core, 'salt', ['Ca2+', 'CO3^2-'], 'solid', { lumps }).sample, [
      { do: 'take' },
      { do: 'add', reagent: 'HCl', molarity: 1, mL: 5 },
    ]).after[1]!.vessel!.bubbling_mL_s;
  expect(fizz(false)).toBeGreaterThan(3 * fizz(true));
  const metal = ownExercise(core, 'metal', ['Zn'], 'metal');
  expect([metal.sample, metal.practical.asks]).toEqual([
    { kind: 'metal', metal: 'Zn', clean: true },
    'metal',
  ]);
});

describe('par', () => {
  const flame = { test: 'flame', variant: 'wire', attributes: ['colour'], minutes: 4 } as const;
  const naoh = { test: 'naoh', variant: 'usual', attributes: ['precipitate', 'excess'], minutes: 3 } as const;
  test('worked by hand: three that one test of 4 minutes tells apart, or 3 minutes and then 4 for two of them', () => {
    // NaOH tells copper from the two without a precipitate; the flame tells all three.
    const three = [
      ['Cu2+', 'Cl-'],
      ['Na+', 'Cl-'],
      ['K+', 'Cl-'],
    ];
    expect(parOf(three, [flame, naoh])).toEqual({ minutes: 4, first: 'flame', certain: true });
    const dearFlame = { ...flame, minutes: 12 };
    expect(parOf(three, [dearFlame, naoh])).toEqual({
      minutes: 3 + (2 / 3) * 12,
      first: 'naoh',
      certain: true,
    });
  });
  test('says when the tests cannot tell all apart', () => {
    expect(
      parOf(
        [
          ['Mg2+', 'Cl-'],
          ['NH4+', 'Cl-'],
        ],
        [flame],
      ),
    ).toEqual({ minutes: 0, first: undefined, certain: false });
  });
  test('is never more than running every test, nor less than the cheapest of them', () => {
    const { candidates, practical } = unknownExercise(syllabusOf('extended'), 'cation', 1);
    fc.assert(
      fc.property(
        fc.subarray([...candidates], { minLength: 2 }),
        fc.subarray([...practical.tests], { minLength: 1 }),
        (some, tests) => {
          const planned = tests.map((t, i) => ({ ...t, minutes: 2 + i }));
          const { minutes, first } = parOf(some, planned);
          expect(minutes).toBeLessThanOrEqual(planned.reduce((sum, t) => sum + t.minutes, 0));
          if (first !== undefined) expect(minutes).toBeGreaterThanOrEqual(2);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('the trail of what each step taught', () => {
  const { candidates, practical } = unknownExercise(core, 'cation', 1);
  const seen = (ions: readonly string[], id: string, attributes: readonly string[]) => ({
    test: id,
    seen: Object.fromEntries(attributes.map((a) => [a, expectationOf(id, ions)[a]![0]!])),
  });
  const copper = candidates.find((c) => c.includes('Cu2+'))!;
  test('bits add up to what was to be known, and a repeat teaches next to nothing', () => {
    const naoh = seen(copper, 'naoh', ['precipitate', 'excess']);
    const steps = trailOf(candidates, practical.tests, [naoh, naoh]);
    expect(steps[0]!.bits).toBeGreaterThan(2.5);
    expect(steps[0]!.bits + steps[0]!.left).toBeCloseTo(Math.log2(candidates.length), 6);
    expect(steps[1]!.bits).toBeLessThan(steps[0]!.bits / 5);
    expect(trailOf(candidates, practical.tests, [naoh, naoh, naoh, naoh]).map((s) => s.wasted)).toEqual([
      false,
      false,
      true,
      true,
    ]);
    expect(steps[0]!.best!.test).toBe('naoh');
  });
  test('names what would have told more', () => {
    const [first] = trailOf(candidates, practical.tests, [seen(copper, 'naoh-warm', ['litmus'])]);
    expect(first!.best!.test).not.toBe('naoh-warm');
    expect(first!.best!.bits).toBeGreaterThan(first!.bits);
  });
});

describe('a run that was sent in', () => {
  const exercise = ownExercise(core, 'cation', ['Cu2+', 'Cl-']);
  const entry = (id: string, body: object) => ({ id, body }) as never;
  const saw = entry('a', {
    type: 'observation',
    sample: screenUnknown,
    test: 'naoh',
    variant: 'usual',
    seen: { precipitate: 'brown', excess: 'insoluble' },
  });
  const named = (answer: string) =>
    entry('b', { type: 'naming', sample: screenUnknown, answer, evidence: ['a'] });
  const actions = [{ do: 'take' }, { do: 'add', reagent: 'NaOH', molarity: 4, drops: 5 }] as const;
  test('is played again: its slips are found anew, its marks too', () => {
    const run = markRun(exercise, actions, [saw, named('copper')]);
    expect(run).toMatchObject({ passed: true, max: 3 });
    expect(run.slips).toContain('no-goggles');
  });
  test('what follows from a wrong record earns its mark, and passes nothing', () => {
    const run = markRun(exercise, actions, [saw, named('iron(III)')]);
    expect(run.marks.find((m) => m.strand === 'conclusion')).toMatchObject({ points: 1 });
    expect(run.passed).toBe(false);
    expect(markRun(exercise, actions, []).passed).toBe(false);
  });
  test('what cannot be done at this bench was not done there', () => {
    expect(() => markRun(exercise, [{ do: 'shake', vessel: 'tube 4' }], [])).toThrow(/no vessel/);
  });
});

describe('a test shown to a class', () => {
  const shownIn = allTests.filter((t) => canShow(t.id));
  test('is there for nearly all of them', () => {
    expect(shownIn.length).toBeGreaterThan(20);
  });
  test.each(shownIn.map((t) => t.id))(
    '%s: slips nowhere, and ends in what the test says of each sample',
    (id) => {
      const { family } = testOf(id);
      const ids = {
        cation: syllabusOf('senior').cations,
        anion: syllabusOf('senior').anions,
        gas: syllabusOf('senior').gases.filter((g) => g !== 'H2O'),
        metal: syllabusOf('senior').metals,
        look: [],
      }[family];
      for (const species of ids as readonly string[]) {
        const sample =
          family === 'cation'
            ? [species, species === 'Ag+' || species === 'Pb2+' ? 'NO3-' : 'Cl-']
            : family === 'anion'
              ? ['Na+', species]
              : [species];
        const { frames, actions } = demonstrationOf(id, sampleOfSpecies(sample));
        expect(frames).toHaveLength(actions.length);
        const allowed = expectationOf(id, [species]);
        if (known.has(`${id} ${species}`)) continue;
        for (const key of [
          'precipitate',
          'excess',
          'upperLayer',
          'ring',
          'splint',
          'fumes',
          'litmus',
          'limewater',
        ]) {
          const shown = frames
            .flatMap((f) => f.seen[key] ?? [])
            .map((v) =>
              id.endsWith('-spot') && !['none', 'white'].includes(String(v)) ? 'coloured' : String(v),
            );
          if (!allowed[key] || !shown.length) continue;
          const right = allowed[key].some((v) => shown.includes(v));
          expect([species, key, shown, right]).toEqual([species, key, shown, true]);
        }
      }
    },
  );
});
/** Where the equilibrium keeps ammines in solution that the table has fall out: told in `docs/bench-on-screen.md`. */
const known = new Set([
  'carbonate-spot Ni2+',
  'carbonate-spot Ag+',
  'phosphate-spot Ag+',
  'potassium-iodide Cu2+',
]);

describe('knowns beside an unknown', () => {
  test.each(allSyllabuses.flatMap((s) => asksOf(s).map((asks) => [s.id, asks] as const)))(
    '%s, %s: each once, each can be taken, and a run with one is played again',
    (id, asks) => {
      const exercise = unknownExercise(syllabusOf(id), asks, 3);
      const names = exercise.knowns.map(knownJar);
      expect(new Set(names).size).toBe(names.length);
      expect(names.length).toBeGreaterThan(1);
      const bench = new ScreenBench(exerciseSetUp(exercise));
      for (const [i, sample] of names.entries())
        expect(bench.act({ do: 'take', sample, into: `tube ${i}` }).vessel).toBeDefined();
      expect(() => markRun(exercise, [{ do: 'take', sample: names[0]! }], [])).not.toThrow();
      // What is taken where nobody says of what is the unknown.
      expect(Object.keys(exerciseSetUp(exercise).samples)[0]).toBe('unknown');
    },
  );
  test('a salt has knowns of its cations and of its anions', () => {
    const { knowns } = unknownExercise(core, 'salt', 3);
    for (const ion of [...core.cations, ...core.anions])
      expect({ ion, there: knowns.some((ids) => ids.includes(ion)) }).toEqual({ ion, there: true });
  });
});

test('a run is played step by step: what was seen, what slipped where, how long it took', () => {
  const exercise = ownExercise(core, 'anion', ['Na+', 'CO3^2-']);
  const { steps, minutes } = playRun(exercise, [
    { do: 'goggles', on: true },
    { do: 'take' },
    { do: 'add', reagent: 'AgNO3' },
    { do: 'wait', seconds: 120 },
  ]);
  expect(steps.map((s) => s.slips)).toEqual([[], [], ['no-acid-first'], []]);
  expect(steps[2]!.text).toMatch(/yellow precipitate/);
  expect(minutes).toBeGreaterThan(2);
  expect(() => playRun(exercise, [{ do: 'shake', vessel: 'tube 9' }])).toThrow(/tube 9/);
});
