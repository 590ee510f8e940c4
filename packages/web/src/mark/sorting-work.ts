/** Answers of a whole class put together and compared: a second of reading the first time, so not on the page's own thread. */
import {
  alikeGroups,
  dependence,
  likeAnswers,
  seededRandom,
  unlikeMarks,
  type AlikeGroups,
  type AnswerToSort,
  type Dependence,
  type LikeAnswers,
  type UnlikeMarks,
  type Written,
} from '@kivex/core';

/** Orders that must not matter: what people added to computed marks, in each of them. */
export interface Orders {
  readonly name: readonly number[];
  readonly bench: readonly number[];
  readonly handIn: readonly number[];
}
export interface Fairness {
  readonly unlike: readonly UnlikeMarks[];
  readonly alike: readonly AlikeGroups[];
  readonly orders: Readonly<Record<keyof Orders, Dependence>>;
}

export const sortingWork = {
  like: (answers: readonly AnswerToSort[]): readonly LikeAnswers[] => likeAnswers(answers),
  fairness: (answers: readonly AnswerToSort[], written: readonly Written[], orders: Orders): Fairness => {
    // The same shuffles every time: a figure that changes by looking again helps nobody.
    const of = (added: readonly number[]) => dependence(added, seededRandom(1));
    return {
      unlike: unlikeMarks(answers),
      alike: alikeGroups(written),
      orders: { name: of(orders.name), bench: of(orders.bench), handIn: of(orders.handIn) },
    };
  },
};
export type SortingWork = typeof sortingWork;
