import { describe, expect, test } from '@jest/globals';
import { readingForm } from '../lesson/reading-form.js';
import { likeAnswers, type AnswerToSort } from './like-answers.js';

let n = 0;
const answer = (text: string, rest: Partial<AnswerToSort> = {}): AnswerToSort => ({
  id: `m${++n}`,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  truth: ['Fe2+', 'SO4^2-'],
  answer: text,
  computed: { points: 0, verdict: 'review', why: '' },
  points: 0,
  max: 1,
  open: true,
  ...rest,
});
const written = (all: readonly AnswerToSort[]) => likeAnswers(all).map((c) => c.written.map((w) => w.answer));

describe('an answer’s form for being compared', () => {
  test.each([
    ['Dirty green ppt', 'a dirty green ppt'],
    ['dirty gren presipitate', 'dirty green precipitate'],
    ['it went dirty green', 'went dirty green'],
  ])('"%s" is like "%s"', (a, b) =>
    expect(readingForm('observation', a)).toBe(readingForm('observation', b)),
  );
  test.each([
    ['green ppt', 'no green ppt'],
    ['green then brown', 'green or brown'],
    ['green then brown', 'brown then green'],
    ['green', 'brown'],
  ])('"%s" is not like "%s"', (a, b) =>
    expect(readingForm('observation', a)).not.toBe(readingForm('observation', b)),
  );
  test('equations are compared by their letters, techniques as they stand, nothing with nothing', () => {
    expect(readingForm('equation', 'Ba2+ + SO4 2-')).toBe(readingForm('equation', 'Ba2++SO42-'));
    expect(readingForm('equation', 'CO')).not.toBe(readingForm('equation', 'Co'));
    expect(readingForm('technique', 'signed off')).toBe('signed off');
    expect(readingForm('observation', '  ')).toBe('');
  });
  test('words that carry nothing are an answer all the same', () =>
    expect(readingForm('observation', 'it was')).not.toBe(readingForm('observation', 'is there')));
});

describe('like answers together', () => {
  test('what says the same of the same, with the ways it was written and how often', () => {
    const groups = likeAnswers([
      answer('dirty green'),
      answer('Dirty green'),
      answer('dirty green'),
      answer('murky'),
    ]);
    expect(groups).toHaveLength(2);
    expect(groups[0]!.written).toEqual([
      { answer: 'dirty green', times: 2 },
      { answer: 'Dirty green', times: 1 },
    ]);
    expect(groups[0]).toMatchObject({ open: 3, points: 0, ids: expect.arrayContaining(['m1']) });
  });
  test('another truth, item, or computed mark is another group', () => {
    expect(
      written([
        answer('green'),
        answer('green', { truth: ['Cr3+', 'Cl-'] }),
        answer('green', { attribute: 'standing' }),
        answer('green', { computed: { points: 1, verdict: 'credit', why: '' }, points: 1, open: false }),
      ]),
    ).toHaveLength(4);
  });
  test('ions in another order are the same truth', () =>
    expect(written([answer('green'), answer('green', { truth: ['SO4^2-', 'Fe2+'] })])).toHaveLength(1));
  test('what wants a person stands first, the biggest before the small', () => {
    const sure = { computed: { points: 1, verdict: 'credit', why: '' }, points: 1, open: false } as const;
    expect(
      written([
        ...[1, 2, 3].map(() => answer('green ppt', sure)),
        answer('murky'),
        answer('swampy'),
        answer('swampy'),
        answer('grey ppt', sure),
      ]).flat(),
    ).toEqual(['swampy', 'murky', 'green ppt', 'grey ppt']);
  });
  test('points that differ within a group are told as none', () =>
    expect(likeAnswers([answer('murky', { points: 1 }), answer('murky')])[0]!.points).toBeUndefined());
});
