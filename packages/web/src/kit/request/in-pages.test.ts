import { describe, expect, test } from '@jest/globals';
import { inPage, pageAddress, pageAfter } from './in-pages.js';

const things = (n: number) => Array.from({ length: n }, (_, i) => ({ id: `t${i}` }));

describe('a long list in pages', () => {
  test('the first page asks for nothing before it; the next begins after the last id, whatever is in it', () => {
    expect(pageAddress('GET /api/lessons', '')).toBe('/api/lessons?limit=100');
    expect(pageAddress('GET /api/audit', 'a&b')).toBe('/api/audit?limit=100&before=a%26b');
  });
  test('only a full page has one after it', () => {
    expect(pageAfter(things(inPage))).toBe(`t${inPage - 1}`);
    expect(pageAfter(things(inPage - 1))).toBeUndefined();
    expect(pageAfter([])).toBeUndefined();
  });
});
