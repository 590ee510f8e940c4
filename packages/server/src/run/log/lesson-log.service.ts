/**
 * The log of a lesson: append-only, each entry once by its own id, acknowledged only after commit.
 * Everything a lesson is known by is read from here.
 */
import type { BoardLog, WireEvent } from '@kivex/contract';
import { readGroup, type EventBody, type GroupRecord } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository, type EntityManager } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { LiveService } from '../live/live.service.js';
import { EntryLimits } from './entry-limits.js';
import { LogReader, type LogPage } from './log-reader.js';
import { LogWriter, type Appended } from './log-writer.js';
import { LessonEventRow } from '../../records/observing.entities.js';
import type { TimedEvent } from './timed-event.js';
import { Clock } from '../../clock/clock.js';

export interface NewEntry {
  readonly id: string;
  readonly lessonId: string;
  readonly groupId: string;
  readonly by: { readonly studentId: string } | { readonly staffId: string };
  readonly at: Date;
  readonly deviceAt?: Date;
  readonly body: EventBody;
}
/** An entry in the log, with the lesson whose it is. */
export interface Committed {
  readonly lessonId: string;
  readonly event: WireEvent;
}

@Injectable()
export class LessonLogService {
  private readonly writer: LogWriter;
  private readonly reader: LogReader;
  private readonly limits: EntryLimits;

  constructor(
    private readonly clock: Clock,
    @InjectRepository(LessonEventRow) private readonly rows: Repository<LessonEventRow>,
    private readonly live: LiveService,
  ) {
    this.writer = new LogWriter(rows.manager.connection, clock);
    this.reader = new LogReader(rows.manager.connection, clock);
    this.limits = new EntryLimits((student) =>
      rows.countBy({ studentId: student.id, lessonId: student.lessonId }),
    );
  }

  /** Appends entries of the server's own making (answers to calls, demo work), all in one transaction, then tells of them. */
  async append(entries: readonly NewEntry[]): Promise<void> {
    this.tell(await this.rows.manager.transaction((db) => this.write(db, entries)));
  }

  /** Writes entries within a transaction of the caller's, who tells of them once it is committed. */
  async write(db: EntityManager, entries: readonly NewEntry[]): Promise<Committed[]> {
    const receivedAt = this.clock.now();
    const events: Committed[] = [];
    for (const { id, lessonId, groupId, by, at, deviceAt, body } of entries) {
      const studentId = 'studentId' in by ? by.studentId : null;
      const staffId = 'staffId' in by ? by.staffId : null;
      const row = { id, lessonId, groupId, studentId, staffId, at, receivedAt, type: body.type, body };
      const { raw } = (await db.insert(LessonEventRow, { ...row, deviceAt: deviceAt ?? null })) as {
        raw: { insertId: number };
      };
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
  }

  /** Tells boards and benches of entries that are committed. */
  tell(entries: readonly Committed[]): void {
    for (const { lessonId, event } of entries) this.live.committed(lessonId, event);
  }

  /**
   * Takes `n` entries of a student into account. @returns how many of them may go in.
   * @throws ProblemException 429 when they come faster than hands can log.
   */
  allow(student: StudentCaller, n: number): Promise<number> {
    return this.limits.take(student, n);
  }

  /**
   * Appends what a bench logged, in order, and tells of it once it is committed.
   * @param wire the socket it came over, if it did: it is told by its answer.
   */
  async appendFromBench(
    student: StudentCaller,
    entries: readonly TimedEvent[],
    wire?: string,
  ): Promise<Appended> {
    const { fresh, kept, clashing } = await this.writer.append(student, entries);
    for (const event of fresh) this.live.committed(student.lessonId, event, wire);
    // What the statement did not let in may be in the log from before, when the lesson still ran.
    const missing = entries.map((e) => e.id).filter((id) => !kept.has(id) && !clashing.has(id));
    if (!missing.length) return { fresh, kept, clashing };
    const all = new Map(kept);
    const taken = new Set(clashing);
    for (const { id, groupId, seq } of await this.rowsOf(missing))
      if (groupId === student.groupId) all.set(id, Number(seq));
      else taken.add(id);
    return { fresh, kept: all, clashing: taken };
  }

  /** Which of these ids are in the log: of which group, and at which place. */
  async whereAre(ids: readonly string[]): Promise<ReadonlyMap<string, { group: string; seq: number }>> {
    return new Map(
      (await this.rowsOf(ids)).map(({ id, groupId, seq }) => [id, { group: groupId, seq: Number(seq) }]),
    );
  }

  private async rowsOf(ids: readonly string[]): Promise<Pick<LessonEventRow, 'id' | 'groupId' | 'seq'>[]> {
    if (!ids.length) return [];
    return this.rows.find({ where: { id: In([...ids]) }, select: { id: true, groupId: true, seq: true } });
  }

  /** One page of the log of a lesson, in order. */
  pageOfLesson(lessonId: string, after: number, most: number): Promise<LogPage> {
    return this.reader.page({ lessonId }, after, most);
  }

  /** The log of one group, in order. */
  ofGroup(groupId: string, db?: EntityManager): Promise<WireEvent[]> {
    return this.reader.ofGroup(groupId, db);
  }

  /** The logs of groups, one after the other, each in order. */
  ofGroups(groupIds: readonly string[]): AsyncGenerator<readonly WireEvent[]> {
    return this.reader.ofGroups(groupIds);
  }

  /** What a group's own bench shows of its log. */
  forBench(groupId: string): Promise<readonly WireEvent[]> {
    return this.reader.forBench(groupId);
  }

  /** What a board of these groups starts from. */
  forBoard(groupIds: readonly string[]): Promise<BoardLog> {
    return this.reader.forBoard(groupIds);
  }

  async recordOf(groupId: string, db?: EntityManager): Promise<GroupRecord> {
    return readGroup(await this.ofGroup(groupId, db));
  }

  /** The kind of an entry and whose it is; undefined when it is not in the lesson. */
  async find(lessonId: string, id: string): Promise<{ group: string; type: EventBody['type'] } | undefined> {
    const row = await this.rows.findOne({
      where: { id, lessonId },
      select: { id: true, groupId: true, type: true },
    });
    return row ? { group: row.groupId, type: row.type } : undefined;
  }
}
