import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { againIfAway, isAway, isLacking } from './lacking.js';
import { RequestProblem } from './request.js';

const away = [new RequestProblem(0, 'not reached'), new RequestProblem(503, 'busy'), new TypeError('broken')];
const refused = [new RequestProblem(404, 'gone'), new RequestProblem(403, 'not yours')];

describe('a page that is asked anew', () => {
  test('in vain stays, and is asked again by itself', () => {
    for (const error of away) {
      expect(isAway(error)).toBe(true);
      expect(isLacking({ data: ['a room'], error })).toBe(false);
      expect(againIfAway({ state: { data: ['a room'], error } })).toBe(10_000);
    }
  });
  test('and refused does not: what it is made of is gone, or no longer for whoever asks', () => {
    for (const error of refused) {
      expect(isAway(error)).toBe(false);
      expect(isLacking({ data: ['a room'], error })).toBe(true);
      expect(againIfAway({ state: { data: ['a room'], error } })).toBe(false);
    }
  });
  test('of which nothing was ever fetched cannot stand, and is asked again by itself while the server is away', () => {
    for (const error of [...away, ...refused]) {
      expect(isLacking({ data: undefined, error })).toBe(true);
      expect(againIfAway({ state: { data: undefined, error } })).toBe(isAway(error) ? 10_000 : false);
    }
  });
  test('with no fault stands, an empty answer too', () => {
    for (const data of [['a room'], [], null]) {
      expect(isLacking({ data, error: null })).toBe(false);
      expect(againIfAway({ state: { data, error: null } })).toBe(false);
    }
  });
});

test('no page is replaced because what stands on it was asked anew in vain', () => {
  const source = join(process.cwd(), 'packages/web/src');
  const pages = readdirSync(source, { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('.tsx') && !file.endsWith('.test.tsx'),
  );
  expect(pages.length).toBeGreaterThan(100);
  const replaced = pages.filter((file) =>
    /\bif \([^)]*\.error\)\s*(return|\{)/.test(readFileSync(join(source, file), 'utf8')),
  );
  expect(replaced).toEqual([]);
});
