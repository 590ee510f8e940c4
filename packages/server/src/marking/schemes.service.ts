/** Mark schemes of lessons: tried out, set, taken back, each time with the marks worked out anew. */
import type { NewScheme, SchemePreview, StandingScheme } from '@kivex/contract';
import { evenScheme, type MarkScheme } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { conflict } from '../problems/problems.js';
import { Lesson } from '../records/lessons.entities.js';
import { MarkSchemeRow } from '../records/marking.entities.js';
import { retried } from '../records/retried.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { PreviewsService } from './previews.service.js';
import { SchemeRecordsService } from './scheme-records.service.js';

@Injectable()
export class SchemesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly records: SchemeRecordsService,
    private readonly keeping: MarkKeepingService,
    private readonly previews: PreviewsService,
    private readonly views: LessonViewsService,
    private readonly audit: AuditService,
  ) {}

  /** Whose marks would move by how much; nothing is kept. */
  preview(lesson: Lesson, scheme: MarkScheme): Promise<SchemePreview> {
    return this.previews.of(lesson, { scheme });
  }

  /** Gives a lesson another scheme. @throws 409 where marks are out, or somebody else has changed it meanwhile. */
  set(staff: StaffCaller, lesson: Lesson, { scheme, reason, from }: NewScheme): Promise<StandingScheme> {
    return this.put(staff, lesson, from, () => ({ scheme, reason: reason.trim(), undoes: null }));
  }

  /** Takes the last change back. @throws 409 where there is none. */
  undo(staff: StaffCaller, lesson: Lesson, from: string): Promise<StandingScheme> {
    return this.put(staff, lesson, from, (history) => {
      // What was taken back, and what took it back, are behind us: the one before the last that stood comes again.
      const standing: MarkSchemeRow[] = [];
      for (const row of history)
        if (row.undoes) standing.pop();
        else standing.push(row);
      const [before, last] = standing.slice(-2);
      if (!before || !last) throw conflict('There is no change to take back.');
      return { scheme: before.scheme, reason: 'Taken back', undoes: last.id };
    });
  }

  private async put(
    staff: StaffCaller,
    lesson: Lesson,
    from: string | null,
    next: (
      history: readonly MarkSchemeRow[],
    ) => Pick<MarkSchemeRow, 'reason' | 'undoes'> & { readonly scheme: MarkScheme },
  ): Promise<StandingScheme> {
    const name = await this.views.nameOf(lesson.id);
    const row = next(await this.unchanged(lesson.id, from));
    // Worked out before the lesson is held, so that benches are not kept waiting.
    const begun = lesson.state !== 'planned';
    const drafts = begun ? await this.keeping.draftAll(lesson, { scheme: row.scheme }) : [];
    await retried(() =>
      this.source.transaction(async (db) => {
        const held = await db.findOneOrFail(Lesson, {
          where: { id: lesson.id },
          lock: { mode: 'pessimistic_write' },
        });
        if (held.state === 'released')
          throw conflict('These marks have been given out. Take them back first, then change the scheme.');
        const history = await this.unchanged(lesson.id, from, db);
        const at = this.clock.now();
        const kept = { lessonId: lesson.id, staffId: staff.id, at };
        if (!history.length)
          await db.insert(MarkSchemeRow, {
            ...kept,
            id: uuidv7(),
            scheme: evenScheme,
            reason: 'As it was before',
            undoes: null,
          });
        await db.insert(MarkSchemeRow, { ...row, ...kept, id: uuidv7() });
        if (begun) await this.keeping.keepAll(held, drafts, db, { scheme: row.scheme });
        await this.audit.add(
          staff,
          'scheme-changed',
          { subject: lesson.id, about: `${name}: ${row.reason}` },
          db,
        );
      }),
    );
    return this.records.of(lesson.id);
  }

  /** The schemes so far. @throws 409 where the last is not the one somebody began from. */
  private async unchanged(
    lessonId: string,
    from: string | null,
    db?: EntityManager,
  ): Promise<MarkSchemeRow[]> {
    const history = await this.records.history(lessonId, db);
    if ((history.at(-1)?.id ?? null) !== from)
      throw conflict(
        'Somebody has changed the scheme since you opened it. Look at theirs, then change it anew.',
      );
    return history;
  }
}
