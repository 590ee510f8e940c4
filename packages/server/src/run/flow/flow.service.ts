/** A lesson moves on, and what that sets off moves with it: its marks are kept in the same transaction, or nothing is. */
import type { LessonState } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { StaffCaller } from '../../access/caller.js';
import { AuditService } from '../../audit/audit.service.js';
import { retried } from '../../records/retried.js';
import { LessonViewsService } from '../../lessons/lesson-views.service.js';
import { LessonsService } from '../../lessons/lessons.service.js';
import { LiveService } from '../live/live.service.js';
import { MarkKeepingService } from '../../marking/mark-keeping.service.js';
import { ReleasesService } from '../../marking/releases.service.js';

@Injectable()
export class FlowService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
    private readonly marks: MarkKeepingService,
    private readonly releases: ReleasesService,
    private readonly live: LiveService,
    private readonly audit: AuditService,
  ) {}

  /** @throws ProblemException 404, or 409 when the lesson cannot go from where it is to there. */
  async move(staff: StaffCaller, id: string, state: LessonState): Promise<void> {
    const marked = state === 'marking' || state === 'released';
    // Marks are worked out before the lesson is held, so that benches are not kept waiting for them.
    const before = await this.lessons.own(staff.schoolId, id);
    const drafts =
      marked && before.state !== state && before.state !== 'planned' && !before.firstReleasedAt
        ? await this.marks.draftAll({ ...before, state: 'marking' })
        : [];
    const moved = await retried(() =>
      this.source.transaction(async (db) => {
        const { lesson, moved: hasMoved } = await this.lessons.moveTo(db, staff, id, state);
        if (!hasMoved) return false;
        // Whoever did not hand in is marked on what is there. What was given out once stays as it was worked out.
        if (marked && !before.firstReleasedAt) await this.marks.keepAll(lesson, drafts, db);
        if (state === 'released') await this.releases.giveWithin(staff, lesson, db);
        if (before.state === 'released') await this.releases.withdrawWithin(staff, id, db);
        await this.audit.add(
          staff,
          'lesson-state',
          { subject: id, about: `${await this.views.nameOf(id)}: ${state}` },
          db,
        );
        return true;
      }),
    );
    if (moved) this.live.stateChanged(id, state);
  }
}
