import { describe, expect, test } from '@jest/globals';
import { whyNoPage } from './why-no-page.js';

describe('why a page is not shown', () => {
  test.each([
    'Failed to fetch dynamically imported module: http://localhost/assets/RoomsPage-x.js',
    'error loading dynamically imported module: http://localhost/assets/RoomsPage-x.js',
    'Importing a module script failed.',
  ])('a part that could not be fetched: %s', (words) => {
    expect(whyNoPage(new TypeError(words), false)).toMatch(/no network.*once there is one/);
    expect(whyNoPage(new TypeError(words), true)).toMatch(/could not be fetched just now/);
  });
  test('what broke by itself is not laid on the network', () => {
    for (const online of [true, false])
      for (const thrown of [new Error('x is not a function'), 'a word', undefined])
        expect(whyNoPage(thrown, online)).toMatch(/^What you logged is safe/);
  });
});
