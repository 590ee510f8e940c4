/** Marks given out to students, to some or to all, and taken back. What was given out is kept as it was. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { conflict, notFound } from '../problems/problems.js';
import { Lesson, LessonGroup } from '../records/lessons.entities.js';
import { MarkReleaseRow } from '../records/marking.entities.js';
import { retried } from '../records/retried.js';
import { LiveService } from '../run/live/live.service.js';
import { frozenOf } from './frozen.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { MarksService } from './marks.service.js';

@Injectable()
export class ReleasesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly marks: MarksService,
    private readonly keeping: MarkKeepingService,
    private readonly views: LessonViewsService,
    private readonly live: LiveService,
    private readonly audit: AuditService,
  ) {}

  /**
   * Gives the marks out to these students, as they stand now. From the first on, nothing more comes into the record by
   * itself: whoever has their marks may tell what the jars held.
   * @returns for how many it changed anything.
   */
  async give(staff: StaffCaller, lesson: Lesson, students: readonly string[]): Promise<number> {
    const name = await this.views.nameOf(lesson.id);
    if (lesson.state !== 'marking' && lesson.state !== 'released')
      throw conflict('Marks are given out once the lesson is over.');
    const drafts = lesson.firstReleasedAt ? [] : await this.keeping.draftAll(lesson);
    const given = await retried(() =>
      this.source.transaction(async (db) => {
        const held = await db.findOneOrFail(Lesson, {
          where: { id: lesson.id },
          lock: { mode: 'pessimistic_write' },
        });
        if (!held.firstReleasedAt) {
          await this.keeping.keepAll(held, drafts, db);
          await db.update(Lesson, { id: lesson.id }, { firstReleasedAt: this.clock.now() });
        }
        const count = await this.giveWithin(staff, held, db, students);
        if (count)
          await this.audit.add(
            staff,
            'marks-given',
            { subject: lesson.id, about: `${name}: to ${count} ${count === 1 ? 'student' : 'students'}` },
            db,
          );
        return count;
      }),
    );
    // Benches that stand open look again.
    if (given) this.live.stateChanged(lesson.id, lesson.state);
    return given;
  }

  /** As `give`, within a transaction that holds the lesson. @param students all who were there where left out. */
  async giveWithin(
    staff: StaffCaller,
    lesson: Lesson,
    db: EntityManager,
    students?: readonly string[],
  ): Promise<number> {
    const table = await this.marks.read(lesson, db);
    const known = new Set(table.rows.map((row) => row.student.id));
    if (students?.some((id) => !known.has(id))) throw notFound('student in this lesson');
    const groups = await db.findBy(LessonGroup, { lessonId: lesson.id });
    const logTo = new Map(groups.map((g) => [g.id, Number(g.markedSeq ?? 0)]));
    const rows = table.rows.filter(
      (row) =>
        (!students || students.includes(row.student.id)) &&
        (row.absent ? row.caughtUp !== null : row.cells.length > 0) &&
        row.given !== 'as-now',
    );
    if (rows.length)
      await db.insert(
        MarkReleaseRow,
        rows.map((row) => ({
          id: uuidv7(),
          lessonId: lesson.id,
          studentId: row.student.id,
          marks: frozenOf(row, table.scheme.id, logTo.get(row.groupId) ?? 0),
          staffId: staff.id,
          at: this.clock.now(),
          withdrawnAt: null,
          withdrawnById: null,
        })),
      );
    return rows.length;
  }

  /** Takes marks back: these students see them no longer. */
  async withdraw(staff: StaffCaller, lesson: Lesson, students: readonly string[]): Promise<number> {
    const name = await this.views.nameOf(lesson.id);
    const back = await this.source.transaction(async (db) => {
      const taken = await this.withdrawWithin(staff, lesson.id, db, students);
      if (taken)
        await this.audit.add(
          staff,
          'marks-withdrawn',
          { subject: lesson.id, about: `${name}: from ${taken} ${taken === 1 ? 'student' : 'students'}` },
          db,
        );
      return taken;
    });
    if (back) this.live.stateChanged(lesson.id, lesson.state);
    return back;
  }

  /** As `withdraw`, within a transaction. @param students everybody where left out. */
  async withdrawWithin(
    staff: StaffCaller,
    lessonId: string,
    db: EntityManager,
    students?: readonly string[],
  ): Promise<number> {
    const out = [...(await this.marks.givenOut(lessonId, db)).keys()].filter(
      (id) => !students || students.includes(id),
    );
    if (out.length)
      await db.update(
        MarkReleaseRow,
        { lessonId, studentId: In(out), withdrawnAt: IsNull() },
        { withdrawnAt: this.clock.now(), withdrawnById: staff.id },
      );
    return out.length;
  }
}
