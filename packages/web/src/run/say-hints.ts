/** Ready-made hints for a lesson's tests: the advice of their slips, which names no ion. */
import type { Lesson } from '@kivex/contract';
import { testOf } from '@kivex/core';
import { testsOfLesson } from './bench-status.js';

export interface ReadyHint {
  readonly test: string;
  readonly text: string;
}

/** Each sentence once, in the order of the practical. */
export function readyHints(lesson: Pick<Lesson, 'practical'>): ReadyHint[] {
  const said = new Set<string>();
  return testsOfLesson(lesson).flatMap((test) =>
    testOf(test).slips.flatMap(({ advice: text }) => {
      if (said.has(text)) return [];
      said.add(text);
      return [{ test, text }];
    }),
  );
}
