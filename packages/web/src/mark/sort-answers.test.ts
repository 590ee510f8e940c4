import { describe, expect, test } from '@jest/globals';
import type { MarkCell } from '@kivex/contract';
import { ash, lessonOf, markOf, rowOf, salt } from '../testing/lesson-fixture.js';
import { itemName, seenOf, truthOf } from './like-names.js';
import { answersToSort, itemOf } from './sort-answers.js';

const lesson = lessonOf(salt);
const jar = lesson.samples.find((s) => s.role === 'unknown')!;
const { test: first, attributes } = lesson.practical.tests[0]!;

describe('what a mark is of', () => {
  test.each<[string, Partial<MarkCell>, { test: string; attribute: string }]>([
    ['the first thing looked at', { key: 'observation:j' }, { test: first, attribute: attributes[0]! }],
    ['another', { key: 'observation:j:naoh:excess' }, { test: 'naoh', attribute: 'excess' }],
    ['a name', { key: 'naming:j', strand: 'conclusion' }, { test: '', attribute: '' }],
    ['an equation', { key: 'equation:j:naoh', strand: 'equation' }, { test: 'naoh', attribute: '' }],
  ])('%s', (_, part, item) => expect(itemOf(lesson, markOf(part))).toEqual(item));
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
      markOf({ key: `observation:${jar.id}`, sample: jar.id, answer: 'lilac' }),
      markOf({ answer: '  ' }),
      markOf({ key: 'technique:flame', strand: 'technique', answer: 'signed off' }),
    ];
    expect(answersToSort(lesson, [rowOf(ash, cells)])).toMatchObject([
      { id: cells[0]!.id, truth: jar.ions, answer: 'lilac', test: first, computed: { points: 1 } },
    ]);
  });
});
