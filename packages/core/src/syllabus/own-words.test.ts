import { describe, expect, test } from '@jest/globals';
import { mark } from '../marking/mark.js';
import { inKnownWords, ownWordProblem, type OwnWord } from './own-words.js';
import { readSyllabus } from './read-syllabus.js';
import { syllabusOf } from './syllabuses.js';

const words: readonly OwnWord[] = [
  { phrase: 'tomato', means: 'crimson' },
  { phrase: 'tomato soup', means: 'orange' },
  { phrase: 'lamp-flame', means: 'yellow' },
];

describe('a school’s own words', () => {
  test.each([
    ['a Tomato flame', 'a crimson flame'],
    ['TOMATO  soup, then tomato', 'orange, then crimson'],
    ['tomato-soup', 'orange'],
    ['tomatoes', 'tomatoes'],
    ['lamp-flame', 'yellow'],
    ['crimson', 'crimson'],
  ])('“%s” is read as “%s”', (answer, read) => expect(inKnownWords(words, answer)).toBe(read));
  test('none leave an answer as it is', () => expect(inKnownWords(undefined, 'tomato')).toBe('tomato'));

  test('a word of its own earns where the colour it means earns, and only in that syllabus', () => {
    const syllabus = syllabusOf('core');
    const item = { kind: 'observation', test: 'flame', attribute: 'colour', sample: ['Li+', 'Cl-'] } as const;
    expect(mark({ ...syllabus, ownWords: words }, item, 'a tomato flame')).toMatchObject({ points: 1 });
    expect(mark(syllabus, item, 'a tomato flame').points).toBe(0);
    expect(mark({ ...syllabus, ownWords: words }, item, 'tomato soup').points).toBe(0);
  });

  test.each([
    [{ phrase: '', means: 'crimson' }, /one to three words/],
    [{ phrase: 'as red as the lamp', means: 'crimson' }, /one to three words/],
    [{ phrase: 'red1', means: 'crimson' }, /one to three words/],
    [{ phrase: 'ruby', means: 'nonsense' }, /not a colour word/],
    [{ phrase: 'Tomato', means: 'crimson' }, /stands here already/],
    [{ phrase: 'lilac', means: 'purple' }, /reads “lilac” already, as lilac/],
  ] as [OwnWord, RegExp][])('%j is told why it cannot be taken', (word, why) =>
    expect(ownWordProblem(word, words)).toMatch(why),
  );
  test('a file with them is read; one that cannot be taken is told at its place', () => {
    const document = { ...syllabusOf('core'), id: 'ours', ownWords: words };
    expect(readSyllabus(document)).toMatchObject({ syllabus: { ownWords: words } });
    expect(
      readSyllabus({ ...document, ownWords: [...words, { phrase: 'lilac', means: 'purple' }] }),
    ).toMatchObject({
      problems: [{ where: 'own words 4', text: expect.stringMatching(/already/) }],
    });
  });
});
