import { describe, expect, test } from '@jest/globals';
import { lessonMarks, type MarkedSample } from '../lesson/lesson-marks.js';
import { readGroup, type LessonEvent } from '../lesson/record.js';
import { named as names, saw } from '../lesson/trials/made-up-log.js';
import { rotaProblemOf } from '../planning/lesson-rota.js';
import { rota } from '../planning/rota.js';
import { apparatusFor } from '../preparing/apparatus.js';
import { plateRows, portionsIn } from '../preparing/bench-layout.js';
import { lessonNeeds } from '../preparing/lesson-needs.js';
import { wasteOf } from '../preparing/waste.js';
import { rehearse } from '../rehearsal/rehearse.js';
import { adviceFor, discriminationOf } from './advice.js';
import { evidenceOf, isDoneOn } from './evidence.js';
import { keepingLiquids, liquidLeft, orderOf, whyNotKept, withKeptLiquids } from './kept-liquid.js';
import { methodOf } from './method.js';
import { samplesPerGroup } from './portions.js';
import { keptOf, type PlannedTest, type Practical } from './practical.js';
import { readPractical } from './read-practical.js';
import { shippedPracticals } from './shipped/shipped-practicals.js';

const metals = shippedPracticals.find((p) => /ion in the liquid/.test(p.title))!;
const planned = (id: string): PlannedTest => metals.tests.find((t) => t.test === id)!;
const without: Practical = keepingLiquids(metals, 'metal-acid', false);

describe('the liquid a test leaves', () => {
  const acid: PlannedTest = { test: 'metal-acid', variant: 'usual', attributes: ['effervescence'] };
  const fizz: PlannedTest = { test: 'dilute-acid', variant: 'hydrochloric', attributes: ['effervescence'] };
  test.each([
    ['magnesium', ['Mg'], 'metal', acid, ['Mg2+', 'Cl-'], 0.5],
    ['aluminium', ['Al'], 'metal', acid, ['Al3+', 'Cl-'], 1 / 3],
    ['copper, which acid leaves alone: the acid itself', ['Cu'], 'metal', acid, ['H+', 'Cl-'], 1],
    ['calcium carbonate', ['Ca2+', 'CO3^2-'], 'solid', fizz, ['Ca2+', 'Cl-'], 0.2],
    ['sodium carbonate', ['Na+', 'CO3^2-'], 'solid', fizz, ['Na+', 'Cl-'], 0.4],
  ] as const)(
    'of %s holds its ion at the strength of the acid used up',
    (_, ions, form, test_, left, molarity) => {
      const found = liquidLeft(test_, { ions, form })!;
      expect(found.ions).toEqual(left);
      expect(found.molarity).toBeCloseTo(molarity, 3);
    },
  );
  test.each([
    ['a test without acid', ['Mg2+', 'Cl-'], 'solid', { ...acid, test: 'naoh' }],
    ['a salt acid does nothing to', ['Na+', 'Cl-'], 'solid', fizz],
    ['a silver salt, whose chloride falls', ['Ag+', 'CO3^2-'], 'solid', fizz],
  ] as const)('is none of %s', (_, ions, form, test_) =>
    expect(liquidLeft(test_ as PlannedTest, { ions, form })).toBeUndefined(),
  );
  test('follows the strength set for the acid', () =>
    expect(
      liquidLeft({ ...acid, strengths: { HCl: 0.4 } }, { ions: ['Zn'], form: 'metal' })!.molarity,
    ).toBeCloseTo(0.2, 12));
});

describe('a practical that keeps its liquids', () => {
  test('has one of every metal, whose method goes on until the acid is used up', () => {
    expect(keptOf(metals).map((s) => s.from!.sample)).toEqual(
      metals.samples.filter((s) => s.form === 'metal').map((s) => s.key),
    );
    expect(methodOf(planned('metal-acid')).steps.at(-1)!.text).toMatch(/until it no longer fizzes/);
    expect(methodOf(without.tests[0]!).steps.at(-1)!.text).not.toMatch(/until it no longer fizzes/);
  });
  test('is a file of its own version that is read back the same', () =>
    expect(readPractical(JSON.parse(JSON.stringify(metals)))).toEqual({ practical: metals }));
  test.each<[string, (p: Practical) => Practical, RegExp]>([
    [
      'holds something else',
      (p) => ({ ...p, samples: p.samples.map((s) => (s.from ? { ...s, ions: ['Na+', 'Cl-'] } : s)) }),
      /leaves of/,
    ],
    [
      'comes from nowhere',
      (p) => ({ ...p, samples: p.samples.filter((s) => s.from || s.key !== 'jar-a') }),
      /no sample “jar-a”/,
    ],
    [
      'says not where from',
      (p) => ({ ...p, samples: p.samples.map(({ from: _, ...s }) => s) }),
      /says “from”/,
    ],
    [
      'is of a test that is gone',
      (p) => ({ ...p, tests: p.tests.slice(1), before: [] }),
      /not among the tests/,
    ],
  ])('is refused where a liquid %s', (_, change, says) => {
    const read = readPractical(JSON.parse(JSON.stringify(change(metals))));
    expect('problems' in read && read.problems.map((p) => p.text).join(' ')).toMatch(says);
  });
  test('follows its samples and tests', () => {
    const changed = withKeptLiquids({
      ...metals,
      samples: metals.samples
        .filter((s) => s.key !== 'jar-b')
        .map((s) => (s.key === 'jar-a' ? { ...s, ions: ['Cu'] } : s)),
    });
    expect(changed.samples.find((s) => s.key === 'jar-a-liquid')!.ions).toEqual(['H+', 'Cl-']);
    expect(changed.samples.some((s) => s.key === 'jar-b-liquid')).toBe(false);
    const gone = withKeptLiquids({ ...metals, tests: metals.tests.filter((t) => t.test !== 'metal-acid') });
    expect(keptOf(gone)).toEqual([]);
    expect(withKeptLiquids(metals)).toEqual(metals);
    expect(keptOf(without)).toEqual([]);
    expect(without.tests.some((t) => t.keeps)).toBe(false);
    expect(keepingLiquids(without, 'metal-acid', true)).toEqual(metals);
  });
  test('keeps the liquid of a sample that comes in later', () => {
    const more = { ...metals.samples.find((s) => s.key === 'jar-a')!, key: 'jar-e', ions: ['Ca'] };
    const grown = withKeptLiquids({ ...metals, samples: [...metals.samples, more] });
    expect(grown.samples.find((s) => s.from?.sample === 'jar-e')!.ions).toEqual(['Ca2+', 'Cl-']);
  });
  test('keeps liquids of all unknowns or of none: one without would be given away', () => {
    const powders = shippedPracticals.find((p) => /White powders/.test(p.title))!;
    const keeping = keepingLiquids(powders, 'dilute-acid', true);
    expect(whyNotKept(keeping.samples, keeping.tests[0]!)).toMatch(/sodium chloride.*give it away/);
    expect(adviceFor(keeping)).toContainEqual(
      expect.objectContaining({ key: 'keeps-dilute-acid', tone: 'stop' }),
    );
    expect('problems' in readPractical(JSON.parse(JSON.stringify(keeping)))).toBe(true);
    const all = powders.samples.filter((s) => s.role === 'known' || s.ions.includes('CO3^2-'));
    expect(whyNotKept(all, powders.tests[0]!)).toBeUndefined();
    expect(whyNotKept(all, powders.tests[1]!)).toMatch(/no liquid to keep/);
  });
  test('tests the liquid with what is for solutions, never with acid or for gas again', () => {
    // Ammonia is for unknowns alone in this practical, and what comes from a known goes with the knowns.
    for (const liquid of keptOf(metals))
      expect(metals.tests.filter((t) => isDoneOn(t, liquid)).map((t) => t.test)).toEqual(
        liquid.from!.known ? ['naoh'] : ['naoh', 'ammonia-solution'],
      );
    expect(evidenceOf(metals).filter((e) => e.sample === 'jar-c-liquid')).toMatchObject([
      { test: 'naoh', shows: { precipitate: ['green'] }, warnings: [] },
      { test: 'ammonia-solution', shows: { precipitate: ['green'] }, warnings: [] },
    ]);
  });
  test('tells its metals apart by the ion in the liquid, which acid alone does not', () => {
    expect(discriminationOf(metals)).toMatchObject({
      inseparable: [],
      // No liquid without the acid that leaves it.
      smallest: { tests: ['metal-acid', 'naoh', 'ammonia-solution'], minutes: 9 },
    });
    expect(discriminationOf(without).inseparable.length).toBeGreaterThan(0);
    expect(adviceFor(metals).filter((a) => a.tone === 'stop' || a.tone === 'look')).toEqual([]);
  });
  test('warns where so much metal makes the tube too hot to hold', () => {
    const strong = {
      ...metals,
      tests: metals.tests.map((t) => (t.keeps ? { ...t, strengths: { HCl: 1 } } : t)),
    };
    expect(adviceFor(withKeptLiquids(strong)).some((a) => a.key.startsWith('hot-'))).toBe(true);
  });
  test('has its rota leave the liquid before anybody looks at it', () => {
    expect(orderOf(metals)).toEqual([
      ['metal-acid', 'lit-splint'],
      ['metal-acid', 'naoh'],
      ['metal-acid', 'ammonia-solution'],
    ]);
    const problem = rotaProblemOf(metals, 8, {});
    const result = rota(problem);
    if (!result.feasible) throw new Error('no rota');
    const slot = (group: number, task: string) =>
      result.schedule.find((s) => s.group === group && s.task === task)!;
    for (let g = 1; g <= 8; g++) {
      const acid = slot(g, 'metal-acid');
      const ends = acid.start + problem.tasks.find((t) => t.id === 'metal-acid')!.attended;
      expect(slot(g, 'naoh').start).toBeGreaterThanOrEqual(ends);
    }
  });
  test('is prepared for: reagents and tubes for each liquid, and no liquid made up', () => {
    const ids = metals.samples.map((s) => ({
      id: `id-${s.key}`,
      key: s.key,
      role: s.role,
      ...(s.from ? { from: `id-${s.from.sample}` } : {}),
    }));
    const groups = [{ unknowns: ['id-jar-a', 'id-jar-b'] }, { unknowns: ['id-jar-c', 'id-jar-a'] }];
    const portions = portionsIn(ids, groups);
    expect(portions).toMatchObject({
      'known-zinc-liquid': 2,
      'jar-a-liquid': 2,
      'jar-b-liquid': 1,
      'jar-d-liquid': 0,
    });
    const size = { groups: 2, students: 4, portions, places: {} };
    const needs = lessonNeeds(metals, size);
    expect(needs.samples.some((s) => s.role === 'kept')).toBe(false);
    // Two pieces of magnesium use up 3 cm3 of 0.5 mol/dm3 acid and leave some; of 2 mol/dm3 it takes five.
    expect(needs.samples.find((s) => s.key === 'known-magnesium')!.each).toBe(2);
    const strong = withKeptLiquids({
      ...metals,
      tests: metals.tests.map((t) => (t.keeps ? { ...t, strengths: { HCl: 2 } } : t)),
    });
    expect(lessonNeeds(strong, size).samples.find((s) => s.key === 'known-magnesium')!.each).toBe(5);
    // Two liquids of knowns for each of two groups, and two of unknowns each: eight runs of 2 cm3 of strong hydroxide.
    const excess = needs.reagents.find((r) => r.reagent === 'NaOH' && r.molarity === 4)!;
    expect(excess.total_mL).toBeGreaterThanOrEqual(16);
    expect(
      apparatusFor(metals, { groups: 2, students: 4 }).find((l) => /liquids kept/.test(l.item))!.total,
    ).toBe(8);
    expect(apparatusFor(without, { groups: 2, students: 4 }).some((l) => /liquids kept/.test(l.item))).toBe(
      false,
    );
    expect(wasteOf(metals, size).find((l) => l.stream.id === 'heavy-metal')!.tests).toContain('naoh');
    expect(plateRows(metals).map((r) => r.key)).toEqual([
      'known-magnesium-liquid',
      'known-zinc-liquid',
      'liquid 1',
      'liquid 2',
    ]);
    expect(samplesPerGroup(metals, planned('naoh'))).toBe(4);
  });
  test('is rehearsed with what the liquids show: more is named rightly than without them', () => {
    const play = (practical: Practical) =>
      rehearse({ practical, groups: 6, places: {}, runs: 40, seed: 5, slipFactor: 1 }).right;
    expect(play(metals)).toBeGreaterThan(play(without) + 0.1);
  });
});

describe('marks of a metal whose liquid is kept', () => {
  const jar: MarkedSample = { id: 'a', role: 'unknown', ions: ['Zn'], form: 'metal' };
  const liquid: MarkedSample = {
    id: 'b',
    role: 'kept',
    leftOf: 'a',
    ions: ['Zn2+', 'Cl-'],
    form: 'solution',
  };
  const marksOf = (...events: LessonEvent[]) =>
    Object.fromEntries(
      lessonMarks(metals, [jar, liquid], readGroup(events), 'ada').map((m) => [m.key, m.why[0]!.code]),
    );
  const named = (answer: string) => names('a', answer);
  const fizz = saw('a', 'metal-acid', { effervescence: 'steady', warms: 'no' });
  test('what its liquid shows is an item of its own; the liquid is not named', () => {
    const marks = marksOf(fizz);
    expect(marks).toHaveProperty(['observation:b:naoh:precipitate']);
    expect(marks).not.toHaveProperty(['naming:b']);
  });
  test('a wrong metal is carried forward from the ion recorded, and only from it', () => {
    const asMagnesium = saw('b', 'naoh', { precipitate: 'white', excess: 'insoluble' });
    const asAluminium = saw('b', 'ammonia-solution', { precipitate: 'white', excess: 'insoluble' });
    const dissolves = saw('b', 'naoh', { precipitate: 'white', excess: 'dissolves' });
    const slow = saw('a', 'metal-acid', { effervescence: 'steady', warms: 'no' });
    expect(marksOf(slow, dissolves, asAluminium, named('aluminium'))['naming:a']).toBe('carried-forward');
    expect(marksOf(slow, asMagnesium, named('aluminium'))['naming:a']).toBe('wrong-metal');
    expect(marksOf(slow, dissolves, named('zinc'))['naming:a']).toBe('right-metal');
    // Of two looks at the liquid the one pointed at counts.
    const pointed = names('a', 'aluminium', [dissolves.id]);
    expect(marksOf(slow, dissolves, asMagnesium, asAluminium, pointed)['naming:a']).toBe('carried-forward');
  });
});
