/** Who was away: they have no mark, and are not counted. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { conflict, notFound } from '../problems/problems.js';
import { LessonSeat, type Lesson } from '../records/lessons.entities.js';
import { MarksService } from './marks.service.js';

@Injectable()
export class AbsenceService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly marks: MarksService,
    private readonly views: LessonViewsService,
    private readonly audit: AuditService,
  ) {}

  /** @throws 409 where the student can see their marks: those are taken back first. */
  async set(staff: StaffCaller, lesson: Lesson, studentId: string, absent: boolean): Promise<void> {
    const seat = await this.source.manager.findOne(LessonSeat, {
      where: { lessonId: lesson.id, studentId },
      relations: { student: true },
    });
    if (!seat) throw notFound('student in this lesson');
    if (seat.absent === absent) return;
    if (absent && (await this.marks.givenTo(lesson.id, studentId)) !== undefined)
      throw conflict(`${seat.student.name} has been given these marks. Take them back first.`);
    const name = await this.views.nameOf(lesson.id);
    await this.source.transaction(async (db) => {
      await db.update(LessonSeat, { lessonId: lesson.id, studentId }, { absent });
      await this.audit.add(
        staff,
        'absence-set',
        { subject: lesson.id, about: `${seat.student.name}, ${name}: ${absent ? 'away' : 'there'}` },
        db,
      );
    });
  }
}
