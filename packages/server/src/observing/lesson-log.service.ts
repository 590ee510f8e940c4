/**
 * The log of a lesson: append-only, each entry once by its own id, acknowledged only after commit.
 * Everything a lesson is known by is read from here.
 */
import type { WireEvent } from '@kivex/contract';
import { readGroup, type EventBody, type GroupRecord } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository } from 'typeorm';
import { LiveService } from '../live/live.service.js';
import { LessonEventRow } from './observing.entities.js';

export interface NewEntry {
  readonly id: string;
  readonly lessonId: string;
  readonly groupId: string;
  readonly by: { readonly studentId: string } | { readonly staffId: string };
  readonly at: Date;
  readonly body: EventBody;
}

@Injectable()
export class LessonLogService {
  constructor(
    @InjectRepository(LessonEventRow) private readonly rows: Repository<LessonEventRow>,
    private readonly live: LiveService,
  ) {}

  /**
   * Appends entries in order, all in one transaction, then tells boards and benches.
   * @returns ids that are in the log now (for the same group), and those that clash with another's.
   */
  async append(entries: readonly NewEntry[]): Promise<{ kept: string[]; clashing: string[] }> {
    if (!entries.length) return { kept: [], clashing: [] };
    const ids = entries.map((e) => e.id);
    const already = new Map(
      (await this.rows.find({ where: { id: In(ids) }, select: { id: true, groupId: true } })).map((r) => [
        r.id,
        r.groupId,
      ]),
    );
    const receivedAt = new Date();
    const fresh = entries.filter((e, i) => !already.has(e.id) && ids.indexOf(e.id) === i);
    if (fresh.length) {
      await this.rows.manager.transaction(async (db) => {
        // A twin request may have got there first: IGNORE leaves its row as it is.
        await db
          .createQueryBuilder()
          .insert()
          .into(LessonEventRow)
          .values(
            fresh.map((e) => ({
              id: e.id,
              lessonId: e.lessonId,
              groupId: e.groupId,
              studentId: 'studentId' in e.by ? e.by.studentId : null,
              staffId: 'staffId' in e.by ? e.by.staffId : null,
              at: e.at,
              receivedAt,
              type: e.body.type,
              body: e.body,
            })),
          )
          .orIgnore()
          .updateEntity(false)
          .execute();
      });
      const stored = await this.rows.find({
        where: { id: In(fresh.map((e) => e.id)) },
        order: { seq: 'ASC' },
      });
      for (const row of stored) {
        already.set(row.id, row.groupId);
        // A twin's row has another receipt time; its own request tells the others.
        if (row.receivedAt.getTime() === receivedAt.getTime()) this.live.committed(row.lessonId, wire(row));
      }
    }
    const kept = [...new Set(entries.filter((e) => already.get(e.id) === e.groupId).map((e) => e.id))];
    return { kept, clashing: ids.filter((id) => !kept.includes(id)) };
  }

  /** The log of a lesson, in order. */
  async ofLesson(lessonId: string): Promise<WireEvent[]> {
    return (await this.rows.find({ where: { lessonId }, order: { seq: 'ASC' }, take: 20_000 })).map(wire);
  }

  /** The log of one group, in order. */
  async ofGroup(groupId: string): Promise<WireEvent[]> {
    return (await this.rows.find({ where: { groupId }, order: { seq: 'ASC' }, take: 5_000 })).map(wire);
  }

  async recordOf(groupId: string): Promise<GroupRecord> {
    return readGroup(await this.ofGroup(groupId));
  }
}

const wire = (row: LessonEventRow): WireEvent => ({
  id: row.id,
  seq: Number(row.seq),
  group: row.groupId,
  by: row.studentId ?? row.staffId ?? '',
  at: row.at.toISOString(),
  body: row.body,
});
