/** A sample that held something else than was written: marks are worked out against what it truly held. */
import type { HeldChange, NewHeld, SchemePreview } from '@kivex/contract';
import { holdsOf, isSpeciesId, speciesName } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { badInput, conflict, notFound } from '../problems/problems.js';
import { Lesson, LessonSample } from '../records/lessons.entities.js';
import { SampleHeldRow } from '../records/marking.entities.js';
import { retried } from '../records/retried.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { PreviewsService } from './previews.service.js';

@Injectable()
export class HeldSamplesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly keeping: MarkKeepingService,
    private readonly previews: PreviewsService,
    private readonly views: LessonViewsService,
    private readonly audit: AuditService,
  ) {}

  /** All that was corrected in a lesson, oldest first. */
  async of({ id: lessonId }: Pick<Lesson, 'id'>): Promise<HeldChange[]> {
    const rows = await this.source.manager.find(SampleHeldRow, {
      where: { lessonId },
      relations: { staff: true, sample: true },
      order: { at: 'ASC', id: 'ASC' },
    });
    return rows.map((row, i) => ({
      id: row.id,
      sample: row.sampleId,
      label: row.sample.label,
      before: row.before,
      after: row.after,
      reason: row.reason,
      by: row.staff.name,
      at: row.at.toISOString(),
      stands: !rows.slice(i + 1).some((later) => later.sampleId === row.sampleId),
    }));
  }

  /** Whose marks would move by how much. */
  async preview(lesson: Lesson, { sample, ions }: Pick<NewHeld, 'sample' | 'ions'>): Promise<SchemePreview> {
    await this.checked(lesson.id, sample, ions);
    return this.previews.of(lesson, { held: new Map([[sample, ions]]) });
  }

  /** Corrects what a sample held, and works all marks out anew. To take it back is to correct it to what was before. */
  async correct(
    staff: StaffCaller,
    lesson: Lesson,
    { sample: id, ions, reason }: NewHeld,
  ): Promise<HeldChange> {
    const sample = await this.checked(lesson.id, id, ions);
    if (sample.ions.join() === ions.join())
      throw badInput(`${sample.label} is said to hold that already.`, 'ions');
    const name = await this.views.nameOf(lesson.id);
    const under = { held: new Map([[id, ions]]) };
    const begun = lesson.state !== 'planned';
    const drafts = begun ? await this.keeping.draftAll(lesson, under) : [];
    const change = uuidv7();
    await retried(() =>
      this.source.transaction(async (db) => {
        const held = await db.findOneOrFail(Lesson, {
          where: { id: lesson.id },
          lock: { mode: 'pessimistic_write' },
        });
        if (held.state === 'released')
          throw conflict('These marks have been given out. Take them back first, then correct the sample.');
        await db.insert(SampleHeldRow, {
          id: change,
          lessonId: lesson.id,
          sampleId: id,
          before: sample.ions,
          after: ions,
          reason: reason.trim(),
          staffId: staff.id,
          at: this.clock.now(),
        });
        await db.update(LessonSample, { id }, { ions: [...ions] });
        if (begun) await this.keeping.keepAll(held, drafts, db, under);
        await this.audit.add(
          staff,
          'held-corrected',
          {
            subject: lesson.id,
            about: `${sample.label}, ${name}: ${holdsOf({ ions })}, not ${holdsOf(sample)}`.slice(0, 500),
          },
          db,
        );
      }),
    );
    return (await this.of(lesson)).find((row) => row.id === change)!;
  }

  private async checked(lessonId: string, id: string, ions: readonly string[]): Promise<LessonSample> {
    const sample = await this.source.manager.findOneBy(LessonSample, { id, lessonId });
    if (!sample) throw notFound('sample in this lesson');
    const strange = ions.find((ion) => !isSpeciesId(ion));
    if (strange !== undefined)
      throw badInput(`Kivex does not know “${strange}”. Choose from the list.`, 'ions');
    if (new Set(ions).size < ions.length)
      throw badInput(`${speciesName(ions.find((x, i) => ions.indexOf(x) !== i)!)} is named twice.`, 'ions');
    return sample;
  }
}
