import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seededRandom } from '../numbers/random.js';
import { jarCodes, shuffled } from './jar-codes.js';

describe('what unknowns are called', () => {
  test('jar codes are three digits and all different', () => {
    const codes = jarCodes(40, seededRandom(7));
    expect(new Set(codes).size).toBe(40);
    expect(codes.every((c) => /^\d{3}$/.test(c))).toBe(true);
  });
  test('shuffling loses nothing, and any place may come first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer()),
        fc.integer(),
        (list, seed) => [...shuffled(list, seededRandom(seed))].sort().join() === [...list].sort().join(),
      ),
    );
    const firsts = new Set(
      Array.from({ length: 60 }, (_, seed) => shuffled(['a', 'b', 'c'], seededRandom(seed))[0]),
    );
    expect(firsts.size).toBe(3);
  });
});
