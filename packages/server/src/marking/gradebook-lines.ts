/** What the gradebook has taken of a lesson: read by those who send, and by those who show marks. */
import { groupedBy } from '@kivex/core';
import type { EntityManager } from 'typeorm';
import { GradebookLineRow } from '../records/gradebook.entities.js';

/** What it has taken of each student last, by student id, with who they are. */
export async function takenLines(
  lessonId: string,
  db: EntityManager,
): Promise<ReadonlyMap<string, GradebookLineRow>> {
  const lines = await db.find(GradebookLineRow, {
    where: { sending: { lessonId }, state: 'taken' },
    relations: { student: true },
    order: { id: 'ASC' },
  });
  return new Map([...groupedBy(lines, (l) => l.studentId)].map(([id, own]) => [id, own.at(-1)!]));
}

/**
 * What somebody agreed to let stand there, by student id.
 * @param studentId of one alone; of all where left out
 */
export async function agreedPoints(
  lessonId: string,
  db: EntityManager,
  studentId?: string,
): Promise<ReadonlyMap<string, number>> {
  const lines = await db.find(GradebookLineRow, {
    where: { sending: { lessonId }, state: 'taken', ...(studentId === undefined ? {} : { studentId }) },
    select: { id: true, studentId: true, agreed: true },
    order: { id: 'ASC' },
  });
  const last = new Map(lines.map((l) => [l.studentId, l.agreed]));
  return new Map([...last].flatMap(([id, agreed]) => (agreed === null ? [] : [[id, agreed] as const])));
}
