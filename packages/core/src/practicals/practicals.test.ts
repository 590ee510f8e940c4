import { evenScheme } from '../schemes/scheme-presets.js';
import { describe, expect, test } from '@jest/globals';
import { rotaProblemOf } from '../planning/lesson-rota.js';
import { rota } from '../planning/rota.js';
import { allSyllabuses } from '../syllabus/syllabuses.js';
import { coreSyllabus } from '../syllabus/core.js';
import { adviceFor, discriminationOf } from './advice.js';
import { portionsOf } from './portions.js';
import { evidenceOf, isDoneOn, warningText } from './evidence.js';
import { emptyPractical, knownLabel, syllabusFor, unknownsOf, type Practical } from './practical.js';
import { readPractical } from './read-practical.js';
import { upToDate } from './practical-versions.js';
import { testOf } from '../identification-tests/tests.js';
import {
  practicalOfVersion1,
  practicalOfVersion2,
  practicalOfVersion3,
  practicalOfVersion4,
  practicalOfVersion5,
} from './old-practicals.js';
import { ionStrengths, saltFormula } from '../formulas/salt-ions.js';
import { shippedPracticals } from './shipped/shipped-practicals.js';

const room = { burner: 10, 'fume-cupboard': 2, 'hot-water-bath': 4, sink: 3 } as const;
const shipped = (title: RegExp): Practical => shippedPracticals.find((p) => title.test(p.title))!;
const hydroxides = shipped(/Hydroxide precipitates/);
const anions = shipped(/Which anion/);

describe.each(shippedPracticals.map((p) => [p.title, p] as const))('the practical “%s”', (_, practical) => {
  test('reads back as a file of its own format', () =>
    expect(readPractical(JSON.parse(JSON.stringify(practical)))).toEqual({ practical }));
  test('asks for nothing that stops a lesson', () =>
    expect(adviceFor(practical).filter((a) => a.tone === 'stop')).toEqual([]));
  test('its unknowns can be told apart where they differ in what is asked', () =>
    expect(adviceFor(practical).filter((a) => a.key === 'alike')).toEqual([]));
  test('fits its lesson in a room of the usual size', () => {
    const result = rota(rotaProblemOf(practical, 8, room), { seconds: 1 });
    expect([result.feasible, result.why]).toEqual([true, []]);
  });
  test('every sample goes through at least one test', () => {
    for (const sample of practical.samples)
      expect([sample.key, practical.tests.some((t) => isDoneOn(t, sample))]).toEqual([sample.key, true]);
  });
  test('every test speaks of at least one of its samples', () => {
    const table = evidenceOf(practical);
    for (const planned of practical.tests)
      expect(table.some((e) => e.test === planned.test && Object.keys(e.shows).length > 0)).toBe(true);
  });
});

test('every syllabus that ships has a practical', () => {
  for (const { id } of allSyllabuses)
    expect([id, shippedPracticals.some((p) => p.syllabus === id)]).toEqual([id, true]);
});

describe('a practical file', () => {
  const problems = (document: unknown) => {
    const read = readPractical(document);
    return 'problems' in read ? read.problems : [];
  };
  const edited = (change: (p: Record<string, unknown> & Practical) => object) => {
    const copy = structuredClone(hydroxides) as Record<string, unknown> & Practical;
    return { ...copy, ...change(copy) };
  };
  test('of version 1 is brought up to date: it asked for the cation in a plain lesson', () => {
    const now = upToDate(practicalOfVersion1);
    expect(now).toMatchObject({ formatVersion: 6, setUp: 5, clearUp: 10, asks: 'cation', before: [] });
    expect(readPractical(practicalOfVersion1)).toEqual({ practical: now });
  });
  test('of version 2 is brought up to date: controls stay with their steps, its own syllabus gets a version', () => {
    const read = readPractical(practicalOfVersion2);
    expect(problems(practicalOfVersion2)).toEqual([]);
    const { practical } = read as { practical: Practical };
    expect(practical.tests.map((t) => t.controls)).toEqual([
      [
        { step: 0, only: 'teacher' },
        { step: 2, only: 'fume-cupboard' },
      ],
      [
        { step: 2, only: 'teacher' },
        { step: 3, only: 'fume-cupboard' },
        { step: 4, only: 'fume-cupboard' },
      ],
      [{ step: 1, only: 'teacher' }],
    ]);
    // The acid went on at step 1 and goes on at step 2 now.
    expect(testOf('dilute-acid').variants[0]!.steps[2]!.text).toMatch(/^Add 2 cm³/);
    expect(practical.ownSyllabus).toMatchObject({ format: 'kivex-syllabus', formatVersion: 2, id: 'ours' });
    expect(upToDate(practical)).toEqual(practical);
  });
  test('of version 3 is brought up to date: it kept no liquids; of version 5: it carried no scheme', () => {
    for (const old of [practicalOfVersion3, practicalOfVersion4, practicalOfVersion5]) {
      expect(problems(old)).toEqual([]);
      expect(upToDate(old)).toEqual({ ...(old as object), formatVersion: 6 });
    }
  });
  test.each<[string, unknown, RegExp, RegExp]>([
    ['is no object', [1], /the file/, /not a practical/],
    ['is another format', { format: 'x' }, /format/, /not a practical/],
    ['is newer', { format: 'kivex-practical', formatVersion: 9 }, /formatVersion/, /Update Kivex/],
    [
      'has a scheme whose weights are too much',
      edited(() => ({ scheme: { ...evenScheme, strands: { ...evenScheme.strands, technique: 11 } } })),
      /scheme, strands, technique/,
      /10/,
    ],
    ['lacks a key', { ...hydroxides, title: undefined }, /title|the file/, /must be|missing/],
    ['has a key too many', edited(() => ({ colour: 'red' })), /colour/, /not known here/],
    [
      'misspells an ion',
      edited((p) => ({ samples: [{ ...p.samples[0], ions: ['Xx+', 'Cl-'] }] })),
      /samples 1, ions 1/,
      /not one of those allowed/,
    ],
    [
      'has a salt without an anion',
      edited((p) => ({ samples: [{ ...p.samples[0]!, ions: ['Cu2+'] }] })),
      /samples 1/,
      /cation and an anion/,
    ],
    [
      'has an unknown blank',
      edited((p) => ({ samples: [{ ...p.samples[0]!, role: 'unknown', ions: [] }] })),
      /samples 1/,
      /blank is a known/,
    ],
    [
      'names a variant of another test',
      edited((p) => ({ tests: [{ ...p.tests[0]!, variant: 'wire' }] })),
      /tests 1, variant/,
      /has no variant/,
    ],
    [
      'names an attribute of another test',
      edited((p) => ({ tests: [{ ...p.tests[0]!, attributes: ['splint'] }] })),
      /tests 1, attributes/,
      /has no attribute/,
    ],
    ['has a test twice', edited((p) => ({ tests: [p.tests[0]!, p.tests[0]!] })), /tests 2/, /twice/],
    [
      'orders a test that is not there',
      edited(() => ({ before: [['sulfate', 'naoh']] })),
      /before 1/,
      /not among the tests/,
    ],
    ['has no time left', edited(() => ({ minutes: 10, setUp: 5, clearUp: 5 })), /minutes/, /whole lesson/],
    ['names a syllabus that is nowhere', edited(() => ({ syllabus: 'moon' })), /syllabus/, /No syllabus/],
  ])('that %s is told so at its place', (_, document, where, text) => {
    const found = problems(document);
    expect(found.some((p) => where.test(p.where) && text.test(p.text))).toBe(true);
  });
  test('with a syllabus of its own carries it, and is refused when that is broken', () => {
    const own = { ...coreSyllabus, id: 'own', name: 'Ours' };
    const document = { ...hydroxides, syllabus: 'own', ownSyllabus: own };
    const read = readPractical(document);
    expect('practical' in read && syllabusFor(read.practical).name).toBe('Ours');
    const broken = { ...document, ownSyllabus: { ...own, strictness: 'harsh' } };
    expect(problems(broken)[0]).toMatchObject({ where: expect.stringContaining('ownSyllabus') });
  });
});

describe('advice', () => {
  const keys = (p: Practical) => adviceFor(p).map((a) => a.key);
  test('an empty practical says what is missing', () =>
    expect(keys(emptyPractical())).toEqual(expect.arrayContaining(['no-tests', 'no-unknowns'])));
  test('burners and a flammable liquid in one lesson stop it, whatever the tests are called', () => {
    const layer = shipped(/Halides by the layer/);
    const spots = shipped(/Families of ions/);
    expect(keys(layer)).not.toContain('flame-and-flammable');
    expect(keys(spots)).not.toContain('flame-and-flammable');
    const both: Practical = { ...spots, tests: [...spots.tests, ...layer.tests] };
    const [first] = adviceFor(both);
    expect(first).toMatchObject({ key: 'flame-and-flammable', tone: 'stop' });
    expect(first?.text).toMatch(/sets out hexane.*“Flame test” lights burners: never in one lesson/);
    const withoutBurner = { ...both, tests: both.tests.filter((t) => t.test !== 'flame') };
    expect(keys(withoutBurner)).not.toContain('flame-and-flammable');
  });
  test('says when one group alone cannot be through in time', () => {
    const short = { ...hydroxides, minutes: 30 };
    const [over] = adviceFor(short).filter((a) => a.key === 'too-long');
    expect(over?.text).toMatch(/needs 23 attended minutes and the lesson leaves 15: 8 over/);
    expect(keys(hydroxides)).toContain('time');
  });
  test('names the pairs that stay alike and the cheapest test that parts them', () => {
    const without: Practical = { ...hydroxides, tests: [hydroxides.tests[0]!] };
    const alike = adviceFor(without).find((a) => a.key === 'alike')!;
    expect(alike.text).toMatch(
      /magnesium sulfate and calcium chloride|calcium chloride and magnesium sulfate/,
    );
    expect(alike.mend?.kind).toBe('add-test');
  });
  test('attributes that are not looked at part nothing', () => {
    const drops = hydroxides.tests.map((t) => ({ ...t, attributes: [t.attributes[0]!] })).slice(0, 1);
    const pairs = discriminationOf({ ...hydroxides, tests: drops }).inseparable;
    const ions = unknownsOf(hydroxides).map((s) => s.ions[0]!);
    expect(pairs.map(([a, b]) => [ions[a], ions[b]])).toContainEqual(['Al3+', 'Mg2+']);
  });
  test('few unknowns, a lone look-alike and a stranger to the syllabus are told', () => {
    const odd: Practical = {
      ...anions,
      unknownsPerGroup: 3,
      samples: [
        ...anions.samples.slice(0, 5),
        { key: 'x', role: 'unknown', ions: ['Na+', 'NO3-'], form: 'solution', difficulty: 2, set: 'lone' },
      ],
    };
    expect(keys(odd)).toEqual(expect.arrayContaining(['neighbours', 'set-lone', 'outside']));
  });
});

describe('visibility at the amounts set', () => {
  const one = (ions: string[], molarity: number, planned: Practical['tests'][number]) =>
    evidenceOf({
      samples: [{ key: 's', role: 'unknown', ions, form: 'solution', molarity, difficulty: 1 }],
      tests: [planned],
    })[0]!.warnings;
  const naoh = { test: 'naoh', variant: 'usual', attributes: ['precipitate', 'excess'] } as const;
  test('a very dilute sulfate is too faint to see, a usual one is not', () => {
    const sulfate = { test: 'sulfate', variant: 'hydrochloric', attributes: ['precipitate'] } as const;
    expect(one(['Na+', 'SO4^2-'], 2e-4, sulfate)[0]).toMatchObject({ kind: 'too-faint' });
    expect(one(['Na+', 'SO4^2-'], 0.1, sulfate)).toEqual([]);
  });
  test('weak alkali does not dissolve zinc hydroxide in excess', () => {
    expect(one(['Zn2+', 'SO4^2-'], 0.1, naoh)).toEqual([]);
    const weak = { ...naoh, strengths: { NaOH: 0.4 } };
    const [warning] = one(['Zn2+', 'SO4^2-'], 0.1, weak);
    expect(warning).toMatchObject({ kind: 'not-in-excess', attribute: 'excess' });
    expect(warningText(warning!, 'Jar 1')).toMatch(/stronger/);
  });
});

test('with gases inferred once shown, a rota plans their test once', () => {
  const metals = shipped(/Metals and dilute acid/);
  const splint = metals.tests.find((t) => t.test === 'lit-splint')!;
  expect(portionsOf(metals, splint)).toBe(2);
  const inferring = {
    ...metals,
    ownSyllabus: {
      ...syllabusFor(metals),
      settings: { ...coreSyllabus.settings, gasEvidence: 'once-then-inferred' as const },
    },
  };
  expect(portionsOf(inferring, splint)).toBe(1);
});

test('salts: formulas, strengths of their ions, labels of knowns', () => {
  expect(saltFormula(['Al3+', 'SO4^2-'])).toBe('Al2(SO4)3');
  expect(saltFormula(['NH4+', 'SO4^2-'])).toBe('(NH4)2SO4');
  expect(saltFormula(['Ca2+', 'Cl-'])).toBe('CaCl2');
  expect(saltFormula(['CO2'])).toBe('');
  expect(ionStrengths(['Fe3+', 'Cl-'], 0.1)).toEqual({ 'Fe3+': 0.1, 'Cl-': expect.closeTo(0.3) });
  expect(knownLabel({ ions: ['Ca2+', 'CO3^2-'], alias: 'Chalk' })).toBe('Chalk (calcium carbonate)');
  expect(knownLabel({ ions: [] })).toMatch(/deionised water/);
});
