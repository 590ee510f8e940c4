import { describe, expect, test } from '@jest/globals';
import { abbreviations } from './abbreviations.js';
import { mishearings } from './mishearings.js';
import { otherForms } from './other-forms.js';

describe('lists of other forms of words', () => {
  test('a line is what is meant, its forms, and the company they need', () =>
    expect(otherForms('\nlilac < lie lack, lila\n  red < read | turn litmus\n')).toEqual([
      { form: 'lie lack', meant: 'lilac' },
      { form: 'lila', meant: 'lilac' },
      { form: 'read', meant: 'red', beside: ['turn', 'litmus'] },
    ]));
  test.each([
    ['short forms', abbreviations],
    ['mishearings', mishearings],
  ])('no line of the %s is without a form or a meaning', (_, all) => {
    expect(all.length).toBeGreaterThan(50);
    expect(all.filter(({ form, meant }) => !form || !meant || form === meant)).toEqual([]);
  });
});
