/** A set of questions given to a class in the demo, and what eighteen devices answered to it. */
import type { SetAnswer } from '@kivex/contract';
import { deckOf, drawnSet, seededRandom, syllabusOf, type RecallCard } from '@kivex/core';

const devices = 18;
const set = { topics: ['gas-tests', 'results'] as const, test: '', about: [], n: 10, seed: 4 };

export const demoSet = (): {
  readonly name: string;
  readonly syllabus: string;
  readonly cards: string[];
} => ({
  name: 'Before the test on Tuesday',
  syllabus: 'core',
  cards: cardsOf().map((card) => card.id),
});

const cardsOf = (): RecallCard[] => drawnSet(deckOf(syllabusOf('core')), set);

/** By device: its answers in the order given. Some know it, some half, some mix it up; some go through it a second time. */
export function demoSetAnswers(): SetAnswer[][] {
  const cards = cardsOf();
  const random = seededRandom(417);
  return Array.from({ length: devices }, (_, device) => {
    const knows = 0.35 + 0.5 * random();
    const once = (chance: number): SetAnswer[] =>
      cards.map((card, i): SetAnswer => {
        // Later questions are the harder ones here.
        const known = random() < chance - 0.04 * i;
        const other = cards[(i + 1 + Math.floor(random() * (cards.length - 1))) % cards.length]!;
        const half = card.model.split(' ').slice(0, 2).join(' ');
        return { card: card.id, answer: known ? card.model : random() < 0.4 ? half : other.model };
      });
    return device % 3 === 0 ? [...once(knows), ...once(knows + 0.3)] : once(knows);
  });
}
