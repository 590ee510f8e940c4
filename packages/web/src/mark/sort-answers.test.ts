import { describe, expect, test } from '@jest/globals';
import { ash, lessonOf, markOf, rowOf, salt } from '../testing/lesson-fixture.js';
import { itemName, seenOf, truthOf } from './like-names.js';
import { answersToSort } from './sort-answers.js';

const lesson = lessonOf(salt);
const jar = lesson.samples.find((s) => s.role === 'unknown')!;
const { test: first, attributes } = lesson.practical.tests[0]!;

describe('what a mark is of', () => {
  test('is called by test and look, by name, by equation', () => {
    expect(itemName(lesson, { strand: 'observation', test: 'naoh', attribute: 'excess' })).toMatch(
      /^Sodium hydroxide: .*excess/,
    );
    expect(itemName(lesson, { strand: 'conclusion', test: '', attribute: '' })).toBe('Name');
    expect(itemName(lesson, { strand: 'equation', test: 'naoh', attribute: '' })).toBe(
      'Equation: Sodium hydroxide',
    );
    expect(truthOf({ truth: jar.ions })).toBe(jar.holds);
  });
  test('what was to be seen is told of observations alone', () => {
    const copper = { test: 'naoh', attribute: 'precipitate', truth: ['Cu2+', 'SO4^2-'] } as const;
    expect(seenOf(lesson, { ...copper, strand: 'observation' }).map((v) => v.label)).toEqual(['blue']);
    expect(seenOf(lesson, { ...copper, strand: 'conclusion' })).toEqual([]);
  });
});

describe('answers to be put together', () => {
  test('have what their sample holds; what was left empty and techniques are left out', () => {
    const cells = [
      markOf({ sample: jar.id, test: first, attribute: attributes[0]!, answer: 'lilac' }),
      markOf({ sample: jar.id, strand: 'conclusion', answer: 'potassium' }),
      markOf({ answer: '  ' }),
      markOf({ key: 'technique:flame', strand: 'technique', answer: 'signed off' }),
    ];
    expect(answersToSort(lesson, [rowOf(ash, cells)])).toMatchObject([
      { id: cells[0]!.id, truth: jar.ions, answer: 'lilac', test: first, computed: { points: 1 } },
      { answer: 'potassium', test: '', attribute: '' },
    ]);
  });
});
