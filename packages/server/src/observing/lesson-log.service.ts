/**
 * The log of a lesson: append-only, each entry once by its own id, acknowledged only after commit.
 * Everything a lesson is known by is read from here.
 */
import type { WireEvent } from '@kivex/contract';
import { readGroup, type EventBody, type GroupRecord } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository } from 'typeorm';
import type { StudentCaller } from '../access/caller.js';
import { runPrepared, type Written } from '../database/prepared.js';
import { LiveService } from '../live/live.service.js';
import type { CheckedEvent } from './event-bodies.dto.js';
import { LessonEventRow } from './observing.entities.js';

export interface NewEntry {
  readonly id: string;
  readonly lessonId: string;
  readonly groupId: string;
  readonly by: { readonly studentId: string } | { readonly staffId: string };
  readonly at: Date;
  readonly body: EventBody;
}

export interface BenchAppend {
  /** Entries written just now. */
  readonly fresh: readonly WireEvent[];
  /** Ids that are in the group's log, now or before. */
  readonly kept: ReadonlySet<string>;
  /** Ids that another group has used. */
  readonly clashing: ReadonlySet<string>;
  /** Ids not taken, because the session, the seat or the lesson's state no longer allows it. */
  readonly closed: ReadonlySet<string>;
}

const benchInsert = `
  INSERT IGNORE INTO lesson_event (id, lessonId, groupId, studentId, staffId, at, receivedAt, type, body)
  SELECT ?, l.id, seat.groupId, seat.studentId, NULL, ?, ?, ?, ?
  FROM lesson_seat seat
  JOIN lesson l ON l.id = seat.lessonId AND l.state IN ('running', 'marking')
  JOIN student s ON s.id = seat.studentId AND s.leftAt IS NULL
  JOIN session ON session.studentId = s.id
  WHERE seat.studentId = ? AND seat.groupId = ? AND session.id = ? AND session.expiresAt > ? AND seat.lessonId = ?`;

@Injectable()
export class LessonLogService {
  constructor(
    @InjectRepository(LessonEventRow) private readonly rows: Repository<LessonEventRow>,
    private readonly live: LiveService,
  ) {}

  /** Appends entries of the server's own making (answers to calls, demo work), all in one transaction, then tells of them. */
  async append(entries: readonly NewEntry[]): Promise<void> {
    const receivedAt = new Date();
    const committed = await this.rows.manager.transaction(async (db) => {
      const events: { lessonId: string; event: WireEvent }[] = [];
      for (const { id, lessonId, groupId, by, at, body } of entries) {
        const studentId = 'studentId' in by ? by.studentId : null;
        const staffId = 'staffId' in by ? by.staffId : null;
        const row = { id, lessonId, groupId, studentId, staffId, at, receivedAt, type: body.type, body };
        const { raw } = (await db.insert(LessonEventRow, row)) as { raw: { insertId: number } };
        events.push({
          lessonId,
          event: {
            id,
            seq: raw.insertId,
            group: groupId,
            by: studentId ?? staffId ?? '',
            at: at.toISOString(),
            body,
          },
        });
      }
      return events;
    });
    for (const { lessonId, event } of committed) this.live.committed(lessonId, event);
  }

  /**
   * Appends what a bench logged, in order. One statement an entry checks, at the moment of writing, that the
   * session lasts, the student still sits in the group and the lesson takes entries, and keeps the entry once.
   * A single entry is one round trip and one commit; several share one.
   */
  async appendFromBench(student: StudentCaller, entries: readonly CheckedEvent[]): Promise<BenchAppend> {
    const { manager } = this.rows;
    const written: WireEvent[] = [];
    const write = async (run: (sql: string, values: readonly unknown[]) => Promise<Written>) => {
      for (const { id, at, body } of entries) {
        const now = new Date();
        const { affectedRows, insertId } = await run(benchInsert, [
          ...[id, at, now, body.type, JSON.stringify(body)],
          ...[student.id, student.groupId, student.sessionId, now, student.lessonId],
        ]);
        if (affectedRows) {
          written.push({
            id,
            seq: insertId,
            group: student.groupId,
            by: student.id,
            at: at.toISOString(),
            body,
          });
        }
      }
    };
    if (entries.length === 1) await write((sql, values) => runPrepared(manager.connection, sql, values));
    else await manager.transaction((db) => write((sql, values) => db.query<Written>(sql, [...values])));
    for (const event of written) this.live.committed(student.lessonId, event);
    const kept = new Set(written.map((e) => e.id));
    if (kept.size === entries.length) return { fresh: written, kept, clashing: new Set(), closed: new Set() };

    // Not written: in the log already, another group's id, or not taken any more.
    const missing = entries.map((e) => e.id).filter((id) => !kept.has(id));
    const there = await this.rows.find({ where: { id: In(missing) }, select: { id: true, groupId: true } });
    for (const row of there) if (row.groupId === student.groupId) kept.add(row.id);
    const clashing = new Set(there.filter((row) => row.groupId !== student.groupId).map((row) => row.id));
    return {
      fresh: written,
      kept,
      clashing,
      closed: new Set(missing.filter((id) => !kept.has(id) && !clashing.has(id))),
    };
  }

  /** Which of these ids are in a group's log. */
  async known(groupId: string, ids: readonly string[]): Promise<ReadonlySet<string>> {
    if (!ids.length) return new Set();
    return new Set(
      (await this.rows.find({ where: { groupId, id: In([...ids]) }, select: { id: true } })).map(
        (row) => row.id,
      ),
    );
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
