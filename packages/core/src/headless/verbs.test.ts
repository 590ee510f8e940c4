import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { answerLine, verbs } from './verbs.js';

const run = (verb: string, line: unknown) => {
  const { text, failed } = answerLine(verbs[verb]!, typeof line === 'string' ? line : JSON.stringify(line));
  return { ...(JSON.parse(text) as Record<string, unknown>), failed };
};
const good = {
  id: 'a',
  syllabus: 'core',
  item: { kind: 'observation', test: 'flame', sample: ['K+', 'Cl-'] },
  answer: 'lilac',
};

describe('the headless core', () => {
  test('answers with the same id', () =>
    expect(run('mark', good)).toMatchObject({
      id: 'a',
      points: 1,
      max: 1,
      verdict: 'credit',
      failed: false,
    }));
  test.each<[unknown, RegExp]>([
    ['{', /not JSON/],
    ['[]', /must be a JSON object/],
    [{ ...good, extra: 1 }, /unknown key "extra"/],
    [{ ...good, syllabus: 'x' }, /syllabus must be one of/],
    [{ ...good, answer: 7 }, /answer must be a text, not a number/],
    [{ ...good, item: { ...good.item, sample: ['Xx+'] } }, /item.sample\[0\] is "Xx\+"/],
    [{ ...good, item: { ...good.item, sample: [] } }, /item.sample is empty/],
    [{ ...good, item: { ...good.item, test: 'taste' } }, /not a test Kivex knows/],
    [{ ...good, item: { ...good.item, strictness: 'harsh' } }, /item.strictness must be one of/],
  ])('says what is wrong and where: %j', (line, wanted) => {
    const out = run('mark', line);
    expect(out.failed).toBe(true);
    expect((out as { error?: string }).error).toMatch(wanted);
  });
  test('a failing line keeps its id', () =>
    expect(run('mark', { ...good, answer: null })).toMatchObject({ id: 'a' }));
  test('identify refuses a value that is not in the list, naming the list', () => {
    const out = run('identify', {
      id: 1,
      candidates: { cations: ['K+'], anions: [] },
      observations: [{ test: 'flame', seen: { colour: 'mauve' } }],
    });
    expect((out as { error?: string }).error).toMatch(
      /seen.colour must be one of none|seen.colour must be one of crimson/,
    );
  });
  test.each<[unknown, RegExp]>([
    [{ Mg: { mass_g: 1, molarity: 1 } }, /gas.from Mg has both a mass and a strength/],
    [{ Mg: {} }, /gas.from Mg.molarity must be a number, not nothing/],
    [{ Mg: { grams: 1 } }, /gas.from Mg has an unknown key "grams"/],
    [{}, /gas.from has 0 reactants/],
    [['Mg'], /gas.from must be an object/],
  ])('gas says which amount is wrong: %j', (from, wanted) =>
    expect((run('gas', { id: 1, gas: { make: 'H2', from } }) as { error?: string }).error).toMatch(wanted),
  );
  test('gas answers with everything the contract names', () =>
    expect(
      Object.keys(
        run('gas', {
          id: 1,
          gas: { make: 'O2', from: { H2O2: { molarity: 1, volume_mL: 5 } }, celsius: 25, tube_mL: 15 },
        }),
      ),
    ).toEqual(['id', 'mol', 'mL', 'limiting', 'left', 'tubes', 'dissolved_mL', 'rise_C', 'failed']));
  test.each<[object, RegExp]>([
    [{ 'gas-test': 'Xx' }, /gas-test is "Xx", which is no gas/],
    [{ 'gas-test': 'CO2', test: 'naoh' }, /unknown key "test"/],
    [{ test: 'taste', sample: ['Na+'] }, /not a test Kivex knows/],
    [{ test: 'naoh', sample: [] }, /sample is empty/],
    [{ test: 'naoh', sample: ['Na+'], acid: 'HF' }, /acid must be one of HCl, H2SO4, HNO3/],
  ])('reaction says what is wrong: %j', (line, wanted) =>
    expect((run('reaction', { id: 1, ...line }) as { error?: string }).error).toMatch(wanted),
  );
  test('hostile lines give an error line, never a throw', () => {
    const nested = '['.repeat(200_000);
    expect(answerLine(verbs['mark']!, nested).failed).toBe(true);
    expect(
      answerLine(verbs['mark']!, `{"id":1,"item":${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}}`).failed,
    ).toBe(true);
    fc.assert(
      fc.property(
        fc.json(),
        (json) => answerLine(verbs['mark']!, json).failed && answerLine(verbs['identify']!, json).failed,
      ),
    );
  });

  test.each(Object.keys(verbs))('%s answers anything at all with one line, in bounded time', (name) => {
    const verb = verbs[name]!;
    const lines = [
      '',
      '\u0000\u0001',
      '[]',
      '{}',
      '{"id":{}}',
      `{"id":1,"answer":"${'x'.repeat(500_000)}"}`,
      '['.repeat(100_000),
      `"${'a'.repeat(1_100_000)}"`,
    ];
    for (const line of lines) expect(answerLine(verb, line).failed).toBe(true);
    fc.assert(
      fc.property(fc.json({ maxDepth: 6 }), (json) => {
        const { text } = answerLine(verb, json);
        return !text.includes('\n') && typeof JSON.parse(text) === 'object';
      }),
    );
  });
  test('very long answers are marked in bounded time', () => {
    for (const answer of [
      'white ppt '.repeat(50_000),
      'not '.repeat(100_000),
      '+'.repeat(200_000),
      '('.repeat(200_000),
    ]) {
      expect(
        run('mark', { ...good, item: { kind: 'observation', test: 'naoh', sample: ['Al3+'] }, answer })
          .failed,
      ).toBe(false);
      expect(
        run('mark', { ...good, item: { kind: 'identify', sample: ['Al3+'], part: 'cation' }, answer }).failed,
      ).toBe(false);
      expect(run('mark', { ...good, item: { kind: 'purpose', of: 'clean-wire' }, answer }).failed).toBe(
        false,
      );
      expect(
        run('equation', { id: 1, form: 'ionic', answer, expect: { reactants: ['Ag+'], products: ['AgCl'] } }),
      ).toMatchObject({ verdict: 'unreadable' });
    }
  });
  test.each<[string, unknown, RegExp]>([
    [
      'equation',
      { id: 1, form: 'ionic', answer: 'x', expect: { reactants: ['water'], products: ['AgCl'] } },
      /expect.reactants\[0\] is "water"/,
    ],
    ['discriminate', { id: 1, samples: [['Na+']], tests: ['taste'] }, /tests\[0\] is "taste"/],
    ['discriminate', { id: 1, samples: [], tests: ['flame'] }, /samples is empty/],
    ['analyse', { id: 1, tests: ['taste'], groups: [] }, /tests\[0\] is "taste"/],
    [
      'analyse',
      { id: 1, tests: ['flame'], groups: [{ group: 1, sample: [], observations: [] }] },
      /sample is empty/,
    ],
    [
      'analyse',
      {
        id: 1,
        tests: ['flame'],
        groups: [1, 2].map(() => ({ group: 1, sample: ['K+'], observations: [] })),
      },
      /groups\[1\].group is 1, which stands twice/,
    ],
    [
      'analyse',
      {
        id: 1,
        tests: ['flame'],
        groups: [
          { group: 1, sample: ['K+'], observations: [{ test: 'naoh', seen: { precipitate: 'white' } }] },
        ],
      },
      /"naoh", which is not among tests/,
    ],
    [
      'analyse',
      { id: 1, tests: [], groups: [{ group: 1, sample: ['K+'], observations: [], named: { gas: 'Xy' } }] },
      /named.gas is "Xy"/,
    ],
    ['predict', { id: 1, sample: { ions: { 'Na+': 1 }, volume_mL: 1 }, steps: [] }, /do not balance/],
    [
      'predict',
      { id: 1, sample: { ions: {}, volume_mL: 1 }, steps: [{ add: 'NaOH', molarity: 1 }] },
      /steps\[0\].volume_mL must be a number, not nothing/,
    ],
    ['flame', { id: 1, ions: { 'K+': -1 } }, /from 0 up/],
    ['flame', { id: 1, ions: {}, glass: true }, /ions is empty/],
    ['prepare', { id: 1 }, /exactly one of make, dilute and bench/],
    ['identify', { id: 1, candidates: { gases: ['Xe'] }, observations: [] }, /not a gas Kivex knows/],
    ['mark', { ...good, item: { kind: 'purpose', of: 'fun' } }, /item.of is "fun"/],
    ['mark', { ...good, item: { kind: 'gas-test', gas: 'N2' } }, /no test of its own/],
  ])('%s says what is wrong: %j', (verb, line, wanted) => {
    const out = run(verb, line);
    expect([out.failed, (out as { error?: string }).error]).toEqual([true, expect.stringMatching(wanted)]);
  });
  test('a blank of plain water may be tested like any sample', () => {
    const out = run('predict', {
      id: 1,
      sample: { ions: {}, volume_mL: 1 },
      steps: [{ add: 'NaOH', molarity: 0.4, volume_mL: 0.15 }],
    });
    expect(out).toMatchObject({ failed: false, after: [{ solids: [] }] });
  });
});

describe('a rota in a line', () => {
  const line = {
    id: 'r',
    groups: 2,
    tasks: [
      { id: 'a', attended: 4, station: 'burner' },
      { id: 'b', attended: 3, station: 'sink' },
    ],
    stations: { burner: 1, sink: 1 },
    lesson: 40,
    setUp: 5,
    clearUp: 5,
  };
  test('keeps stations apart where the line says so', () => {
    expect(run('rota', line)).toMatchObject({ feasible: true, makespan: 13, optimal: true });
    // Eight minutes of burner and six of sink, one after the other.
    expect(run('rota', { ...line, apart: [['burner', 'sink']] })).toMatchObject({ makespan: 19 });
  });
  test('is planned from a minute on: what has begun stays', () => {
    const from = { minute: 8, done: [{ group: 1, task: 'a', start: 6 }] };
    const { schedule, makespan } = run('rota', { ...line, from }) as unknown as {
      schedule: { group: number; task: string; start: number }[];
      makespan: number;
    };
    expect(schedule).toContainEqual({ group: 1, task: 'a', start: 6, end: 10 });
    expect(schedule.filter((s) => s.task !== 'a' || s.group !== 1).every((s) => s.start >= 8)).toBe(true);
    expect(makespan).toBe(15);
  });
  test.each<[object, RegExp]>([
    [{ apart: [['burner']] }, /apart\[0\] must be a pair/],
    [{ apart: [['burner', 'moon']] }, /apart names the station "moon"/],
    [{ from: { minute: 8 } }, /from.done/],
    [{ from: { minute: 8, done: [{ group: 3, task: 'a', start: 6 }] } }, /from.done names group 3/],
    [{ from: { minute: 8, done: [], places: { burner: -1 } } }, /from.places burner/],
  ])('%j is told', (change, words) => {
    expect(run('rota', { ...line, ...change })).toMatchObject({
      failed: true,
      error: expect.stringMatching(words),
    });
  });
});
