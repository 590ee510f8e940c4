/** Marks that somebody wants to come back to: a reminder beside the mark, no decision. */
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { Clock } from '../clock/clock.js';
import { notFound } from '../problems/problems.js';
import { MarkFlagRow } from '../records/answer-rules.entities.js';
import type { Lesson } from '../records/lessons.entities.js';
import { MarkRow } from '../records/marking.entities.js';

@Injectable()
export class FlagsService {
  constructor(
    @InjectRepository(MarkFlagRow) private readonly flags: Repository<MarkFlagRow>,
    private readonly clock: Clock,
  ) {}

  /** Flags a mark, or says something else of one that is flagged. */
  async set(staff: StaffCaller, lesson: Lesson, markId: string, note: string): Promise<void> {
    await this.mustExist(lesson, markId);
    await this.flags.upsert(
      { id: uuidv7(), markId, note: note.trim(), staffId: staff.id, at: this.clock.now() },
      ['markId'],
    );
  }

  async clear(lesson: Lesson, markId: string): Promise<void> {
    await this.mustExist(lesson, markId);
    await this.flags.delete({ markId });
  }

  /** By mark. */
  async of(
    lessonId: string,
    db: EntityManager = this.flags.manager,
  ): Promise<ReadonlyMap<string, MarkFlagRow>> {
    const rows = await db.find(MarkFlagRow, { where: { mark: { lessonId } }, relations: { staff: true } });
    return new Map(rows.map((row) => [row.markId, row]));
  }

  private async mustExist(lesson: Lesson, markId: string): Promise<void> {
    if (!(await this.flags.manager.existsBy(MarkRow, { id: markId, lessonId: lesson.id })))
      throw notFound('mark in this lesson');
  }
}
