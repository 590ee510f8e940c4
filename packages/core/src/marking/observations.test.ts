import { describe, expect, test } from '@jest/globals';
import type { Strictness } from '../syllabus/syllabus-definition.js';
import { mark } from './mark.js';

/** Answers to whole observations of tests in solution: salt, test, answer, points an examiner gives. */
const whole: readonly (readonly [string, string, string, number])[] = [
  // Hydroxides: one point for the precipitate, one for what excess does.
  ['Cu2+ SO4^2-', 'naoh', 'a blue jelly like precipitate that did not dissolve in excess', 2],
  ['Cu2+ SO4^2-', 'naoh', 'it went blue', 0],
  ['Fe2+ SO4^2-', 'naoh', 'dirty green ppt, insoluble in xs', 2],
  ['Fe2+ SO4^2-', 'naoh', 'green precipitate which slowly turned brown at the top', 1],
  ['Fe2+ SO4^2-', 'naoh', 'a green precipitate that oxidises to brown in air', 1],
  ['Fe2+ SO4^2-', 'naoh', 'brown ppt turning green', 0],
  ['Fe2+ SO4^2-', 'ammonia-solution', 'green ppt which turns brown, insoluble in excess', 2],
  ['Cu2+ SO4^2-', 'naoh', 'blue ppt turns brown', 0],
  ['Fe3+ Cl-', 'naoh', 'rusty brown solid formed. adding more made no difference', 2],
  ['Fe3+ Cl-', 'naoh', 'orange brown ppt', 1],
  ['Zn2+ SO4^2-', 'naoh', 'white ppt with a few drops then colourless solution with lots', 2],
  ['Zn2+ SO4^2-', 'naoh', 'no precipitate', 0],
  ['Ca2+ Cl-', 'naoh', 'white precipitate, remains when more NaOH is added', 2],
  ['Al3+ SO4^2-', 'naoh', 'white gelatinous ppt that vanishes in excess alkali', 2],
  ['Al3+ SO4^2-', 'naoh', 'white ppt. It did not go away with more', 1],
  ['Na+ Cl-', 'naoh', 'nothing happened', 2],
  // Ammonia solution tells aluminium from zinc.
  ['Al3+ SO4^2-', 'ammonia-solution', 'white ppt not soluble in excess ammonia', 2],
  ['Zn2+ SO4^2-', 'ammonia-solution', 'white ppt which dissolved again in excess', 2],
  ['Cu2+ SO4^2-', 'ammonia-solution', 'pale blue ppt that dissolves to a deep blue solution in excess', 2],
  // Sulfate and halides.
  ['Na+ SO4^2-', 'sulfate', 'thick white precipitate', 1],
  ['Na+ SO4^2-', 'sulfate', 'went milky white', 1],
  ['Na+ Cl-', 'sulfate', 'stayed clear', 1],
  ['Na+ SO4^2-', 'sulfate', 'a yellow solid formed', 0],
];
const halides: readonly (readonly [string, string, number])[] = [
  ['Cl-', 'white ppt', 1],
  ['Cl-', 'cream ppt', 0],
  ['Br-', 'creamy coloured precipitate', 1],
  ['Br-', 'off white precipitate', 1],
  ['I-', 'pale yellow precipitate', 1],
  ['I-', 'yellow solution', 0],
  ['NO3-', 'no reaction seen', 1],
  ['Cl-', 'white ppt that went purple in the light', 1],
  ['Br-', 'cream precipitate, slowly turning grey', 1],
  ['Cl-', 'purple ppt turning white', 0],
  ['I-', 'yellow ppt turning green', 0],
];

describe('a whole observation is marked part by part', () => {
  test.each(whole)('%s, %s: "%s" → %d', (salt, id, answer, points) => {
    const got = mark(
      'senior',
      { kind: 'observation', test: id, sample: salt.split(' '), form: 'solution' },
      answer,
    );
    expect([got.points, got.verdict === 'review']).toEqual([points, false]);
  });
  test('two colours told apart in a longer answer go to a person; in a few words they contradict', () => {
    const of = (answer: string) =>
      mark(
        'senior',
        { kind: 'observation', test: 'naoh', sample: ['Al3+', 'SO4^2-'], form: 'solution' },
        answer,
      );
    expect(of('white ppt turning brown, dissolves in excess').verdict).toBe('review');
    expect(of('white or brown ppt')).toMatchObject({ points: 0, verdict: 'none' });
  });
  test.each(halides)('silver nitrate on %s: "%s" → %d', (anion, answer, points) => {
    const item = {
      kind: 'observation',
      test: 'halide-silver',
      attribute: 'precipitate',
      sample: ['Na+', anion],
    } as const;
    expect(mark('core', item, answer).points).toBe(points);
  });
  test('every reason is a sentence, and lost points say what was wanted', () => {
    for (const [salt, id, answer] of whole) {
      const { why } = mark('senior', { kind: 'observation', test: id, sample: salt.split(' ') }, answer);
      for (const reason of why) expect(reason.text).toMatch(/^[A-Z0-9“"'].*[.?]$/s);
    }
  });
  test('spelling, case, spacing and final stops change nothing', () => {
    const bend = (answer: string) => [
      answer.toUpperCase(),
      `  ${answer}  `,
      `${answer}.`,
      answer.replaceAll(' ', '  '),
      answer.replace('precipitate', 'precipitait'),
    ];
    for (const [salt, id, answer, points] of whole)
      for (const bent of bend(answer)) {
        const got = mark(
          'senior',
          { kind: 'observation', test: id, sample: salt.split(' '), form: 'solution' },
          bent,
        );
        expect([bent, got.points]).toEqual([bent, points]);
      }
  });
  test('a stricter reading never earns more', () => {
    for (const [salt, id, answer] of whole) {
      const points = (strictness: Strictness) =>
        mark('senior', { kind: 'observation', test: id, sample: salt.split(' '), strictness }, answer).points;
      expect(points('strict')).toBeLessThanOrEqual(points('standard'));
      expect(points('standard')).toBeLessThanOrEqual(points('generous'));
    }
  });
});

describe('a gas test earns for what is done and for what is seen', () => {
  const gas = (id: 'H2' | 'O2' | 'CO2' | 'NH3' | 'Cl2' | 'SO2', answer: string) =>
    mark('senior', { kind: 'gas-test', gas: id }, answer).points;
  test.each<[Parameters<typeof gas>[0], string, number]>([
    ['H2', 'put a burning splint in and it goes pop', 2],
    ['H2', 'lit splint, squeaky pop', 2],
    ['H2', 'glowing splint pops', 1],
    ['H2', 'it pops', 1],
    ['O2', 'a glowing splint relights', 2],
    ['O2', 'glowing splint bursts into flame again', 2],
    ['O2', 'lit splint relights', 1],
    ['CO2', 'bubble it through lime water, turns cloudy', 2],
    ['CO2', 'limewater goes milky', 2],
    ['CO2', 'puts out a lit splint', 0],
    ['NH3', 'damp red litmus turns blue', 2],
    ['NH3', 'red litmus paper turns blue', 1],
    ['NH3', 'it smells bad', 0],
    ['Cl2', 'bleaches damp litmus paper', 2],
    ['Cl2', 'damp blue litmus goes red then white', 2],
    ['SO2', 'acidified potassium manganate goes from purple to colourless', 2],
  ])('%s: "%s" → %d', (id, answer, points) => expect(gas(id, answer)).toBe(points));
});

describe('why a step is done', () => {
  const why = (of: string, answer: string) =>
    mark('core', { kind: 'purpose', of: of as 'clean-wire' }, answer).points;
  test.each<[string, string, number]>([
    ['acid-before-silver-nitrate', 'to get rid of any carbonate which would also give a ppt', 1],
    ['acid-before-silver-nitrate', 'to make it acidic', 0],
    [
      'not-hydrochloric-acid',
      'because it has chloride ions in so you would always get a white precipitate',
      1,
    ],
    ['not-hydrochloric-acid', 'it is too strong', 0],
    ['not-sulfuric-acid', 'it would add sulfate ions', 1],
    ['damp-litmus', 'so the gas can dissolve in the water', 1],
    ['damp-litmus', 'so it sticks', 0],
    ['clean-wire', 'so there is no contamination from the last sample', 1],
    ['clean-wire', 'so it looks nice', 0],
    ['fresh-iron-sulfate', 'it gets oxidised to iron(III) by air', 1],
    ['blue-glass', 'filters out the yellow from sodium', 1],
    ['excess-hydroxide', 'to see whether the precipitate dissolves', 1],
    ['fume-cupboard', 'chlorine is poisonous', 1],
    ['fume-cupboard', 'because the teacher said so', 0],
  ])('%s: "%s" → %d', (of, answer, points) => expect(why(of, answer)).toBe(points));
});

describe('excess that was not added', () => {
  const marked = (answer: string) =>
    mark('core', { kind: 'observation', test: 'naoh', sample: ['Fe2+', 'SO4^2-'] }, answer);
  test.each([
    'green ppt, did not add excess',
    'green ppt, excess not tried',
    'green ppt. Excess was not added.',
    'green ppt, no excess added',
    'green ppt, excess was never added',
    'green ppt. We did not get to excess.',
    'green ppt, we forgot to do the excess',
  ])('says nothing of what it does, and nobody needs to look: %s', (answer) => {
    const { points, max, verdict, why } = marked(answer);
    expect([points, max, verdict]).toEqual([1, 2, 'partial']);
    expect(why.map((w) => w.text).join(' ')).toMatch(/no excess was added|Nothing is said here/);
  });
  test('nor does a solid of the same colour say that excess changed nothing', () =>
    expect(
      mark(
        'core',
        { kind: 'observation', test: 'naoh', sample: ['Cu2+', 'SO4^2-'] },
        'The mixture turned blue and a solid of the same colour settled. Excess was not added.',
      ).points,
    ).toBe(1));
  test.each([
    'green ppt. Excess was added with no change.',
    'green ppt. did not dissolve when more was added',
    'green ppt, no more dissolved when we added excess',
    'green ppt no change on adding more',
  ])('is not meant by what was added: %s', (answer) => expect(marked(answer).points).toBe(2));
});
