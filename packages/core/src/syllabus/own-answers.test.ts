import { describe, expect, test } from '@jest/globals';
import { mark } from '../marking/mark.js';
import { leniencyRules } from './leniency.js';
import {
  ownAnswerIn,
  ownAnswerName,
  ownAnswerPlaces,
  ownAnswerProblem,
  usualAnswer,
  type OwnAnswer,
} from './own-answers.js';
import { readSyllabus } from './read-syllabus.js';
import { strictnesses, type Syllabus } from './syllabus-definition.js';
import { syllabusOf } from './syllabuses.js';

const hydrogen = { kind: 'gas-test', gas: 'H2', part: 'test' } as const;
const wire = { kind: 'purpose', of: 'clean-wire' } as const;
const own: readonly OwnAnswer[] = [
  { of: hydrogen, phrase: 'spark at the mouth', earns: true },
  { of: hydrogen, phrase: 'match', earns: false },
  { of: wire, phrase: 'tidy bench', earns: true },
  { of: wire, phrase: 'contamination', earns: false },
];
const school: Syllabus = { ...syllabusOf('core'), ownAnswers: own };

describe('answers of a school’s own', () => {
  test('what the school takes earns its point, the rest is marked as ever', () => {
    const answer = 'put a spark at the mouth, squeaky pop';
    expect(mark('core', { kind: 'gas-test', gas: 'H2' }, answer).points).toBe(1);
    expect(mark(school, { kind: 'gas-test', gas: 'H2' }, answer)).toMatchObject({
      points: 2,
      verdict: 'credit',
    });
    expect(mark(school, { kind: 'gas-test', gas: 'H2' }, 'lit splint, pops').points).toBe(2);
  });
  test('what it does not take earns nothing, and says whose rule that is', () => {
    expect(mark('core', { kind: 'gas-test', gas: 'H2' }, 'a lit match pops').points).toBe(2);
    const strict = mark(school, { kind: 'gas-test', gas: 'H2' }, 'a lit match pops');
    expect(strict.points).toBe(1);
    expect(strict.why[0]!.text).toMatch(/does not earn at this school/);
  });
  test('reasons likewise', () => {
    expect(mark(school, { kind: 'purpose', of: 'clean-wire' }, 'for a tidy bench').points).toBe(1);
    expect(mark(school, { kind: 'purpose', of: 'clean-wire' }, 'contamination').points).toBe(0);
    expect(mark('core', { kind: 'purpose', of: 'clean-wire' }, 'contamination').points).toBe(1);
  });
  test('spelling is forgiven, a denial is not, and the longest phrase counts', () => {
    expect(ownAnswerIn(own, wire, 'contaminashun')?.phrase).toBe('contamination');
    expect(ownAnswerIn(own, wire, 'not contamination')).toBeUndefined();
    expect(ownAnswerIn(own, hydrogen, 'a match as a spark at the mouth')?.phrase).toBe('spark at the mouth');
    expect(ownAnswerIn(own, { ...hydrogen, gas: 'O2' }, 'spark at the mouth')).toBeUndefined();
    expect(ownAnswerIn(undefined, wire, 'tidy bench')).toBeUndefined();
  });
  test.each<[string, OwnAnswer, RegExp]>([
    ['no words', { of: wire, phrase: '  ', earns: true }, /Write the words/],
    ['words that tell nothing apart', { of: wire, phrase: 'the', earns: true }, /Write the words/],
    ['twice the same', { of: wire, phrase: 'the tidy bench', earns: false }, /stands here already/],
    ['no gas', { of: { ...hydrogen, gas: 'Xe' as never }, phrase: 'x ray', earns: true }, /no gas/],
    ['no step', { of: { ...wire, of: 'sing' as never }, phrase: 'song', earns: true }, /no step/],
  ])('%s is refused with a sentence', (_, answer, problem) =>
    expect(ownAnswerProblem(answer, own)).toMatch(problem),
  );
  test('a file with them is read; a bad one is told where', () => {
    expect(readSyllabus(JSON.parse(JSON.stringify(school)))).toEqual({ syllabus: school });
    const bad = { ...school, ownAnswers: [own[0], own[0]] };
    expect(readSyllabus(JSON.parse(JSON.stringify(bad)))).toMatchObject({
      problems: [{ where: 'own answers 2' }],
    });
    const other = { ...school, ownAnswers: [{ of: { kind: 'colour' }, phrase: 'x', earns: true }] };
    expect(readSyllabus(JSON.parse(JSON.stringify(other)))).toHaveProperty('problems');
  });
  test('each place has a name and what Kivex takes there', () => {
    const places = ownAnswerPlaces(syllabusOf('core').gases);
    expect(places.length).toBeGreaterThan(10);
    for (const place of places) {
      expect(ownAnswerName(place)).toMatch(/\S/);
      expect(usualAnswer(place)).toMatch(/\.$/);
    }
    expect(new Set(places.map(ownAnswerName)).size).toBe(places.length);
  });
});

describe('what strict, standard and generous mean', () => {
  const points = (item: object, answer: string) =>
    strictnesses.map((strictness) => {
      const got = mark('core', { ...item, strictness } as never, answer);
      return got.verdict === 'review' ? 'person' : got.points ? 'earns' : 'nothing';
    });
  const rule = (id: string) => strictnesses.map((s) => leniencyRules.find((r) => r.id === id)!.by[s]);
  const sodium = { kind: 'identify', part: 'cation', sample: ['Na+', 'Cl-'] };
  test.each([
    ['spelling', sodium, 'soduim'],
    ['two-readings', { kind: 'observation', test: 'glowing-splint', sample: ['O2'] }, 'it really lit'],
    ['short-forms', { kind: 'observation', test: 'sulfate', sample: ['Na+', 'SO4^2-'] }, 'wh ppt'],
    ['intensity', { kind: 'observation', test: 'flame', sample: ['Na+', 'Cl-'] }, 'bright yellow'],
    ['hedged', sodium, 'i think sodium'],
    [
      'colour-alone',
      { kind: 'observation', test: 'halide-silver', sample: ['Na+', 'Cl-'], attribute: 'precipitate' },
      'white',
    ],
    ['capitals', sodium, 'na+'],
    ['bare-symbol', sodium, 'Na'],
    ['no-charge', { kind: 'identify', part: 'cation', sample: ['Fe2+', 'SO4^2-'] }, 'iron'],
    [
      'extra-wrong',
      { kind: 'observation', test: 'sulfate', sample: ['Na+', 'SO4^2-'] },
      'it was a white ppt and then some of it in the tube was a blue ppt',
    ],
  ])('%s: as the table says', (id, item, answer) => expect(points(item, answer)).toEqual(rule(id)));
  test('litmus of a colour left open: the result still earns', () => {
    const marks = strictnesses.map((strictness) =>
      mark('core', { kind: 'gas-test', gas: 'NH3', strictness }, 'damp litmus turns blue'),
    );
    expect(marks.map((m) => (m.verdict === 'review' ? 'person' : m.points))).toEqual([1, 'person', 2]);
  });
});
