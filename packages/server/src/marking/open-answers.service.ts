/** Answers that want a person, of all lessons one is marking: to be decided together. */
import type { OpenAnswers } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, Not } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { Lesson } from '../records/lessons.entities.js';
import { MarkRow } from '../records/marking.entities.js';
import { MarkKeepingService } from './mark-keeping.service.js';

/** Lessons looked at together, the newest first, and answers of them at most. */
const mostLessons = 20;
const mostAnswers = 5_000;

@Injectable()
export class OpenAnswersService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly keeping: MarkKeepingService,
  ) {}

  /** Of lessons one teaches that are being marked. */
  async of(staff: StaffCaller): Promise<OpenAnswers> {
    const db = this.source.manager;
    const lessons = await db.find(Lesson, {
      where: { schoolId: staff.schoolId, teacherId: staff.id, state: 'marking' },
      relations: { class: true, practicalVersion: true },
      order: { startsAt: 'DESC', id: 'DESC' },
      take: mostLessons,
    });
    for (const lesson of lessons) await this.keeping.bringUpToDate(lesson);
    const rows = lessons.length
      ? await db.find(MarkRow, {
          where: {
            lessonId: In(lessons.map((l) => l.id)),
            open: true,
            answer: Not(''),
            strand: Not('technique'),
          },
          relations: { student: true, sample: true },
          order: { id: 'ASC' },
          take: mostAnswers,
        })
      : [];
    const open = new Set(rows.map((m) => m.lessonId));
    return {
      lessons: lessons
        .filter((l) => open.has(l.id))
        .map((l) => ({
          id: l.id,
          title: l.practicalVersion.document.title,
          class: l.class.name,
          at: l.startsAt.toISOString(),
        })),
      answers: rows.map((m) => ({
        id: m.id,
        lesson: m.lessonId,
        student: m.student.name,
        strand: m.strand,
        test: m.test ?? '',
        attribute: m.attribute ?? '',
        truth: m.sample.ions,
        answer: m.answer,
        points: m.stands,
        max: m.max,
        open: true,
        computed: { points: m.points, verdict: m.verdict, why: m.why.map((w) => w.text).join(' ') },
      })),
    };
  }
}
