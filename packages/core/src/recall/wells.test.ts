import { describe, expect, test } from '@jest/globals';
import { expectationOf } from '../identification-tests/expectation.js';
import { allSyllabuses, syllabusOf } from '../syllabus/syllabuses.js';
import { deckOf, type RecallCard } from './deck.js';
import { markWell, wellsOf } from './wells.js';

describe.each(allSyllabuses.map((s) => s.id))('the wells of %s', (id) => {
  const seen = deckOf(syllabusOf(id)).filter((c) => c.topic === 'results');
  test('every question about what is seen has some, of which the right ones earn and no other', () => {
    const wrong = seen.flatMap((card) => {
      const { item } = card;
      if (item.kind !== 'observation' || item.attribute === undefined) return [card.id];
      const shown = expectationOf(item.test, item.sample)[item.attribute]!;
      const values = wellsOf(card)!.values.map((v) => v.id);
      const earns = values.filter((v) => markWell(card, v).points === 1);
      return values.length > 1 && earns.length && earns.every((v) => shown.includes(v)) ? [] : [card.id];
    });
    expect(seen.length).toBeGreaterThan(20);
    expect(wrong).toEqual([]);
  });
});

describe('a tapped well', () => {
  const card = (fact: string): RecallCard => deckOf(syllabusOf('core')).find((c) => c.fact === fact)!;
  test('is told what is seen', () => {
    const copper = card('result:naoh:precipitate:Cu2+');
    expect(markWell(copper, 'blue').why[0]!.text).toMatch(/is what is seen\.$/);
    expect(markWell(copper, 'white').why[0]!.text).toMatch(/^Not white.*: blue.* is what is seen\.$/);
    expect(() => markWell(copper, 'beige')).toThrow(/no well beige/);
  });
  test('there is none where something is to be said, not seen', () => {
    expect(wellsOf(card('gas:H2'))).toBeUndefined();
    expect(() => markWell(card('gas:H2'), 'white')).toThrow(/no wells/);
  });
  test('what says nothing either way is no answer', () => {
    for (const { item } of deckOf(syllabusOf('core')))
      for (const value of wellsOf({ item })?.values ?? []) expect(value.id).not.toBe('not-tested');
  });
});
