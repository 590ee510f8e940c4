import { describe, expect, test } from '@jest/globals';
import { keptByText } from './kept.js';

describe('readings kept by their text', () => {
  test('a text is read once, also where nothing came of it', () => {
    const read: string[] = [];
    const kept = keptByText((text) => {
      read.push(text);
      return text === 'nothing' ? undefined : text.length;
    });
    expect([kept('white'), kept('white'), kept('nothing'), kept('nothing')]).toEqual([
      5,
      5,
      undefined,
      undefined,
    ]);
    expect(read).toEqual(['white', 'nothing']);
  });
  test('no more are kept than the limit', () => {
    let reads = 0;
    const kept = keptByText(() => ++reads, 2);
    ['a', 'b', 'c'].forEach(kept);
    kept('a');
    expect(reads).toBe(4);
  });
});
