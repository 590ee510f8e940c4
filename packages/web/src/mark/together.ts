/** Decisions that reach over several lessons: each lesson decided by itself, taken back as one. */
import type { Decided, OpenAnswers } from '@kivex/contract';
import { call } from '../kit/request/call.js';

/** A lesson with those of its marks that are meant. */
export type LessonMarks = OpenAnswers['lessons'][number] & { readonly marks: readonly string[] };
export interface DecidedAll {
  readonly lessons: readonly (Decided & { readonly lesson: string })[];
  readonly marks: number;
}

/** Which of these marks are of which lesson, the newest lesson first. */
export function byLesson({ lessons, answers }: OpenAnswers, ids: readonly string[]): LessonMarks[] {
  const wanted = new Set(ids);
  return lessons.flatMap((lesson) => {
    const marks = answers.filter((a) => a.lesson === lesson.id && wanted.has(a.id)).map((a) => a.id);
    return marks.length ? [{ ...lesson, marks }] : [];
  });
}

/** @throws what the first lesson that refuses says, with how far it came; what came before it stands. */
export async function decideAll(
  lessons: readonly LessonMarks[],
  { points, reason }: { readonly points: number; readonly reason: string },
): Promise<DecidedAll> {
  const done: (Decided & { lesson: string })[] = [];
  for (const { id, marks } of lessons) {
    const decision = await call('POST /api/lessons/:lesson/marks/decisions', {
      lesson: id,
      body: { marks: [...marks], points, reason },
    });
    done.push({ ...decision, lesson: id });
  }
  return { lessons: done, marks: done.reduce((n, d) => n + d.marks, 0) };
}

export async function undoAll({ lessons }: DecidedAll): Promise<void> {
  for (const { lesson, decision } of lessons)
    await call('POST /api/lessons/:lesson/marks/decisions/:decision/undo', { lesson, decision });
}
