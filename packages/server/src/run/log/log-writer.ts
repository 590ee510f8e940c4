/**
 * Writes what benches log. Entries that come while a write is under way go together in the next one, so that they share
 * a commit. One statement checks, at the moment of writing, that the session lasts, the student still sits in the group
 * and the lesson runs, and keeps each entry once; nothing is ignored: what cannot be stored as it is fails aloud.
 */
import type { WireEvent } from '@kivex/contract';
import type { DataSource } from 'typeorm';
import type { StudentCaller } from '../../access/caller.js';
import { PreparedStatements } from '../../records/prepared.js';
import { retried } from '../../records/retried.js';
import type { TimedEvent } from './timed-event.js';
import type { Clock } from '../../clock/clock.js';

/** Entries in one statement at most; more wait for the next. */
const mostAtOnce = 64;

const columns = 'id, lessonId, groupId, studentId, staffId, at, deviceAt, receivedAt, type, body';
/**
 * What must hold when it is written; locked until the commit, so that a lesson cannot end in between. One who leaves the
 * class has no session any more.
 */
const allowed = `
  JOIN lesson_seat seat ON seat.lessonId = session.lessonId AND seat.studentId = session.studentId
  JOIN lesson l ON l.id = seat.lessonId AND l.state = 'running'`;
/** An entry that is there already stays as it is; either way its row comes back. */
const once =
  'ON DUPLICATE KEY UPDATE lesson_event.id = lesson_event.id RETURNING seq, id, groupId, receivedAt';

const insertOne = `
  INSERT INTO lesson_event (${columns})
  SELECT STRAIGHT_JOIN ?, seat.lessonId, seat.groupId, seat.studentId, NULL, ?, ?, ?, ?, ?
  FROM session ${allowed}
  WHERE session.id = ? AND session.expiresAt > ? AND seat.groupId = ?
  ${once}`;

// The columns are in ASCII so that the tables' indexes serve, whatever the collation of the database.
const insertMany = `
  INSERT INTO lesson_event (${columns})
  SELECT STRAIGHT_JOIN e.id, seat.lessonId, seat.groupId, seat.studentId, NULL, e.at, e.deviceAt, ?, e.type, e.body
  FROM JSON_TABLE(?, '$[*]' COLUMNS (
    n FOR ORDINALITY,
    id CHAR(36) CHARACTER SET ascii PATH '$[0]',
    sessionId CHAR(36) CHARACTER SET ascii PATH '$[1]',
    groupId CHAR(36) CHARACTER SET ascii PATH '$[2]',
    at DATETIME(3) PATH '$[3]',
    deviceAt DATETIME(3) PATH '$[4]',
    type VARCHAR(16) CHARACTER SET ascii PATH '$[5]',
    body LONGTEXT PATH '$[6]'
  )) e
  JOIN session ON session.id = e.sessionId AND session.expiresAt > ? ${allowed} AND seat.groupId = e.groupId
  ORDER BY e.n
  ${once}`;

interface Row {
  readonly seq: number;
  readonly id: string;
  readonly groupId: string;
  readonly receivedAt: Date;
}

/** What became of entries: their rows by id, and which were written just now. */
export interface Appended {
  readonly fresh: readonly WireEvent[];
  /** Ids in the group's log, now or before, with their places in it. */
  readonly kept: ReadonlyMap<string, number>;
  /** Ids that another group has used. */
  readonly clashing: ReadonlySet<string>;
}

interface Waiting {
  readonly student: StudentCaller;
  readonly events: readonly TimedEvent[];
  readonly done: (appended: Appended) => void;
  readonly failed: (error: unknown) => void;
}

const sqlMoment = (moment: Date): string => moment.toISOString().replace('T', ' ').slice(0, 23);

export class LogWriter {
  private readonly waiting: Waiting[] = [];
  private readonly statements: PreparedStatements;
  private writing = false;

  constructor(
    source: DataSource,
    private readonly clock: Clock,
  ) {
    this.statements = new PreparedStatements(source);
  }

  /** Appends entries of one student in their order. Resolves once they are committed. @throws the driver's error. */
  append(student: StudentCaller, events: readonly TimedEvent[]): Promise<Appended> {
    return new Promise((done, failed) => {
      this.waiting.push({ student, events, done, failed });
      if (this.writing) return;
      this.writing = true;
      this.writeAll().catch(failed);
    });
  }

  /** Never rejects: each failure is handed to whoever waits for it. */
  private async writeAll(): Promise<void> {
    while (this.waiting.length) {
      // What has come in but was not read yet goes with it: many benches share one commit.
      if (this.waiting.length > 1) await new Promise(setImmediate);
      const together: Waiting[] = [];
      let count = 0;
      while (this.waiting.length) {
        const next = this.waiting[0]!;
        if (together.length && count + next.events.length > mostAtOnce) break;
        together.push(this.waiting.shift()!);
        count += next.events.length;
      }
      try {
        await this.write(together);
      } catch (error) {
        // One that cannot be stored must not take the others with it: each once more by itself.
        if (together.length === 1) together[0]!.failed(error);
        else for (const one of together) await this.write([one]).catch(one.failed);
      }
    }
    this.writing = false;
  }

  private async write(together: readonly Waiting[]): Promise<void> {
    const receivedAt = this.clock.now();
    const all = together.flatMap(({ student, events }) => events.map((event) => ({ student, event })));
    const rows = await retried(() => this.run(all, receivedAt));
    const byId = new Map(rows.map((row) => [row.id, row]));
    for (const { student, events, done } of together) {
      const fresh: WireEvent[] = [];
      const kept = new Map<string, number>();
      const clashing = new Set<string>();
      for (const { id, at, body } of events) {
        const row = byId.get(id);
        if (!row) continue;
        if (row.groupId !== student.groupId) clashing.add(id);
        else if (!kept.has(id)) {
          kept.set(id, Number(row.seq));
          if (row.receivedAt.getTime() === receivedAt.getTime())
            fresh.push({
              id,
              seq: Number(row.seq),
              group: student.groupId,
              by: student.id,
              at: at.toISOString(),
              body,
            });
        }
      }
      done({ fresh, kept, clashing });
    }
  }

  private run(
    all: readonly { readonly student: StudentCaller; readonly event: TimedEvent }[],
    receivedAt: Date,
  ): Promise<Row[]> {
    if (all.length === 1) {
      const { student, event } = all[0]!;
      return this.statements.run<Row[]>(insertOne, [
        ...[event.id, event.at, event.deviceAt, receivedAt, event.body.type, JSON.stringify(event.body)],
        ...[student.sessionId, receivedAt, student.groupId],
      ]);
    }
    const list = all.map(({ student, event: { id, at, deviceAt, body } }) => [
      ...[id, student.sessionId, student.groupId, sqlMoment(at), sqlMoment(deviceAt)],
      ...[body.type, JSON.stringify(body)],
    ]);
    return this.statements.run<Row[]>(insertMany, [receivedAt, JSON.stringify(list), receivedAt]);
  }
}
