import { describe, expect, test } from '@jest/globals';
import type { MarkRow, MarkTable } from '@kivex/contract';
import { standingScheme } from '../testing/lesson-fixture.js';
import { markFacts } from './mark-follows.js';

const row = (name: string, answers: readonly string[] | null): MarkRow =>
  ({
    student: { id: name, name },
    given: 'no',
    absent: false,
    caughtUp: null,
    cells: (answers ?? []).map((answer) => ({ answer, points: 0, max: 1, open: false, changes: [] })),
  }) as unknown as MarkRow;
const table = (rows: MarkRow[], open = 0): MarkTable => ({
  released: false,
  rows,
  open,
  scheme: standingScheme,
});
const texts = (facts: ReturnType<typeof markFacts>) => Object.fromEntries(facts.map((f) => [f.key, f.text]));

describe('what follows from the marks', () => {
  test('all written and settled: nothing is left', () =>
    expect(texts(markFacts(table([row('Ada', ['red'])]), 'marking'))).toMatchObject({
      settled: 'Nothing is left to look at.',
      state: 'Students see nothing until you release.',
    }));
  test('of who wrote nothing it is never said that nothing is left to look at', () => {
    const facts = texts(markFacts(table([row('Ada', ['red']), row('Bo', ['', ''])]), 'marking'));
    expect(facts.settled).toBe('Nothing is left to look at in what one student wrote.');
    expect(facts.nothing).toMatch(/^Bo: nothing was logged or named/);
    expect(texts(markFacts(table([row('Bo', [''])]), 'marking')).settled).toBeUndefined();
  });
  test('who is still at work is counted, and not among those', () => {
    const facts = texts(markFacts(table([row('Ada', null), row('Bo', ['red'])], 2), 'running'));
    expect(facts).toMatchObject({
      working: expect.stringMatching(/^1 still at work/),
      open: expect.stringMatching(/^2 answers want/),
    });
    expect(facts.settled).toBeUndefined();
    expect(facts.nothing).toBeUndefined();
  });
  test('who has marks already, and whose have changed since, is told; who was away is not at work', () => {
    const has = { ...row('Ada', ['red']), given: 'as-before' } as MarkRow;
    const away = { ...row('Bo', null), absent: true } as MarkRow;
    const facts = texts(markFacts(table([has, away, row('Cy', ['blue'])]), 'marking'));
    expect(facts).toMatchObject({
      older: expect.stringMatching(/^1 student has marks that have changed/),
      some: expect.stringMatching(/^1 student has their marks; the rest see nothing/),
    });
    expect(facts.state).toBeUndefined();
    expect(facts.working).toBeUndefined();
  });
  test('many names are cut short', () =>
    expect(
      texts(markFacts(table(['A', 'B', 'C', 'D', 'E'].map((n) => row(n, ['']))), 'marking')).nothing,
    ).toMatch(/^A, B, C and 2 more:/));
});
