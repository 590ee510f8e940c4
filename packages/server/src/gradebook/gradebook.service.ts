/** Marks of a lesson to the gradebook, and what stands there otherwise. */
import type { Gradebook, GradebookDifference, GradebookSending } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { commentOf, lineMax, scoreOf } from '../exchange/scores.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { takenLines } from '../marking/gradebook-lines.js';
import { MarksService } from '../marking/marks.service.js';
import { conflict, notFound, unavailable } from '../problems/problems.js';
import { GradebookLineRow, GradebookSendingRow } from '../records/gradebook.entities.js';
import { Lesson } from '../records/lessons.entities.js';
import { GradebookAway, GradebookClient } from './gradebook-client.js';
import { GradebookSender, resultId } from './gradebook-sender.js';

/** Letters of a comment, and of a title, at most. */
const longest = 200;

interface Result {
  readonly studentId: string;
  readonly score: number;
  readonly date: string;
  readonly comment: string;
}

@Injectable()
export class GradebookService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly client: GradebookClient,
    private readonly sender: GradebookSender,
    private readonly marks: MarksService,
    private readonly views: LessonViewsService,
    private readonly clock: Clock,
    private readonly audit: AuditService,
  ) {}

  /** Where marks go, how the last sending fares, and how much there is to send. */
  async of(lesson: Lesson): Promise<Gradebook> {
    const [address, last, { results }] = [
      await this.client.address(),
      await this.last(lesson.id),
      await this.given(lesson),
    ];
    const there = await takenLines(lesson.id, this.source.manager);
    return {
      at: address === undefined ? null : new URL(address).host,
      last: last && (await this.view(last)),
      toSend: results.filter((r) => isNew(r, there.get(r.studentId))).length,
    };
  }

  /** Sends every mark that is given out and not there as it is. @throws 409 where one is going, or there is nothing to send. */
  async send(staff: StaffCaller, lesson: Lesson): Promise<Gradebook> {
    if ((await this.client.address()) === undefined)
      throw conflict('No gradebook is set up. Whoever runs this server sets KIVEX_GRADEBOOK_URL.');
    const { results, max } = await this.given(lesson);
    if (!results.length) throw conflict('No marks have been given out yet; give them out first.');
    const name = await this.views.nameOf(lesson.id);
    await this.source.transaction(async (db) => {
      // One after another: two who press at once make one sending.
      await db.findOneOrFail(Lesson, { where: { id: lesson.id }, lock: { mode: 'pessimistic_write' } });
      if ((await this.last(lesson.id, db))?.state === 'going')
        throw conflict('These marks are on their way already.');
      const there = await takenLines(lesson.id, db);
      const fresh = results.filter((r) => isNew(r, there.get(r.studentId)));
      if (!fresh.length) throw conflict('All of it is in the gradebook already.');
      const id = uuidv7();
      const now = this.clock.now();
      await db.insert(GradebookSendingRow, {
        id,
        lessonId: lesson.id,
        staffId: staff.id,
        at: now,
        state: 'going',
        title: name.slice(0, longest),
        date: lesson.startsAt.toISOString().slice(0, 10),
        max,
        tries: 0,
        dueAt: now,
        claimedUntil: null,
        problem: null,
      });
      await db.insert(
        GradebookLineRow,
        fresh.map((r) => ({
          ...r,
          id: uuidv7(),
          sendingId: id,
          state: 'waiting' as const,
          reason: null,
          agreed: null,
        })),
      );
      await this.audit.add(
        staff,
        'marks-sent',
        { subject: lesson.id, about: `${name}: ${fresh.length}` },
        db,
      );
    });
    this.sender.nudge();
    return this.of(lesson);
  }

  /** Stops what is going; what was taken stays there. */
  async stop(lesson: Lesson): Promise<Gradebook> {
    await this.change(lesson, { state: 'stopped', claimedUntil: null });
    return this.of(lesson);
  }

  /** Tries again now rather than when it is due. */
  async again(lesson: Lesson): Promise<Gradebook> {
    await this.change(lesson, { dueAt: this.clock.now() });
    this.sender.nudge();
    return this.of(lesson);
  }

  /** Results that stand otherwise in the gradebook than they were sent. @throws 503 where it cannot be asked. */
  async differences(lesson: Lesson): Promise<GradebookDifference[]> {
    const there = await takenLines(lesson.id, this.source.manager);
    if (!there.size) return [];
    let scores: ReadonlyMap<string, number>;
    try {
      scores = await this.client.scores(lesson.id);
    } catch (error) {
      if (error instanceof GradebookAway) throw unavailable(`${error.message} Try again later.`, 10);
      throw error;
    }
    return [...there.values()].flatMap((line) => {
      const theirs = scores.get(resultId(lesson.id, line.studentId)) ?? null;
      return theirs === line.score
        ? []
        : [
            {
              student: { id: line.studentId, name: line.student.name },
              ours: line.score,
              theirs,
              agreed: line.agreed !== null && line.agreed === theirs,
            },
          ];
    });
  }

  /** Agrees to what stands in the gradebook: it is not told again, and not written over while our own mark stays. */
  async agree(staff: StaffCaller, lesson: Lesson, studentId: string): Promise<void> {
    const found = (await this.differences(lesson)).find((d) => d.student.id === studentId);
    if (!found || found.theirs === null) throw notFound('result that stands otherwise in the gradebook');
    await this.let(staff, lesson, found.student, {
      points: found.theirs,
      action: 'gradebook-agreed',
      about: `${found.theirs}, not ${found.ours}`,
    });
  }

  /** Takes back what was agreed to: what stands there is told again, and our own is what counts. @throws 404 where nothing was agreed to. */
  async keepOwn(staff: StaffCaller, lesson: Lesson, studentId: string): Promise<void> {
    const line = (await takenLines(lesson.id, this.source.manager)).get(studentId);
    if (!line || line.agreed === null) throw notFound('result that was agreed to');
    await this.let(staff, lesson, line.student, {
      points: null,
      action: 'gradebook-own',
      about: `${line.score}, not ${line.agreed}`,
    });
  }

  private async let(
    staff: StaffCaller,
    lesson: Lesson,
    student: { readonly id: string; readonly name: string },
    to: { points: number | null; action: 'gradebook-agreed' | 'gradebook-own'; about: string },
  ): Promise<void> {
    const name = await this.views.nameOf(lesson.id);
    await this.source.transaction(async (db) => {
      const line = (await takenLines(lesson.id, db)).get(student.id)!;
      await db.update(GradebookLineRow, { id: line.id }, { agreed: to.points });
      const about = `${student.name}, ${name}: ${to.about}`;
      await this.audit.add(staff, to.action, { subject: lesson.id, about }, db);
    });
  }

  private async change(lesson: Lesson, to: Partial<GradebookSendingRow>): Promise<void> {
    const { affected } = await this.source.manager.update(
      GradebookSendingRow,
      { lessonId: lesson.id, state: 'going' },
      to,
    );
    if (!affected) throw conflict('Nothing of this lesson is on its way.');
  }

  private async last(lessonId: string, db = this.source.manager): Promise<GradebookSendingRow | null> {
    return db.findOne(GradebookSendingRow, {
      where: { lessonId },
      relations: { staff: true },
      order: { at: 'DESC', id: 'DESC' },
    });
  }

  /** Marks as they were given out, in the lesson's measure. */
  private async given(lesson: Lesson): Promise<{ results: Result[]; max: number }> {
    const rows = [...(await this.marks.givenOut(lesson.id)).values()];
    const all = rows.map((r) => r.marks);
    return {
      max: all.length ? lineMax(all) : 0,
      results: rows.map((row) => ({
        studentId: row.studentId,
        score: scoreOf(row.marks, all),
        date: row.at.toISOString().slice(0, 10),
        comment: commentOf(row.marks).slice(0, longest),
      })),
    };
  }

  private async view(sending: GradebookSendingRow): Promise<GradebookSending> {
    const lines = await this.source.manager.find(GradebookLineRow, {
      where: { sendingId: sending.id },
      relations: { student: true },
      order: { student: { name: 'ASC' } },
    });
    return {
      at: sending.at.toISOString(),
      by: sending.staff.name,
      state: sending.state,
      max: sending.max,
      lines: lines.map(({ student, score, state, reason }) => ({
        student: { id: student.id, name: student.name },
        score,
        state,
        reason,
      })),
      trouble:
        sending.state === 'going' && sending.problem !== null
          ? { says: sending.problem, tries: sending.tries, next: sending.dueAt.toISOString() }
          : null,
    };
  }
}

/** Is a result another than what the gradebook took last? One that was agreed to stays while our own does. */
const isNew = (result: Result, last: GradebookLineRow | undefined): boolean =>
  !last || last.score !== result.score || last.comment !== result.comment;
