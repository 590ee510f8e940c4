import { describe, expect, test } from '@jest/globals';
import { agreed } from './competing.js';
import { forReview, onePoint, type Mark } from './mark-result.js';

const mark = (readings: readonly string[], marks: Readonly<Record<string, Mark>>) =>
  agreed(
    readings,
    (reading) => marks[reading]!,
    (reading) => `“${reading}”`,
  );
const [right, wrong, unsure] = [
  onePoint(1, 'r', 'Right.'),
  onePoint(0, 'w', 'Wrong.'),
  forReview('v', 'Vague.'),
];

describe('readings that compete', () => {
  test('where all come to the same points the likeliest is the mark', () =>
    expect(mark(['a', 'b'], { a: right, b: right })).toBe(right));
  test('where they differ a person chooses, with both readings shown', () => {
    const got = mark(['white ppt', 'right ppt'], { 'white ppt': right, 'right ppt': wrong });
    expect(got).toMatchObject({ verdict: 'review', points: 1, max: 1 });
    expect(got.why[0]!.text).toBe('This can be read as “white ppt” or as “right ppt”; a person decides.');
  });
  test('a third reading counts as well as a second', () =>
    expect(mark(['a', 'b', 'c'], { a: wrong, b: wrong, c: right }).verdict).toBe('review'));
  test('a reading that is itself in doubt does not outvote a sure one; the likeliest in doubt stays so', () => {
    expect(mark(['a', 'b'], { a: right, b: unsure })).toBe(right);
    expect(mark(['a', 'b'], { a: unsure, b: right })).toBe(unsure);
  });
});
