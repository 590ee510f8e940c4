/** How often the classes of a school slip: from lessons whose rate a teacher has agreed to, for its rehearsals. */
import type { SchoolSlips } from '@kivex/contract';
import { runIsWorth, schoolFactor, schoolPace, type AgreedLesson } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Not, Repository } from 'typeorm';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { Lesson } from '../records/lessons.entities.js';
import { ScreenWorkRow } from '../records/practising.entities.js';

/** The newest lessons agreed on: classes change. */
const mostLessons = 40;

@Injectable()
export class SchoolSlipsService {
  constructor(
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(ScreenWorkRow) private readonly works: Repository<ScreenWorkRow>,
    private readonly views: LessonViewsService,
    private readonly audit: AuditService,
  ) {}

  async of(schoolId: string): Promise<SchoolSlips> {
    const rows = await this.lessons.find({
      where: { schoolId, agreedSlips: Not(IsNull()) },
      select: { id: true, agreedSlips: true },
      order: { startsAt: 'DESC' },
      take: mostLessons,
    });
    const agreed = rows.map((row) => row.agreedSlips!);
    const works = await this.works.find({
      where: { lesson: { schoolId }, agreed: Not(IsNull()) },
      order: { id: 'DESC' },
      take: mostLessons,
    });
    const screens = works.map((work) => work.agreed!);
    return {
      factor: schoolFactor([
        ...agreed,
        ...screens.map(({ factor, runs }) => ({ factor, names: runs * runIsWorth })),
      ]),
      runs: screens.reduce((n, s) => n + s.runs, 0),
      names: agreed.reduce((n, l) => n + l.names, 0),
      lessons: agreed.length,
      pace: schoolPace(agreed),
      groups: agreed.reduce((n, l) => n + (l.pace?.groups ?? 0), 0),
    };
  }

  /** Takes a lesson's rate into the school's, or with null out of it. */
  async agree(staff: StaffCaller, lesson: Lesson, agreed: AgreedLesson | null): Promise<SchoolSlips> {
    await this.lessons.update({ id: lesson.id }, { agreedSlips: agreed });
    await this.audit.add(staff, 'slips-agreed', {
      subject: lesson.id,
      about: `${await this.views.nameOf(lesson.id)}: ${agreed ? `${agreed.factor.toFixed(2)} times the usual${agreed.pace ? `, pace ${agreed.pace.factor.toFixed(2)}` : ''}` : 'taken back'}`,
    });
    return this.of(staff.schoolId);
  }
}
