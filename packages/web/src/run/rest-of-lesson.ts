/** What is left of a lesson under way, for its rota to be planned anew. */
import type { Lesson } from '@kivex/contract';
import { fromNow, rotaProblemOf, whyNoRota, type RotaProblem, type StationPlaces } from '@kivex/core';
import { testsOfLesson, type BenchStatus } from './bench-status.js';

/**
 * @param minute of the lesson. @param places from now on.
 * @returns undefined where no rota was kept, or there can be none.
 */
export function problemFromNow(
  lesson: Lesson,
  benches: readonly BenchStatus[],
  minute: number,
  places: StationPlaces,
): RotaProblem | undefined {
  const { schedule, places: planned } = lesson.planning;
  if (!schedule || whyNoRota(lesson.practical)) return undefined;
  const tests = testsOfLesson(lesson);
  const left = (group: number, test: string): number => {
    const column = tests.indexOf(test);
    const cells = (benches[group - 1]?.rows ?? []).flatMap((row) => row.cells[column] ?? []);
    return cells.length ? cells.filter((c) => c.state === 'empty').length / cells.length : 1;
  };
  const problem = rotaProblemOf(lesson.practical, lesson.groupList.length, planned);
  const now = Object.fromEntries(Object.entries(places).filter(([, n]) => n !== undefined));
  return fromNow(problem, schedule, minute, left, now as Record<string, number>);
}
