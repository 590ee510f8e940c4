import { describe, expect, test } from '@jest/globals';
import type { Strictness } from '../syllabus/syllabus-definition.js';
import type { Mark } from './mark-result.js';
import { mark } from './mark.js';

const observe = (
  ion: string,
  answer: string,
  { attribute = 'colour', strictness = 'standard' as Strictness, syllabus = 'core' } = {},
): Mark =>
  mark(syllabus, { kind: 'observation', test: 'flame', sample: [ion, 'Cl-'], attribute, strictness }, answer);
const name = (sample: string[], answer: string, colour?: string, glass?: string): Mark =>
  mark(
    'core',
    {
      kind: 'identify',
      part: 'cation',
      sample,
      ...(colour
        ? { seen: [{ test: 'flame', seen: { colour, ...(glass ? { throughBlueGlass: glass } : {}) } }] }
        : {}),
    },
    answer,
  );

/** Written as an examiner would mark them, before the marker was tuned. */
const corpus: readonly (readonly [string, string, 0 | 1 | 'review'])[] = [
  ['Li+', 'crimson', 1],
  ['Li+', 'red', 1],
  ['Li+', 'scarlet red flame', 1],
  ['Li+', 'a deep red colour', 1],
  ['Li+', 'reddish pink', 1],
  ['Li+', 'purple', 0],
  ['Li+', 'orange', 0],
  ['Li+', 'not red', 0],
  ['Li+', 'red or yellow', 0],
  ['Li+', 'I think it was crimson but not sure', 1],
  ['Na+', 'yellow', 1],
  ['Na+', 'Bright Yellow', 1],
  ['Na+', 'golden', 1],
  ['Na+', 'orange', 0],
  ['Na+', 'yellowy orange', 'review'],
  ['Na+', 'the flame turned yelow', 1],
  ['Na+', 'yellow not orange', 1],
  ['Na+', 'it went yellow straight away', 1],
  ['K+', 'lilac', 1],
  ['K+', 'pale lilac', 1],
  ['K+', 'lilack', 1],
  ['K+', 'purple', 0],
  ['K+', 'violet', 0],
  ['K+', 'light purple', 'review'],
  ['K+', 'pink', 0],
  ['K+', 'yellow then lilac', 'review'],
  ['K+', 'lilac or yellow', 0],
  ['K+', 'lilac (I used the blue glass and it was crimson)', 1],
  ['Ca2+', 'orange-red', 1],
  ['Ca2+', 'brick red', 1],
  ['Ca2+', 'red', 1],
  ['Ca2+', 'redy orange', 1],
  ['Ca2+', 'orange', 0],
  ['Ca2+', 'green', 0],
  ['Cu2+', 'blue-green', 1],
  ['Cu2+', 'greeny blue', 1],
  ['Cu2+', 'green', 1],
  ['Cu2+', 'blue and green', 1],
  ['Cu2+', 'turquoise', 1],
  ['Cu2+', 'blue', 0],
  ['Cu2+', 'blue precipitate', 0],
  ['Mg2+', 'no colour', 1],
  ['Mg2+', 'nothing', 1],
  ['Mg2+', 'white', 0],
  ['Li+', '', 0],
  ['Li+', 'lithium chloride', 0],
  ['Li+', 'it burned', 0],
  ['Na+', '🔥🔥', 0],
];

describe('a flame colour is marked as an examiner would', () => {
  test.each(corpus)('%s, "%s" → %s', (ion, answer, wanted) => {
    const got = observe(ion, answer);
    expect(got.verdict === 'review' ? 'review' : got.points).toBe(wanted);
    expect(got.max).toBe(1);
    expect(got.why[0]?.text).toMatch(/\.$/);
  });

  test('strictness is a setting: purple for potassium, orange for sodium, scarlet for lithium', () => {
    expect(observe('K+', 'purple', { strictness: 'generous' }).points).toBe(1);
    expect(observe('Na+', 'orange', { strictness: 'generous' }).points).toBe(1);
    expect(observe('Li+', 'scarlet', { strictness: 'strict' }).points).toBe(0);
    expect(observe('K+', 'light purple', { strictness: 'generous' }).points).toBe(1);
  });

  test('through the glass the yellow of sodium is gone and potassium shows', () => {
    const glass = { attribute: 'throughBlueGlass', syllabus: 'families' };
    expect(observe('Na+', 'nothing', glass).points).toBe(1);
    expect(observe('Na+', 'yellow', glass).points).toBe(0);
    expect(observe('K+', 'crimson', glass).points).toBe(1);
    expect(observe('K+', 'yellow without the glass, pink with the glass', glass).points).toBe(1);
  });

  test('what the test says nothing about is an error, not a mark', () => {
    expect(() => mark('core', { kind: 'observation', test: 'flame', sample: ['Cl-'] }, 'green')).toThrow(
      /says nothing/,
    );
    expect(() => mark('no-such', { kind: 'observation', test: 'flame', sample: ['Na+'] }, 'x')).toThrow(
      /not a syllabus/,
    );
  });
});

describe('a name is marked with error carried forward', () => {
  test('the ion of the sample earns, by name, misspelt name or formula', () => {
    for (const answer of ['lithium', 'Li+', 'lithum ions', 'Li'])
      expect([answer, name(['Li+', 'Cl-'], answer).points]).toEqual([answer, 1]);
  });
  test('what follows from the student’s own record earns though the sample was another', () => {
    const carried = name(['K+', 'Cl-'], 'sodium', 'yellow');
    expect(carried.points).toBe(1);
    expect(carried.why[0]?.code).toBe('carried-forward');
  });
  test('of several ions that fit the record any one earns, two named earn nothing', () => {
    expect(name(['Ca2+', 'Cl-'], 'lithium', 'red').points).toBe(1);
    expect(name(['Ca2+', 'Cl-'], 'lithium or calcium', 'red').points).toBe(0);
  });
  test('what fits neither earns nothing, and the reason says what the record points to', () => {
    const none = name(['K+', 'Cl-'], 'copper', 'yellow');
    expect(none.points).toBe(0);
    expect(none.why[0]?.text).toContain('sodium');
  });
  test('a masked flame read through the glass carries to potassium', () => {
    expect(name(['Na+', 'Cl-'], 'potassium', 'yellow', 'crimson').points).toBe(1);
  });
  test('iron without its charge is asked for', () => {
    expect(name(['Fe3+', 'Cl-'], 'iron').why[0]?.code).toBe('charge-missing');
  });
  test('a salt needs both its ions', () => {
    const salt = (answer: string) =>
      mark('core', { kind: 'identify', part: 'salt', sample: ['Na+', 'Br-'] }, answer).points;
    expect([salt('NaBr'), salt('sodium bromide'), salt('sodium'), salt('sodium chloride')]).toEqual([
      1, 1, 0, 0,
    ]);
  });
});

test('that no colour is seen is said in words, not by the name of a record', () =>
  expect(observe('Mg2+', 'no colour').why[0]!.text).toBe('“no colour” earns the mark.'));

describe('two names', () => {
  const named = (answer: string) =>
    mark('core', { kind: 'identify', part: 'cation', sample: ['Fe3+', 'Cl-'] }, answer);
  test.each(['iron(III) or copper', 'iron(III), copper', 'both iron(III) and copper are in there'])(
    '"%s" is two answers',
    (answer) => expect(named(answer)).toMatchObject({ points: 0, verdict: 'none' }),
  );
  test('told at length and not as a choice, a person decides which was meant', () =>
    expect(named('iron(III) was what the colour told us, copper is bluer').verdict).toBe('review'));
  test('a choice with a name that cannot be read is no answer', () =>
    expect(named('iron(III) or coxxorel').verdict).toBe('review'));
  test('said more closely, it is one', () =>
    expect(named('iron, iron(III)')).toMatchObject({ points: 1, verdict: 'credit' }));
  test('a salt of an ion nobody was taught is a salt all the same', () =>
    expect(
      mark('core', { kind: 'identify', part: 'salt', sample: ['K+', 'I-'] }, 'barium iodide, KI'),
    ).toMatchObject({ points: 0, verdict: 'none' }));
});
