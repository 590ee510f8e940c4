import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { syllabusOf } from '../syllabus/syllabuses.js';
import { strictnesses } from '../syllabus/syllabus-definition.js';
import { deckOf } from './deck.js';
import { recallTopics } from './topics.js';
import { drawnSet, setFromAddress, setInAddress, type QuestionSet } from './question-set.js';

const deck = deckOf(syllabusOf('core'));
const set: QuestionSet = { syllabus: 'core', topics: ['results'], test: 'flame', about: [], n: 8, seed: 3 };

describe('a set of questions', () => {
  test('is about what it is to be about, no fact twice, the same on every device', () => {
    const cards = drawnSet(deck, set);
    expect(cards.length).toBeGreaterThan(3);
    expect(cards.every((c) => c.topic === 'results' && c.test === 'flame')).toBe(true);
    expect(new Set(cards.map((c) => c.fact)).size).toBe(cards.length);
    expect(drawnSet(deck, set)).toEqual(cards);
    const all = { ...set, topics: [], test: '', n: 20 };
    expect(drawnSet(deck, all)).not.toEqual(drawnSet(deck, { ...all, seed: 4 }));
    expect(drawnSet(deck, { ...all, about: ['O2'] }).every((c) => c.species === 'O2')).toBe(true);
  });
  test('goes into an address and comes out of it as it was', () => {
    fc.assert(
      fc.property(
        fc.record({
          syllabus: fc.constantFrom('core', 'senior'),
          topics: fc.subarray([...recallTopics]),
          test: fc.constantFrom('', 'flame', 'naoh'),
          about: fc.subarray(['O2', 'Fe2+', 'SO4^2-']),
          n: fc.integer({ min: 1, max: 60 }),
          seed: fc.nat(),
          strictness: fc.constantFrom(...strictnesses),
        }),
        (one) => {
          expect(setFromAddress(new URLSearchParams(setInAddress(one)))).toEqual(one);
        },
      ),
    );
    expect(setFromAddress(new URLSearchParams(setInAddress(set)))).toEqual(set);
  });
  test('an address that names none, or nonsense, does no harm', () => {
    const read = (text: string) => setFromAddress(new URLSearchParams(text));
    expect(read('part=recall')).toBeUndefined();
    expect(read('set=-1')).toBeUndefined();
    expect(read('set=x')).toBeUndefined();
    expect(read('set=2&n=100000&topics=all&marked=cruelly')).toEqual({
      syllabus: '',
      topics: [],
      test: '',
      about: [],
      n: 60,
      seed: 2,
    });
  });
});
