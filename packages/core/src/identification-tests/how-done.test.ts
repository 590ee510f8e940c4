import { describe, expect, test } from '@jest/globals';
import { adviceOn } from '../lesson/advice.js';
import { adviceOnWeak, howQuestions, slipSaid, slipsSaid } from './how-done.js';
import { allTests } from './tests.js';

describe('how a test was done', () => {
  test('every slip an answer owns up to is one of its test, and some answer owns up to none', () => {
    for (const { id, slips } of allTests)
      for (const { question, answers } of howQuestions(id)) {
        for (const { slip } of answers)
          if (slip !== undefined)
            expect([question, slips.map((s) => s.id)]).toEqual([question, expect.arrayContaining([slip])]);
        expect([question, answers.some((a) => a.slip === undefined)]).toEqual([question, true]);
        expect(new Set(answers.map((a) => a.id)).size).toBe(answers.length);
      }
  });
  test('no question and no advice on a weak result names what a sample holds', () => {
    const named =
      /sodium|potassium|lithium|calcium|copper|barium|chloride|bromide|carbonate|hydrogen|oxygen|ammonia\b/i;
    for (const { id } of allTests) {
      expect(adviceOnWeak(id)).not.toMatch(named);
      for (const { question, answers } of howQuestions(id))
        expect([question, ...answers.map((a) => a.label)].join(' ')).not.toMatch(named);
    }
  });
  test('silver nitrate without acid is owned up to; nitric acid is no slip', () => {
    expect(slipSaid('halide-silver', 'acid', 'none')).toBe('no-acid');
    expect(slipsSaid('halide-silver', { acid: 'nitric' })).toEqual([]);
    expect(slipsSaid('naoh-warm', { 'paper-clear': 'no', 'paper-damp': 'no' })).toEqual([
      'litmus-dry',
      'litmus-on-rim',
    ]);
    expect(slipsSaid('halide-silver', { nonsense: 'none' })).toEqual([]);
  });
});

describe('advice on a record', () => {
  test('goes by the slip owned up to before what the result suggests', () => {
    const advice = adviceOn('halide-silver', { precipitate: 'white' }, { did: { acid: 'none' } });
    expect(advice).toMatch(/acid/i);
    expect(adviceOn('lit-splint', { splint: 'squeaky-pop' }, { did: { splint: 'glowing' } })).toMatch(
      /splint/,
    );
  });
  test('tells what makes a weak result strong, and nothing of a strong and sure one', () => {
    expect(adviceOn('flame', { colour: 'lilac' }, { weak: true })).toMatch(/air hole/);
    expect(adviceOn('flame', { colour: 'lilac' })).toBeUndefined();
  });
  test('of a doubtful one it says at the least to look again', () => {
    expect(adviceOn('flame', { colour: 'lilac' }, { doubtful: true })).toMatch(/Repeat/);
  });
});
