import { describe, expect, test } from '@jest/globals';
import { denialAt, takesBackBefore } from './denials.js';

describe('words that deny', () => {
  test.each([
    ['no bubbles', true],
    ['fails to relight', true],
    ['lack of colour', true],
    ['rather than white', true],
    ['rather white', false],
    ['lack colour', false],
    ['not sure', false],
    ['nothing but white', false],
    ['white', false],
  ])('"%s": %s', (text, denies) => expect(denialAt(text.split(' '), 0).denies).toBe(denies));
  test('an idiom is passed over whole', () =>
    expect(denialAt(['not', 'sure', 'if'], 0).length).toBeGreaterThan(1));
});

describe('a denial that comes last', () => {
  test.each([
    ['form', true],
    ['really appear', true],
    ['', true],
    ['dissolve in excess', false],
  ])('… did not %s: %s', (after, takes) =>
    expect(takesBackBefore(after.split(' ').filter(Boolean))).toBe(takes),
  );
});
