/** One cause behind many benches, as the board tells it: the likely ones that nobody has waved away. */
import type { Lesson, WireEvent } from '@kivex/contract';
import { classRecords, diagnose, tellFrom, type Diagnosis } from '@kivex/core';
import { testsOfLesson } from './bench-status.js';

export interface ClassCauses {
  readonly told: readonly Diagnosis[];
  /** Waved away, and still as likely. */
  readonly dismissed: readonly Diagnosis[];
}

export function causesOf(lesson: Lesson, events: readonly WireEvent[]): ClassCauses {
  const written = new Map(lesson.practical.samples.map((s) => [s.key, s]));
  const samples = lesson.samples.flatMap(({ id, key, ions }) => {
    const form = written.get(key)?.form;
    return form ? [{ id, ions: [...ions] as never, form }] : [];
  });
  const likely = diagnose(testsOfLesson(lesson), classRecords(events, lesson.groupList, samples)).filter(
    ({ p }) => p >= tellFrom,
  );
  const gone = new Set(lesson.dismissedCauses);
  return {
    told: likely.filter((d) => !gone.has(d.cause)),
    dismissed: likely.filter((d) => gone.has(d.cause)),
  };
}
