/** Quick recall by its address: of everything, or of the set it names. */
import { deckOf, drawnSet, type QuestionSet, type Syllabus } from '@kivex/core';
import { useMemo } from 'react';
import { RecallPart } from './RecallPart.js';

export function AddressRecall({
  syllabus,
  set,
}: {
  readonly syllabus: Syllabus;
  readonly set: QuestionSet | undefined;
}) {
  const drawn = useMemo(
    () => set && { cards: drawnSet(deckOf(syllabus), set), strictness: set.strictness },
    [syllabus, set],
  );
  return <RecallPart syllabus={syllabus} set={drawn} />;
}
