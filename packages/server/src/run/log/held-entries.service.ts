/**
 * Entries kept apart from the log: they came or were made after the end, or were brought by another's device. Nothing
 * of them is lost, and nothing of them is marked until a teacher takes it in, which is over once marks were released.
 */
import type { HeldEntries, HeldReason } from '@kivex/contract';
import { isReadableBody, type LessonEvent } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, IsNull, Repository } from 'typeorm';
import type { StaffCaller } from '../../access/caller.js';
import { retried } from '../../records/retried.js';
import { Lesson } from '../../records/lessons.entities.js';
import { LiveService } from '../live/live.service.js';
import { conflict } from '../../problems/problems.js';
import { LessonLogService } from './lesson-log.service.js';
import { HeldEntryRow, LessonEventRow } from '../../records/observing.entities.js';
import type { TimedEvent } from './timed-event.js';
import { Clock } from '../../clock/clock.js';

/** Shown, and decided on, at once. */
const mostShown = 300;

/** Whose the entries are, and who brought them. */
export interface Brought {
  readonly lessonId: string;
  readonly groupId: string;
  readonly studentId: string;
  readonly broughtById: string;
}

@Injectable()
export class HeldEntriesService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(HeldEntryRow) private readonly rows: Repository<HeldEntryRow>,
    private readonly log: LessonLogService,
    private readonly live: LiveService,
  ) {}

  /** Keeps entries apart, each once. @returns the ids that are kept apart or were decided on before. */
  async keep(
    { lessonId, groupId, studentId, broughtById }: Brought,
    entries: readonly (TimedEvent & { readonly reason: HeldReason })[],
  ): Promise<ReadonlySet<string>> {
    if (!entries.length) return new Set();
    const receivedAt = this.clock.now();
    const fields =
      '(id, lessonId, groupId, studentId, broughtById, reason, at, deviceAt, receivedAt, type, body)';
    const values = entries.map(({ id, at, deviceAt, reason, body }) => [
      ...[id, lessonId, groupId, studentId, broughtById, reason],
      ...[at, deviceAt, receivedAt, body.type, JSON.stringify(body)],
    ]);
    await retried(() =>
      this.rows.query(
        `INSERT INTO held_entry ${fields} VALUES ${values.map((v) => `(${v.map(() => '?').join()})`).join()} ON DUPLICATE KEY UPDATE held_entry.id = held_entry.id`,
        values.flat(),
      ),
    );
    const there = await this.rows.find({
      where: { id: In(entries.map((e) => e.id)), groupId, studentId },
      select: { id: true },
    });
    this.live.heldChanged(lessonId);
    return new Set(there.map((row) => row.id));
  }

  /** Which of these ids are kept apart for a group, decided on or not. */
  async known(groupId: string, ids: readonly string[]): Promise<ReadonlySet<string>> {
    if (!ids.length) return new Set();
    const rows = await this.rows.find({ where: { groupId, id: In([...ids]) }, select: { id: true } });
    return new Set(rows.map((row) => row.id));
  }

  /** Which of these ids are kept apart at all. */
  async anywhere(ids: readonly string[]): Promise<ReadonlySet<string>> {
    if (!ids.length) return new Set();
    const rows = await this.rows.find({ where: { id: In([...ids]) }, select: { id: true } });
    return new Set(rows.map((row) => row.id));
  }

  /** What waits for a decision in a lesson, oldest first. */
  async waiting(lesson: Lesson): Promise<HeldEntries> {
    const where = { lessonId: lesson.id, decidedAt: IsNull() };
    const [rows, count] = await this.rows.findAndCount({
      where,
      relations: { student: true, broughtBy: true },
      order: { receivedAt: 'ASC', at: 'ASC', id: 'ASC' },
      take: mostShown,
    });
    return {
      count,
      canBeTaken: lesson.firstReleasedAt === null,
      entries: rows.flatMap((row) => {
        const body: unknown = JSON.parse(row.body);
        if (!isReadableBody(body)) return [];
        return {
          id: row.id,
          group: row.groupId,
          student: row.studentId,
          name: row.student.name,
          broughtBy: row.broughtById === row.studentId ? null : row.broughtBy.name,
          reason: row.reason,
          at: row.at.toISOString(),
          receivedAt: row.receivedAt.toISOString(),
          body,
        };
      }),
    };
  }

  /** What of a group's waits for the teacher's word, for its own bench. */
  async ofGroup(groupId: string): Promise<LessonEvent[]> {
    const rows = await this.rows.find({
      where: { groupId, decidedAt: IsNull() },
      order: { at: 'ASC', id: 'ASC' },
      take: mostShown,
    });
    return rows.flatMap((row) => {
      const body: unknown = JSON.parse(row.body);
      return isReadableBody(body)
        ? { id: row.id, group: row.groupId, by: row.studentId, at: row.at.toISOString(), body }
        : [];
    });
  }

  /**
   * Takes entries into the log, or leaves them out, for good.
   * @returns how many were decided on now. @throws 409 once marks have been released.
   */
  async decide(staff: StaffCaller, lesson: Lesson, ids: readonly string[], take: boolean): Promise<number> {
    const committed = await this.rows.manager.transaction(async (db) => {
      const { firstReleasedAt } = await db.findOneOrFail(Lesson, {
        where: { id: lesson.id },
        lock: { mode: 'pessimistic_write' },
      });
      if (take && firstReleasedAt)
        throw conflict(
          'Marks of this lesson have been given out, so what came late cannot be taken in any more. Leave it out, and change a mark by hand with your reason.',
        );
      const rows = await db.find(HeldEntryRow, {
        where: { id: In([...ids]), lessonId: lesson.id, decidedAt: IsNull() },
        order: { at: 'ASC', id: 'ASC' },
        lock: { mode: 'pessimistic_write' },
      });
      const taken = rows.filter((row) => take && isReadableBody(JSON.parse(row.body)));
      const there = taken.length
        ? await db.find(LessonEventRow, { where: { id: In(taken.map((r) => r.id)) }, select: { id: true } })
        : [];
      const already = new Set(there.map((row) => row.id));
      const events = await this.log.write(
        db,
        taken
          .filter((row) => !already.has(row.id))
          .map((row) => ({
            id: row.id,
            lessonId: row.lessonId,
            groupId: row.groupId,
            by: { studentId: row.studentId },
            at: row.at,
            ...(row.deviceAt ? { deviceAt: row.deviceAt } : {}),
            body: JSON.parse(row.body) as LessonEvent['body'],
          })),
      );
      if (rows.length)
        await db.update(
          HeldEntryRow,
          { id: In(rows.map((r) => r.id)) },
          { decidedAt: this.clock.now(), decidedById: staff.id, taken: take },
        );
      return { events, decided: rows.length };
    });
    this.log.tell(committed.events);
    this.live.heldChanged(lesson.id);
    return committed.decided;
  }
}
