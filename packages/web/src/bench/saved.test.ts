import { describe, expect, test } from '@jest/globals';
import type { Waiting } from './device-store.js';
import { saved } from './saved.js';

const one = (more: Partial<Waiting> = {}): Waiting => ({
  event: { id: 'e', group: 'g', by: 'a', at: '', body: { type: 'hand-in' } },
  lesson: 'l',
  ...more,
});
const fine = { waiting: [], reached: true, together: true, held: 0 };

describe('what the bench says of where its entries are', () => {
  test.each([
    ['everything is in', fine, 'saved', 'All saved'],
    ['some wait for the teacher', { ...fine, held: 2 }, 'saved', 'All saved; 2 wait for your teacher'],
    ['on the way', { ...fine, waiting: [one()] }, 'going', '1 safe on this device, going up'],
    [
      'no network',
      { ...fine, waiting: [one()], reached: false },
      'away',
      '1 safe on this device, waiting for the network',
    ],
    ['no network, nothing waits', { ...fine, reached: false }, 'away', 'No network; go on, nothing is lost'],
    [
      'processes apart',
      { ...fine, together: false },
      'going',
      'All saved; what others of your group log shows later',
    ],
    [
      'a refused entry is told elsewhere',
      { ...fine, waiting: [one({ refused: 'x' })] },
      'saved',
      'All saved',
    ],
  ] as const)('%s', (_, at, sign, text) => expect(saved(at)).toEqual({ sign, text }));
  test('an entry that stands in the page alone is never called safe', () => {
    for (const reached of [true, false]) {
      const { sign, text } = saved({ ...fine, reached, waiting: [one({ onlyHere: true })] });
      expect(sign).toBe('careful');
      expect(text).not.toMatch(/safe/);
      expect(text).toMatch(/leave it open/);
    }
  });
});
