import { describe, expect, test } from '@jest/globals';
import { deckOf, syllabusOf } from '@kivex/core';
import { answered, dayOf, dueNow, newADay, nothingKept, streakOf, type Kept } from './schedule.js';

const deck = deckOf(syllabusOf('core'));
const noon = (day: number) => new Date(2026, 0, day, 12);

describe('when a fact comes back', () => {
  test('known well, later each time; not known, within the hour', () => {
    let kept = answered(nothingKept, 'a', 'right', noon(1));
    const gaps: number[] = [];
    for (let n = 0; n < 4; n += 1) {
      const due = new Date(kept.facts['a']!.due);
      gaps.push(due.getTime());
      kept = answered(kept, 'a', 'right', due);
    }
    const apart = gaps.slice(1).map((g, i) => g - gaps[i]!);
    expect(apart[2]!).toBeGreaterThan(apart[1]!);
    const missed = answered(kept, 'a', 'wrong', noon(200));
    expect(new Date(missed.facts['a']!.due).getTime() - noon(200).getTime()).toBeLessThan(3_600_000);
  });
  test('what is due goes first, longest overdue before the rest; then new facts, so many a day', () => {
    let kept: Kept = nothingKept;
    const facts = [...new Set(deck.map((c) => c.fact))];
    kept = answered(kept, facts[3]!, 'wrong', noon(1));
    kept = answered(kept, facts[5]!, 'wrong', noon(2));
    const now = dueNow(deck, kept, noon(3), []);
    expect([now.due, now.fresh, now.next!.fact]).toEqual([2, newADay, facts[3]]);
    expect(dueNow(deck, kept, noon(3), [], facts[3]).next!.fact).toBe(facts[5]);
  });
  test('of new facts those that tell something come first', () => {
    const results = deck.filter((c) => c.topic === 'results');
    let kept: Kept = nothingKept;
    const asked: (true | undefined)[] = [];
    for (let n = 0; n < newADay; n += 1) {
      const { next } = dueNow(results, kept, noon(1), []);
      asked.push(next!.usual);
      kept = answered(kept, next!.fact, 'right', noon(1));
    }
    const ofDeck = results.filter((c) => c.usual).length / results.length;
    expect(asked.filter(Boolean).length / newADay).toBeLessThan(ofDeck / 2);
  });
  test('no more than a day takes is new, and tomorrow brings more', () => {
    let kept: Kept = nothingKept;
    for (let n = 0; n < newADay; n += 1)
      kept = answered(kept, dueNow(deck, kept, noon(1), []).next!.fact, 'right', noon(1));
    expect(dueNow(deck, kept, noon(1), []).fresh).toBe(0);
    expect(dueNow(deck, kept, noon(2), []).fresh).toBe(newADay);
  });
  test('the same fact is asked in other words the next time, and topics narrow what is asked', () => {
    const first = dueNow(deck, nothingKept, noon(1), ['results']).next!;
    const kept = answered(nothingKept, first.fact, 'wrong', noon(1));
    const again = dueNow(
      deck.filter((c) => c.fact === first.fact),
      kept,
      noon(2),
      [],
    ).next!;
    expect([again.fact, again.ask === first.ask]).toEqual([first.fact, false]);
    expect(dueNow(deck, nothingKept, noon(1), ['equations']).next!.topic).toBe('equations');
  });
});

describe('days kept up', () => {
  const days = (...list: number[]) => list.map((d) => dayOf(noon(d)));
  test('count to today, or to yesterday while today is young', () => {
    expect(streakOf(days(1, 2, 3), noon(3))).toBe(3);
    expect(streakOf(days(1, 2, 3), noon(4))).toBe(3);
    expect(streakOf(days(1, 2, 3), noon(6))).toBe(0);
    expect(streakOf([], noon(1))).toBe(0);
  });
  test('a missed day is forgiven once in seven', () => {
    expect(streakOf(days(1, 2, 4, 5), noon(5))).toBe(4);
    expect(streakOf(days(1, 3, 5), noon(5))).toBe(2);
    expect(streakOf(days(1, 2, 3, 5, 6, 7, 8, 9, 10, 12), noon(12))).toBe(10);
  });
});
