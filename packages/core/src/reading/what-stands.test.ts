import { describe, expect, test } from '@jest/globals';
import { clausesOf } from './clauses.js';
import { isHearsay, whatStands } from './what-stands.js';

const stands = (answer: string) => {
  const { clauses, corrected } = whatStands(clausesOf(answer));
  return { text: clauses.map((c) => c.words.join(' ')).join(' | '), corrected };
};

describe('what still stands of an answer', () => {
  test.each([
    ['cream no wait white ppt', /white ppt/, /cream/],
    ['lilac sorry yellow', /yellow/, /lilac/],
    ['orange (crossed out) yellow', /yellow/, /orange/],
    ['blue solution i mean precipitate', /blue.*precipitate/, /solution/],
    ['green no blue ppt', /blue ppt/, /green/],
    ['i thought it would go red but it went lilac', /lilac/, /red/],
    ['my partner said green but it was blue', /blue/, /green/],
    ['it went white, the last one was blue', /white/, /blue/],
    ['the next table got red but ours was lilac', /lilac/, /red/],
    ['they had lilac, ours red', /red/, /lilac/],
  ])('"%s"', (answer, stays, goes) => {
    const { text } = stands(answer);
    expect(text).toMatch(stays);
    expect(text).not.toMatch(goes);
  });
  test.each([
    'white precipitate',
    'no precipitate',
    'yellow solution no solid',
    'they had lilac',
    'sorry, yellow',
    'blue, then green',
  ])('nothing is taken back in "%s"', (answer) => expect(stands(answer).corrected).toBe(false));
  test('a correction takes back its own kind of thing alone', () =>
    expect(stands('white ppt that dissolves, no wait it stays').text).toMatch(/white ppt.*stays/));
  test('an empty answer stays empty', () => expect(stands('').text).toBe(''));
  test.each([
    ['the other group had red', true],
    ['i forgot to look but the table next to us got red', true],
    ['red', false],
    ['the other group had red and so did we, red', false],
    ['they', false],
  ])('is "%s" only what others had? %s', (answer, only) =>
    expect(isHearsay(whatStands(clausesOf(answer)).clauses)).toBe(only),
  );
});
