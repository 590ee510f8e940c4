import { describe, expect, test } from '@jest/globals';
import type { Action } from '@kivex/core';
import { doing } from './doing.js';

describe('an action in a few words', () => {
  test.each<[Action, string]>([
    [{ do: 'take' }, 'take the sample'],
    [{ do: 'take', sample: 'known copper(II) chloride', mL: 1 }, 'take known copper(II) chloride, 1 cm³'],
    [{ do: 'dip' }, 'take up the sample'],
    [{ do: 'dip', in: 'known barium chloride' }, 'take up known barium chloride'],
    [{ do: 'connect', to: 'tube 2' }, 'lead the gas to tube 2'],
    [{ do: 'connect', to: 'jar 1', over: 'water' }, 'lead the gas to jar 1, over water'],
    [{ do: 'connect', to: 'jar 1', over: 'upward' }, 'lead the gas to jar 1, upward'],
    [{ do: 'wait', seconds: 300 }, 'wait 5 min'],
    [{ do: 'draw-gas', to: 'tube 2' }, 'draw gas'],
  ])('%j', (action, words) => {
    expect(doing(action)).toBe(words);
  });
});
