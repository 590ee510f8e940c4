import { describe, expect, test } from '@jest/globals';
import { inOneForm, isWord, longestAnswer, tokensOf } from './tokens.js';

describe('an answer cut into words and signs', () => {
  test.each([
    ["didn't", 'did not'],
    ['dosent', 'does not'],
    ['red -> blue', 'red then blue'],
    ['ﬁzzed', 'fizzed'],
    ['fizzzzz', 'fizz'],
    ['re-lites', 'relites'],
    ['lime water', 'limewater'],
    ['colour less', 'colourless'],
    ['brickred', 'brick red'],
    ['n/c', 'no change'],
    ['n/r', 'no reaction'],
    ['the water of lime whitens', 'the limewater whitens'],
    ['a solid of the same colour', 'a solid'],
  ])('%s → %s', (written, form) => expect(inOneForm(written).trim()).toBe(form));
  test('signs stand for themselves, a dash between spaces parts thoughts', () =>
    expect(tokensOf('white ppt - then: clear, (at last)')).toEqual(
      'white ppt ; then : clear , ( at last )'.split(' '),
    ));
  test('chat says nothing, though "miss" may have said something', () => {
    expect(tokensOf('lol white ppt i think haha')).toEqual(['white', 'ppt']);
    expect(tokensOf('yes miss')).toEqual(['yes']);
    expect(tokensOf('miss said white')).toEqual(['miss', 'said', 'white']);
  });
  test('ten thousand characters are read up to the limit', () =>
    expect(tokensOf('a '.repeat(10_000)).length).toBeLessThanOrEqual(longestAnswer / 2));
  test('words and signs are told apart', () => {
    expect(isWord('ppt')).toBe(true);
    expect(isWord('2')).toBe(true);
    expect(isWord(';')).toBe(false);
  });
});
