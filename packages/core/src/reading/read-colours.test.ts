import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allColourTerms, colourTerms } from './colour-terms.js';
import { readColours } from './read-colours.js';

const terms = (answer: string) =>
  readColours(answer).claims.map((c) => (c.denied ? `not ${c.term}` : c.term));

describe('colours are read from what students write', () => {
  test.each([
    ['lilac', ['lilac']],
    ['It went LILAC!!', ['lilac']],
    ['lylac', ['lilac']],
    ['crimsen flame', ['crimson']],
    ['yelow', ['yellow']],
    ['a bright yellow flame', ['bright-yellow']],
    ['brick-red', ['brick-red']],
    ['orangey red', ['orange-red']],
    ['blue/green', ['blue-green']],
    ['green and blue', ['blue-green']],
    ['bluish-green', ['blue-green']],
    ['turqoise', ['turquoise']],
    ['nothing happened', ['none']],
    ['no colour', ['colourless']],
    ['it did not change colour', ['none']],
    ['I read the flame', []],
  ])('%s', (answer, wanted) => expect(terms(answer)).toEqual(wanted));

  test.each([
    ['not red', ['not red']],
    ["it wasn't red, it was green", ['not red', 'green']],
    ['it wasnt red it was green', ['not red', 'green']],
    ['not red or pink', ['not red', 'not pink']],
    ['not yellow but lilac', ['not yellow', 'lilac']],
    ['no lilac seen', ['not lilac']],
  ])('what is denied is not claimed: %s', (answer, wanted) => expect(terms(answer)).toEqual(wanted));

  test('what was seen through the glass is told apart from the naked eye', () => {
    const reading = readColours('yellow by eye, but through the blue glass it was crimson');
    expect(reading.claims.map((c) => [c.term, c.throughGlass])).toEqual([
      ['yellow', false],
      ['crimson', true],
    ]);
  });

  test('"blue glass" names the glass and is no result', () => {
    expect(terms('lilac, no blue glass used')).toEqual(['lilac']);
    expect(terms('crimson through blue glass')).toEqual(['crimson']);
  });

  test('"or" keeps two answers two', () => expect(terms('red or orange')).toEqual(['red', 'orange']));

  test('every phrase of the table reads back to its own term', () => {
    for (const term of allColourTerms)
      for (const phrase of colourTerms[term].phrases)
        expect([phrase, ...terms(phrase)]).toEqual([phrase, term]);
  });

  test('any text at all is read in bounded time without a throw', () => {
    fc.assert(fc.property(fc.string({ maxLength: 4000 }), (text) => readColours(text).claims.length < 2000));
  });
});
