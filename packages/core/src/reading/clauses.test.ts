import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clausesOf } from './clauses.js';
import { inOneForm as normalise, longestAnswer } from './tokens.js';
import { plainWords } from './plain-words.js';
import { speller } from './spelling.js';

const shape = (answer: string) => clausesOf(answer).map((c) => `${c.joined}: ${c.words.join(' ')}`);

describe('clauses', () => {
  test.each<[string, string[]]>([
    ['red then green', ['start: red', 'then: green']],
    ['red, but then green', ['start: red', 'then: green']],
    ['red or orange', ['start: red', 'or: orange']],
    ['blue/green', ['start: blue', 'and: green']],
    ['First red. After that, nothing!', ['start: first red', 'stop: after that', 'and: nothing']],
    ['yellow -> lilac', ['start: yellow', 'then: lilac']],
    ['lilac (faint)', ['start: lilac', 'stop: faint']],
    ["it didn't change", ['start: it did not change']],
    ['brick-red', ['start: brick red']],
    ['... !!', []],
  ])('%s', (answer, wanted) => expect(shape(answer)).toEqual(wanted));

  test('characters that look alike are read alike', () => {
    expect(normalise('ＲＥＤ')).toBe('red');
    expect(normalise('gray colored')).toBe('grey colour');
  });
  test('what is beyond the longest answer costs nothing', () => {
    expect(clausesOf('red '.repeat(100_000)).flatMap((c) => c.words).length).toBeLessThanOrEqual(
      longestAnswer / 4,
    );
  });
  test('every word is lower case and without spaces, whatever is written', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 500 }), (answer) =>
        clausesOf(answer).every(
          (c) => c.words.length > 0 && c.words.every((w) => w === w.toLowerCase() && !/\s/.test(w)),
        ),
      ),
    );
  });
});

describe('spelling', () => {
  const { read } = speller(
    ['yellow', 'lilac', 'crimson', 'green', 'grey', 'red', 'white', 'orange', 'purple'],
    plainWords,
  );
  test.each<[string, string | undefined]>([
    ['yellow', 'yellow'],
    ['yelow', 'yellow'],
    ['yallow', 'yellow'],
    ['lylac', 'lilac'],
    ['crimsen', 'crimson'],
    ['crimosn', 'crimson'],
    ['wite', 'white'],
    ['ornage', 'orange'],
    ['purpul', 'purple'],
    ['gren', 'green'],
    ['read', undefined],
    ['bed', undefined],
    ['while', undefined],
    ['xyzzy', undefined],
    ['', undefined],
  ])('%s → %s', (word, wanted) => expect(read(word)).toBe(wanted));
  test('a word as near to two others stays unread', () => {
    expect(speller(['baat', 'boat'], new Set()).read('bxat')).toBeUndefined();
  });
  test('known words come back as they are, and long nonsense is not looked at', () => {
    expect(read('grey')).toBe('grey');
    expect(read('y'.repeat(10_000))).toBeUndefined();
  });
});
