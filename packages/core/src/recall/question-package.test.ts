import { describe, expect, test } from '@jest/globals';
import { syllabusOf } from '../syllabus/syllabuses.js';
import { deckOf } from './deck.js';
import { cardsIn, qtiPackage, questionsTable } from './question-package.js';

const deck = deckOf(syllabusOf('senior'));
const some = [deck[3]!, deck.find((c) => c.topic === 'equations')!, deck.find((c) => c.fact === 'gas:O2')!];

describe('a set of questions as a package', () => {
  const files = qtiPackage(some, 'Gases & <equations> -- a set');
  test('has a manifest that names every item, and every item its question and model answer', () => {
    const paths = Object.keys(files).filter((p) => p !== 'imsmanifest.xml');
    expect(paths).toHaveLength(3);
    for (const path of paths) expect(files['imsmanifest.xml']).toContain(`href="${path}"`);
    expect(files['items/question-3.xml']).toContain(
      '<p>How do you test for oxygen, and what do you see if it is there?</p>',
    );
    expect(files['items/question-3.xml']).toContain('<qti-value>a glowing splint relights</qti-value>');
    expect(files['imsmanifest.xml']).not.toMatch(/<equations>|<!--[^>]*--[^>]*-->/);
  });
  test('is read back as the same set, in its order; items of others are counted and left out', () => {
    expect(cardsIn(files, deck)).toEqual({ cards: some, others: 0 });
    const foreign = {
      ...files,
      'items/a.xml': '<qti-assessment-item identifier="x" label="none of ours">',
      'items/b.xml': '<qti-assessment-item identifier="y">',
    };
    expect(cardsIn(foreign, deck)).toMatchObject({ others: 2 });
    expect(cardsIn({ 'readme.txt': 'nothing' }, deck)).toEqual({ cards: [], others: 0 });
  });
  test('every card of the deck comes back, whatever signs its id has', () => {
    expect(cardsIn(qtiPackage(deck, 'all'), deck).cards.map((c) => c.id)).toEqual(deck.map((c) => c.id));
  });
});
test('as a table', () => {
  expect(questionsTable([some[2]!])).toEqual([
    ['Question', 'Model answer', 'Id'],
    [
      'How do you test for oxygen, and what do you see if it is there?',
      'a glowing splint relights',
      'gas:O2#1',
    ],
  ]);
});
