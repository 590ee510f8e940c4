import { describe, expect, test } from '@jest/globals';
import type { HeldEntry } from '@kivex/contract';
import { heldInWords, inDecisions } from './held-entries.js';

const entry = (id: string, more: Partial<HeldEntry> = {}): HeldEntry => ({
  id,
  student: 'ash',
  name: 'Ash Tern',
  group: 'g1',
  reason: 'came-late',
  broughtBy: null,
  at: '2026-11-25T10:00:00.000Z',
  receivedAt: '2026-11-25T10:05:00.000Z',
  body: { type: 'naming', sample: 'j1', answer: 'lithium', evidence: [] },
  ...more,
});
const ids = (entries: readonly HeldEntry[]) => inDecisions(entries).map((own) => own.map((e) => e.id));

describe('entries kept apart', () => {
  test('one decision a student, though entries of several came in turn, each in its own order', () =>
    expect(ids([entry('1'), entry('2', { student: 'birch' }), entry('3')])).toEqual([['1', '3'], ['2']]));
  test.each<[string, Partial<HeldEntry>]>([
    ['another reason', { reason: 'made-late' }],
    ['another group', { group: 'g2' }],
    ['another bringer', { broughtBy: 'Clove Ling' }],
  ])('%s is decided by itself', (_, other) =>
    expect(ids([entry('1'), entry('2', other), entry('3')])).toEqual([['1', '3'], ['2']]),
  );
  test('nothing kept apart is no decision', () => expect(inDecisions([])).toEqual([]));

  test.each<[HeldEntry['body'], string]>([
    [
      { type: 'observation', sample: 'j1', test: 'flame', variant: 'wire', seen: { colour: 'lilac' } },
      'jar 1: lilac',
    ],
    [
      { type: 'observation', sample: 'j1', test: 'flame', variant: 'wire', seen: {}, words: 'a bit purple' },
      'jar 1: “a bit purple”',
    ],
    [{ type: 'naming', sample: 'j2', answer: 'potassium', evidence: [] }, 'jar 2 named potassium'],
    [{ type: 'hand-in' }, 'handed in'],
    [{ type: 'trust', entry: 'e1', why: 'clean wire' }, 'which of two entries they trust: “clean wire”'],
    [{ type: 'call', reason: 'help' }, 'a call or a step'],
  ])('%j is told in words', (body, wanted) =>
    expect(heldInWords(entry('1', { body }), (sample) => `jar ${sample.slice(1)}`)).toBe(wanted),
  );
});
