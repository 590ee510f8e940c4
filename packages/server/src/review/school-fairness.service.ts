/** The same answer with different marks, anywhere in the school, with the decisions that made it so. */
import type { SchoolUnlike } from '@kivex/contract';
import { groupedBy, unlikeMarks, type AnswerToSort } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { setImmediate as breath } from 'node:timers/promises';
import { DataSource, In } from 'typeorm';
import { Lesson } from '../records/lessons.entities.js';
import { MarkChangeRow, type MarkRow } from '../records/marking.entities.js';

/** Decided answers, and marks beside them, that are looked through. */
const mostDecided = 3_000;
const mostMarks = 20_000;
/** Answers told at most, those given most often otherwise first. */
const mostTold = 100;
/** Months looked back. */
export const monthsBack = 24;

type Found = Pick<
  MarkRow,
  'id' | 'lessonId' | 'strand' | 'test' | 'attribute' | 'answer' | 'points' | 'max' | 'verdict' | 'stands'
> & { readonly ions: string };

@Injectable()
export class SchoolFairnessService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** Only where somebody has decided can two marks of one answer differ, so it is looked for beside what was decided. @param now the day it is looked at. */
  async of(schoolId: string, now: Date): Promise<SchoolUnlike[]> {
    const db = this.source.manager;
    const since = new Date(now);
    since.setMonth(since.getMonth() - monthsBack);
    const rows = await db.query<Found[]>(
      `WITH decided AS (
         SELECT DISTINCT m.strand, m.test, m.attribute, LOWER(m.answer) said
         FROM mark_change c JOIN mark m ON m.id = c.markId JOIN lesson l ON l.id = m.lessonId
         WHERE l.schoolId = ? AND l.startsAt >= ? AND m.strand IN ('observation', 'conclusion') AND m.answer <> ''
         LIMIT ${mostDecided})
       SELECT m.id, m.lessonId, m.strand, m.test, m.attribute, m.answer, m.points, m.max, m.verdict, m.stands, s.ions
       FROM lesson l JOIN mark m ON m.lessonId = l.id JOIN lesson_sample s ON s.id = m.sampleId
       JOIN decided d ON d.strand = m.strand AND d.test <=> m.test AND d.attribute <=> m.attribute AND d.said = LOWER(m.answer)
       WHERE l.schoolId = ? AND l.startsAt >= ? AND m.open = 0
       LIMIT ${mostMarks}`,
      [schoolId, since, schoolId, since],
    );
    await breath();
    const answers = rows.map((m): AnswerToSort => ({
      id: m.id,
      strand: m.strand,
      test: m.test ?? '',
      attribute: m.attribute ?? '',
      truth: JSON.parse(m.ions) as string[],
      answer: m.answer,
      computed: { points: m.points, verdict: m.verdict, why: '' },
      points: m.stands,
      max: m.max,
      open: false,
    }));
    const unlike = unlikeMarks(answers)
      .map((one) => ({ ...one, marks: one.given.reduce((n, g) => n + g.ids.length, 0) }))
      .sort((a, b) => b.marks - a.marks || a.answer.localeCompare(b.answer))
      .slice(0, mostTold);
    if (!unlike.length) return [];
    const lessonOf = new Map(rows.map((m) => [m.id, m.lessonId]));
    const ids = unlike.flatMap((one) => one.given.flatMap((g) => g.ids));
    const [lessons, changes] = await Promise.all([
      db.find(Lesson, {
        where: { id: In([...new Set(ids.map((id) => lessonOf.get(id)!))]) },
        relations: { class: true, practicalVersion: true },
      }),
      db.find(MarkChangeRow, {
        where: { markId: In(ids) },
        relations: { staff: true },
        order: { at: 'ASC', id: 'ASC' },
      }),
    ]);
    const heads = new Map(
      lessons.map((l) => [
        l.id,
        {
          id: l.id,
          title: l.practicalVersion.document.title,
          class: l.class.name,
          at: l.startsAt.toISOString(),
        },
      ]),
    );
    const decided = groupedBy(changes, (c) => c.markId);
    return unlike.map(({ answer, strand, test, attribute, truth, max, given }) => ({
      answer,
      strand,
      test: test || null,
      attribute: attribute || null,
      truth,
      max,
      given: given.map(({ points, ids: own }) => ({
        points,
        lessons: [...groupedBy(own, (id) => lessonOf.get(id)!)].map(([lessonId, marks]) => ({
          ...heads.get(lessonId)!,
          marks: marks.length,
          decided: [
            ...new Map(
              marks.flatMap((id) => {
                const last = decided.get(id)?.at(-1);
                return last && last.points !== null
                  ? [
                      [
                        `${last.staffId} ${last.reason}`,
                        { by: last.staff.name, reason: last.reason },
                      ] as const,
                    ]
                  : [];
              }),
            ).values(),
          ],
        })),
      })),
    }));
  }
}
