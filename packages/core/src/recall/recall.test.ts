import { describe, expect, test } from '@jest/globals';
import { allSyllabuses, syllabusOf } from '../syllabus/syllabuses.js';
import { strictnesses } from '../syllabus/syllabus-definition.js';
import { deckOf, markRecall, type RecallCard } from './deck.js';
import { recallTopics } from './topics.js';
import { missingWords } from './missing-words.js';

describe.each(allSyllabuses.map((s) => s.id))('the questions of %s', (id) => {
  const syllabus = syllabusOf(id);
  const deck = deckOf(syllabus);
  test('every model answer is right under every strictness', () => {
    const wrong = deck.flatMap((card) =>
      strictnesses
        .filter((strictness) => {
          const { points, max, verdict } = markRecall(syllabus, card, card.model, strictness);
          return verdict !== 'credit' || points !== max;
        })
        .map((strictness) => `${card.id} (${strictness}): ${card.model}`),
    );
    expect(wrong).toEqual([]);
  });
  test('each has an id of its own, asks something, and does not tell its answer', () => {
    expect(new Set(deck.map((c) => c.id)).size).toBe(deck.length);
    expect(deck.filter((c) => !/[?.]$/.test(c.ask))).toEqual([]);
    const told = deck.filter(
      (c) => c.topic === 'meaning' && c.ask.toLowerCase().includes(c.model.toLowerCase()),
    );
    expect(told).toEqual([]);
  });
});

describe('quick recall', () => {
  test('has thousands of questions in all, of every kind', () => {
    const all = allSyllabuses.flatMap(deckOf);
    expect(all.length).toBeGreaterThan(2000);
    for (const topic of recallTopics) expect(all.filter((c) => c.topic === topic).length).toBeGreaterThan(20);
  });
  const core = syllabusOf('core');
  const card = (fact: string): RecallCard => deckOf(core).find((c) => c.fact === fact)!;
  test('is marked as strictly as the real thing', () => {
    const potassium = card('result:flame:colour:K+');
    expect(markRecall(core, potassium, 'lilac').points).toBe(1);
    expect(markRecall(core, potassium, 'purple', 'strict').points).toBe(0);
    expect(markRecall(core, potassium, 'purple', 'generous').points).toBe(1);
    expect(markRecall(core, card('gas:H2'), 'a glowing splint goes pop').points).toBe(1);
  });
  test('an equation is marked as one, in any balanced multiple', () => {
    const silver = card('equation:halide-silver:Cl-');
    expect(markRecall(core, silver, 'Ag+ + Cl- -> AgCl').verdict).toBe('credit');
    expect(markRecall(core, silver, 'Ag + Cl -> AgCl').verdict).not.toBe('credit');
    expect(markRecall(core, silver, '').points).toBe(0);
  });
});

test.each([
  ['damp red litmus turns blue', 'red litmus turned blue', ['damp']],
  ['a glowing splint relights', 'a splint', ['glowing', 'relights']],
  ['no precipitate', 'no precipitate', []],
  ['white precipitate', '', ['white', 'precipitate']],
])('what is missing of “%s” in “%s”', (model, answer, missing) => {
  expect(missingWords(model, answer)).toEqual(missing);
});
