import { describe, expect, test } from '@jest/globals';
import type { WireEvent } from '@kivex/contract';
import { KeptLogs } from './kept-logs.js';

const log = (n: number): WireEvent[] => Array.from({ length: n }, (_, i) => ({ id: `e${i}` }) as WireEvent);

const size = (events: readonly WireEvent[]) => events.length;

describe('logs kept in memory', () => {
  test('one is given back as long as its rows are as they were, and not once they are not', () => {
    const logs = new KeptLogs(size);
    const own = log(3);
    logs.keep('a', 'as read', own);
    expect([logs.get('a', 'as read'), logs.get('a', 'changed'), logs.get('a', 'as read')]).toEqual([
      own,
      undefined,
      undefined,
    ]);
    expect(logs.get('b', 'as read')).toBeUndefined();
  });
  test('what was not asked for longest makes room', () => {
    const logs = new KeptLogs(size, 10);
    for (const group of ['a', 'b', 'c']) logs.keep(group, '1', log(3));
    logs.get('a', '1');
    logs.keep('d', '1', log(3));
    expect(['a', 'b', 'c', 'd'].map((g) => logs.get(g, '1') !== undefined)).toEqual([
      true,
      false,
      true,
      true,
    ]);
  });
  test('kept anew it takes its room once; one larger than all the room is not kept and drives nobody out', () => {
    const logs = new KeptLogs(size, 10);
    for (let n = 0; n < 5; n++) logs.keep('a', String(n), log(6));
    logs.keep('b', '1', log(4));
    logs.keep('c', '1', log(11));
    expect([logs.get('a', '4') !== undefined, logs.get('b', '1') !== undefined, logs.get('c', '1')]).toEqual([
      true,
      true,
      undefined,
    ]);
  });
});
