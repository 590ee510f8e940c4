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
  test('asks what tells something far more often than what is usual, and the usual where nothing else is left', () => {
    const results = { ...set, test: '', n: 10 };
    const drawn = Array.from({ length: 100 }, (_, seed) => drawnSet(deck, { ...results, seed })).flat();
    const share = drawn.filter((c) => c.usual).length / drawn.length;
    expect([share > 0.02, share < 0.25]).toEqual([true, true]);
    const inDeck = deck.filter((c) => c.topic === 'results');
    expect(inDeck.filter((c) => c.usual).length / inDeck.length).toBeGreaterThan(0.4);
    const dull = drawnSet(deck, { ...results, test: 'cobalt-chloride-paper', about: ['O2'] });
    expect(dull.map((c) => c.usual)).toEqual([true]);
  });
  test.each([
    ['glowing-splint', 'splint', 'O2', undefined],
    ['glowing-splint', 'splint', 'Cl2', true],
    ['dilute-acid', 'limewater', 'I-', true],
    ['dilute-acid', 'limewater', 'CO3^2-', undefined],
    ['naoh', 'excess', 'Ca2+', undefined],
    ['flame', 'colour', 'Mg2+', true],
  ])('%s, %s of %s: usual is %s', (test, attribute, id, usual) =>
    expect(deck.find((c) => c.fact === `result:${test}:${attribute}:${id}`)!.usual).toBe(usual),
  );
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
