import { describe, expect, test } from '@jest/globals';
import { readingsOf } from './lattice.js';
import { tokensOf } from './tokens.js';

const read = (answer: string) => readingsOf(tokensOf(answer)).map((r) => r.tokens.join(' '));

describe('the words an answer is made of', () => {
  test.each([
    ['plain words stay as they are', 'white precipitate', 'white precipitate'],
    ['short forms', 'wh ppt sol in xs', 'white ppt soluble in xs'],
    ['a colon does not part a short form from its company', 'xs: sol', 'xs : soluble'],
    ['words torn apart', 'a lie lack flame', 'a lilac flame'],
    ['words run together', 'whiteppt', 'white ppt'],
    ['what a voice keyboard writes', 'the wight participate', 'the white precipitate'],
    ['a slip beside a slip', 'blew presipitate', 'blue precipitate'],
    ['a slip in a word that denies', 'it doesnnt dissolve', 'it does not dissolve'],
    ['a slip in a word that holds the sentence', 'it trned blue', 'it turned blue'],
  ])('%s: "%s"', (_, answer, wanted) => expect(read(answer)[0]).toBe(wanted));

  test('an ordinary word in its own place is left alone', () => {
    expect(read('i read the label')[0]).toBe('i read the label');
    expect(read('cream or white ppt')[0]).toBe('cream or white ppt');
  });
  test('what may be meant in two ways is told in two', () => {
    const both = read('it really lit');
    expect(both).toContain('it really lit');
    expect(both).toContain('it relit');
  });
  test('a long answer of nonsense is read in little time and no words are lost', () => {
    const nonsense = Array.from({ length: 300 }, (_, i) => `zq${(i * 7919).toString(36)}k`).join(' ');
    const [first] = readingsOf(tokensOf(nonsense));
    expect(first!.tokens.length).toBeGreaterThan(200);
  });
  test('the first reading is the cheapest', () => {
    const costs = readingsOf(tokensOf('it really lit')).map((r) => r.cost);
    expect([...costs].sort((a, b) => a - b)).toEqual(costs);
  });
});
