import { describe, expect, test } from '@jest/globals';
import { expectationOf } from '../identification-tests/expectation.js';
import { mark } from '../marking/mark.js';
import { allSyllabuses, syllabusOf } from '../syllabus/syllabuses.js';
import { allTests } from '../identification-tests/tests.js';
import { itemAnalysis, type ReviewedMark } from './item-analysis.js';
import { meansQuestion, seenQuestion } from './recall-questions.js';
import { teachAgain } from './teach-again.js';

const core = syllabusOf('core');
const seen = (truth: readonly string[], points: number, part: Partial<ReviewedMark> = {}): ReviewedMark => ({
  student: part.student ?? 'a',
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  truth,
  role: 'unknown',
  answer: points ? 'blue' : 'green',
  points,
  max: 1,
  weight: 1,
  ...part,
});
const copper = ['Cu2+', 'SO4^2-'];
const copperChloride = ['Cu2+', 'Cl-'];
const iron = ['Fe2+', 'SO4^2-'];

describe('what to teach again', () => {
  const items = itemAnalysis([
    seen(copper, 0, { student: 'a' }),
    seen(copperChloride, 0, { student: 'b', answer: 'turquoise' }),
    seen(copper, 0, { student: 'b' }),
    seen(iron, 0, { student: 'a', answer: 'grey' }),
    seen(copper, 1, { student: 'c', test: 'flame', attribute: 'colour' }),
    seen(copper, 0, {
      student: 'c',
      strand: 'conclusion',
      test: null,
      attribute: null,
      answer: 'iron',
      weight: 2,
    }),
  ]);
  const ranked = teachAgain(items, core);
  test('is ranked by the marks it would bring; what cost nothing is not in it', () => {
    expect(ranked.map((r) => [r.strand, r.lost])).toEqual([
      ['observation', 3],
      ['conclusion', 2],
      ['observation', 1],
    ]);
    expect(ranked.some((r) => r.test === 'flame')).toBe(false);
  });
  test('puts together what looks the same, of whichever salt, with what was written instead', () => {
    expect(ranked[0]).toMatchObject({
      seen: 'blue',
      samples: [copper, copperChloride],
      instead: ['green', 'turquoise'],
      show: [copper, copperChloride],
    });
  });
  test('has questions ready, of a name what its sample shows', () => {
    expect(ranked[0]!.questions.map((q) => q.ask)).toEqual(
      expect.arrayContaining([
        'Sodium hydroxide, on copper(II) sulfate. After a few drops: what precipitate?',
        'Sodium hydroxide: blue. Which ion is it?',
      ]),
    );
    expect(ranked[1]!.questions.some((q) => /Flame test, on copper/.test(q.ask))).toBe(true);
  });
});

describe('a question', () => {
  test('of every ion, test and look of every syllabus has a model answer that earns under every strictness', () => {
    let asked = 0;
    let without = 0;
    for (const syllabus of allSyllabuses)
      for (const { id: test, outcomes } of allTests)
        for (const ion of [...syllabus.cations, ...syllabus.anions]) {
          if (!outcomes.some((o) => o.of === ion)) continue;
          for (const attribute of Object.keys(expectationOf(test, [ion], {}))) {
            const about = { test, attribute, sample: [ion] };
            const question = seenQuestion(syllabus, about);
            if (!question) {
              without += 1;
              continue;
            }
            for (const strictness of ['strict', 'standard', 'generous'] as const) {
              const { points, max } = mark(syllabus, { ...question.item, strictness }, question.model);
              expect([syllabus.id, question.ask, question.model, strictness, points]).toEqual([
                syllabus.id,
                question.ask,
                question.model,
                strictness,
                max,
              ]);
            }
            asked += 1;
          }
        }
    expect(asked).toBeGreaterThan(300);
    expect(without / (asked + without)).toBeLessThan(0.2);
  });
  test('of what it means is asked only where one ion alone shows it', () => {
    const about = { test: 'naoh', attribute: 'precipitate' } as const;
    expect(meansQuestion(core, { ...about, sample: copper })).toMatchObject({ model: 'copper(II)' });
    expect(meansQuestion(core, { ...about, sample: ['Al3+', 'SO4^2-'] })).toBeUndefined();
    expect(meansQuestion(core, { ...about, sample: ['Na+', 'Cl-'] })).toBeUndefined();
  });
});
