import { expect, test } from '@jest/globals';
import { pressedKey } from './pressed-key.js';

test.each([
  ['f', false, 'f'],
  ['f with Caps Lock', false, 'f', 'F'],
  ['Shift+f', true, 'F', 'F'],
  ['Shift+f with Caps Lock', true, 'F', 'f'],
  ['?', true, '?'],
  ['ArrowDown', false, 'ArrowDown'],
  ['9', false, '9'],
])('%s', (written, shiftKey, means, key = written) => expect(pressedKey({ key, shiftKey })).toBe(means));
