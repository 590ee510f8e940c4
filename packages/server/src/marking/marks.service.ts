/** Marks: computed from the log, changed by people with a reason, never overwritten. */
import type {
  Decided,
  MarkCell,
  MarkRow as MarkRowView,
  MarkTable,
  NewDecision,
  WireEvent,
} from '@kivex/contract';
import {
  classRecords,
  lessonMarks,
  markUnder,
  readGroup,
  samplesOfGroup,
  sourcesOf,
  standingMark,
  stockFaults,
  testOfItem,
  type MarkedSample,
  type Practical,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { setImmediate as breath } from 'node:timers/promises';
import { In, Repository, type EntityManager } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { retried } from '../records/retried.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { Lesson } from '../records/lessons.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { LessonLogService } from '../run/log/lesson-log.service.js';
import { Student } from '../records/people.entities.js';
import { badInput, notFound } from '../problems/problems.js';
import { MarkChangeRow, MarkRow } from '../records/marking.entities.js';
import { Clock } from '../clock/clock.js';

/** A group's marks as worked out up to a place in its log, not yet kept. */
export interface MarkDraft {
  readonly groupId: string;
  readonly seq: number;
  readonly rows: readonly QueryDeepPartialEntity<MarkRow>[];
}
interface GroupPlace {
  readonly id: string;
  readonly markedSeq: number | null;
  /** Last place in the group's log; 0 where there is nothing. */
  readonly last: number;
}

/** Mark rows written in one statement. */
const rowsAtOnce = 300;

@Injectable()
export class MarksService {
  /** By lesson: marks being brought up to the log. */
  private readonly underWay = new Map<string, Promise<void>>();

  constructor(
    private readonly clock: Clock,
    @InjectRepository(MarkRow) private readonly marks: Repository<MarkRow>,
    @InjectRepository(MarkChangeRow) private readonly changes: Repository<MarkChangeRow>,
    @InjectRepository(PracticalVersion) private readonly versions: Repository<PracticalVersion>,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
    private readonly audit: AuditService,
  ) {}

  /** Works out the marks of every group of a lesson, of all its students, and keeps nothing yet. */
  draftAll(lesson: Lesson): Promise<MarkDraft[]> {
    return this.draft(lesson, () => true);
  }

  /**
   * Keeps the marks of a whole lesson within a transaction; groups whose log has grown since the draft are worked out anew.
   * The lesson's row must be locked, so that nothing more comes in.
   */
  async keepAll(lesson: Lesson, drafts: readonly MarkDraft[], db: EntityManager): Promise<void> {
    const places = await this.places(lesson.id, db);
    const good = new Map(drafts.map((draft) => [draft.groupId, draft]));
    for (const place of places) if (good.get(place.id)?.seq !== place.last) good.delete(place.id);
    const missing = places.filter((place) => !good.has(place.id)).map((place) => place.id);
    const anew = missing.length ? await this.draft(lesson, (id) => missing.includes(id), db) : [];
    await this.keep([...good.values(), ...anew], db);
  }

  /**
   * Brings the marks of a lesson up to its log: of whoever has handed in while it runs, of everybody after. Called
   * before marks are read, so that they stand as soon as work is in, whichever process took it.
   */
  private async bringUpToDate(lesson: Lesson): Promise<void> {
    if (lesson.state === 'planned' || lesson.firstReleasedAt) return;
    // One after another: whoever asks meanwhile finds the work done, and looks for what has come in since.
    const before = this.underWay.get(lesson.id);
    const mine = (before ?? Promise.resolve()).catch(() => undefined).then(() => this.catchUp(lesson));
    this.underWay.set(lesson.id, mine);
    try {
      await mine;
    } finally {
      if (this.underWay.get(lesson.id) === mine) this.underWay.delete(lesson.id);
    }
  }

  private async catchUp(lesson: Lesson): Promise<void> {
    const stale = (await this.places(lesson.id)).filter(({ markedSeq, last }) =>
      markedSeq === null ? last > 0 || lesson.state !== 'running' : markedSeq < last,
    );
    if (!stale.length) return;
    const ids = new Set(stale.map((place) => place.id));
    const drafts = await this.draft(lesson, (id) => ids.has(id));
    await retried(() => this.marks.manager.transaction((db) => this.keep(drafts, db)));
  }

  private async places(lessonId: string, db: EntityManager = this.marks.manager): Promise<GroupPlace[]> {
    const rows = await db.query<{ id: string; markedSeq: string | null; last: string | null }[]>(
      'SELECT g.id, g.markedSeq, (SELECT MAX(e.seq) FROM lesson_event e WHERE e.groupId = g.id) last FROM lesson_group g WHERE g.lessonId = ?',
      [lessonId],
    );
    return rows.map(({ id, markedSeq, last }) => ({
      id,
      markedSeq: markedSeq === null ? null : Number(markedSeq),
      last: Number(last ?? 0),
    }));
  }

  private async draft(
    lesson: Lesson,
    wanted: (group: string) => boolean,
    db?: EntityManager,
  ): Promise<MarkDraft[]> {
    const [all, samples, { document }] = await Promise.all([
      this.views.groupsOf(lesson.id),
      this.views.samplesOf(lesson.id),
      this.versions.findOneByOrFail({ id: lesson.practicalVersionId }),
    ]);
    const sources = sourcesOf(samples, document);
    const computedAt = this.clock.now();
    const drafts: MarkDraft[] = [];
    const faults = await this.faultsIn(lesson, document, all, samples, db);
    for (const group of all.filter((g) => wanted(g.id))) {
      const events = await this.log.ofGroup(group.id, db);
      const record = readGroup(events);
      const own = samplesOfGroup(samples, group.unknowns, sources).map(
        ({ id, role, ions, position }): MarkedSample => {
          const { form = 'solid', from } = document.samples[position] ?? {};
          const leftOf = sources.get(id);
          return { id, role, ions, form, from, ...(leftOf === undefined ? {} : { leftOf }) };
        },
      );
      const rows: QueryDeepPartialEntity<MarkRow>[] = [];
      for (const { id: studentId } of group.students) {
        if (lesson.state === 'running' && record.handedIn[studentId] === undefined) continue;
        // A few milliseconds a student, less than handing the log to a worker takes; taps go between.
        await breath();
        for (const { key, strand, sample, ...mark } of lessonMarks(
          document,
          own,
          record,
          studentId,
          (test, plain) => markUnder(faults.get(group.id) ?? [], test, plain),
        ))
          rows.push({
            id: uuidv7(),
            lessonId: lesson.id,
            studentId,
            sampleId: sample,
            itemKey: key,
            strand,
            ...mark,
            computedAt,
          });
      }
      drafts.push({ groupId: group.id, seq: events.at(-1)?.seq ?? 0, rows });
    }
    return drafts;
  }

  /** Faults of bottles by group, once the whole class has worked: while it works they are the board's to tell. */
  private async faultsIn(
    lesson: Lesson,
    document: Practical,
    groups: readonly { readonly id: string }[],
    samples: readonly { readonly id: string; readonly ions: readonly string[]; readonly position: number }[],
    db?: EntityManager,
  ): Promise<ReturnType<typeof stockFaults>> {
    if (lesson.state === 'running') return new Map();
    const events: WireEvent[] = [];
    for (const { id } of groups) {
      events.push(...(await this.log.ofGroup(id, db)));
      await breath();
    }
    const held = samples.map(({ id, ions, position }) => ({
      id,
      ions,
      form: document.samples[position]?.form ?? ('solid' as const),
    }));
    const named = groups.map(({ id }) => ({ id, name: id }));
    return stockFaults(
      document.tests.map((t) => t.test),
      classRecords(events, named, held),
      new Set(lesson.dismissedCauses ?? []),
    );
  }

  private async keep(drafts: readonly MarkDraft[], db: EntityManager): Promise<void> {
    const rows = drafts.flatMap((draft) => draft.rows);
    for (let at = 0; at < rows.length; at += rowsAtOnce)
      await db
        .createQueryBuilder()
        .insert()
        .into(MarkRow)
        .values(rows.slice(at, at + rowsAtOnce))
        .orUpdate(
          ['answer', 'points', 'max', 'verdict', 'why', 'computedAt'],
          ['lessonId', 'studentId', 'itemKey'],
        )
        .updateEntity(false)
        .execute();
    for (const { groupId, seq } of drafts)
      await db.query('UPDATE lesson_group SET markedSeq = GREATEST(COALESCE(markedSeq, 0), ?) WHERE id = ?', [
        seq,
        groupId,
      ]);
  }

  /** When each student first handed in, by student id. */
  private async handedIn(lessonId: string): Promise<ReadonlyMap<string, string>> {
    const rows = await this.marks.query<{ studentId: string; at: Date | null }[]>(
      "SELECT studentId, MIN(at) at FROM lesson_event WHERE lessonId = ? AND type = 'hand-in' AND studentId IS NOT NULL GROUP BY studentId",
      [lessonId],
    );
    return new Map(
      rows.flatMap(({ studentId, at }) =>
        at && !Number.isNaN(at.getTime()) ? [[studentId, at.toISOString()] as const] : [],
      ),
    );
  }

  /** The marks of a lesson, a row for each student, in order of groups. */
  async table(lesson: Lesson): Promise<MarkTable> {
    await this.bringUpToDate(lesson);
    const [groups, samples, handedIn, marks] = await Promise.all([
      this.views.groupsOf(lesson.id),
      this.views.samplesOf(lesson.id),
      this.handedIn(lesson.id),
      this.marks.findBy({ lessonId: lesson.id }),
    ]);
    const cells = await this.cellsOf(marks);
    const place = new Map(samples.map((s) => [s.id, s.position]));
    const { document } = await this.versions.findOneByOrFail({ id: lesson.practicalVersionId });
    const testOrder = new Map<string, number>(document.tests.map((t, i) => [t.test, i]));
    // By sample; its tests in the order of the practical, its name last.
    const order = (c: MarkCell) =>
      (place.get(c.sample) ?? 0) * 100 +
      (c.strand === 'conclusion' ? 99 : (testOrder.get(testOfItem(c.key) ?? '') ?? 0));
    const rows = groups.flatMap((group) =>
      group.students.map((student): MarkRowView => {
        const own = cells
          .filter((c) => c.student === student.id)
          .map((c) => c.cell)
          .sort((a, b) => order(a) - order(b));
        return {
          student,
          group: group.name,
          handedInAt: handedIn.get(student.id) ?? null,
          points: own.reduce((sum, c) => sum + c.points, 0),
          max: own.reduce((sum, c) => sum + c.max, 0),
          cells: own,
        };
      }),
    );
    return {
      released: lesson.state === 'released',
      rows,
      open: rows.reduce((n, row) => n + row.cells.filter((c) => c.open).length, 0),
    };
  }

  /** The marks of one student in a lesson. */
  async ofStudent(lesson: Lesson, studentId: string): Promise<MarkCell[]> {
    await this.bringUpToDate(lesson);
    const marks = await this.marks.findBy({ lessonId: lesson.id, studentId });
    return (await this.cellsOf(marks)).map((c) => c.cell);
  }

  /** Changes a mark: one more entry that says who, when and why. */
  async change(
    staff: StaffCaller,
    lesson: Lesson,
    markId: string,
    points: number,
    reason: string,
  ): Promise<MarkCell> {
    await this.decide(staff, lesson, { marks: [markId], points, reason });
    const mark = await this.marks.findOneByOrFail({ id: markId });
    return (await this.cellsOf([mark]))[0]!.cell;
  }

  /**
   * One decision for several marks of a lesson: an entry each that keeps the answer judged, who, when and why.
   * Null points give the marks back to what is computed.
   */
  async decide(
    staff: StaffCaller,
    lesson: Lesson,
    { marks: ids, points, reason }: NewDecision,
    undoes: string | null = null,
  ): Promise<Decided> {
    const wanted = [...new Set(ids)];
    const marks = await this.marks.findBy({ id: In(wanted), lessonId: lesson.id });
    if (marks.length < wanted.length || !marks.length) throw notFound('mark in this lesson');
    const least = marks.reduce((a, b) => (b.max < a.max ? b : a));
    if (points !== null && points > least.max)
      throw badInput(
        `${marks.length > 1 ? 'One of these items' : 'This item'} has ${least.max} ${least.max === 1 ? 'point' : 'points'} at most.`,
        'points',
      );
    return this.append(
      staff,
      lesson,
      marks.map((mark) => ({ mark, points })),
      reason,
      undoes,
    );
  }

  /** Takes a decision back where it is still the last: each mark has again what stood before it. */
  async undo(staff: StaffCaller, lesson: Lesson, decision: string): Promise<Decided> {
    const taken = await this.changes.find({ where: { decisionId: decision }, relations: { mark: true } });
    const own = taken.filter((row) => row.mark.lessonId === lesson.id).map((row) => row.mark);
    if (!own.length) throw notFound('decision in this lesson');
    const all = await this.changes.find({
      where: { markId: In(own.map((mark) => mark.id)) },
      order: { at: 'ASC', id: 'ASC' },
    });
    const back = own.flatMap((mark) => {
      const mine = all.filter((row) => row.markId === mark.id);
      if (mine.at(-1)?.decisionId !== decision) return [];
      const before = mine.slice(0, -1).findLast((row) => row.answer === mark.answer);
      return [{ mark, points: before?.points ?? null }];
    });
    if (!back.length)
      throw badInput(
        'Nothing of this decision stands any more: the marks were decided anew since.',
        'decision',
      );
    return this.append(staff, lesson, back, 'Taken back', decision);
  }

  private async append(
    staff: StaffCaller,
    lesson: Lesson,
    rows: readonly { readonly mark: MarkRow; readonly points: number | null }[],
    reason: string,
    undoes: string | null,
  ): Promise<Decided> {
    const decision = uuidv7();
    const at = this.clock.now();
    await retried(() =>
      this.changes.manager.transaction(async (db) => {
        await db.insert(
          MarkChangeRow,
          rows.map(({ mark, points }) => ({
            id: uuidv7(),
            markId: mark.id,
            decisionId: decision,
            undoes,
            points,
            answer: mark.answer,
            reason: reason.trim(),
            staffId: staff.id,
            at,
          })),
        );
        const [{ mark, points }] = rows as [(typeof rows)[number]];
        const { name } = await db.findOneByOrFail(Student, { id: mark.studentId });
        const others = rows.length - 1;
        await this.audit.add(
          staff,
          'mark-changed',
          {
            subject: rows.length > 1 ? lesson.id : mark.id,
            about: `${name}${others ? ` and ${others} more` : ''}: ${points === null ? 'as computed' : `${points} of ${mark.max}`}, ${reason.trim()}`,
          },
          db,
        );
      }),
    );
    return { decision, marks: rows.length };
  }

  private async cellsOf(marks: readonly MarkRow[]): Promise<{ student: string; cell: MarkCell }[]> {
    const changes = marks.length
      ? await this.changes.find({
          where: { markId: In(marks.map((m) => m.id)) },
          relations: { staff: true },
          order: { at: 'ASC', id: 'ASC' },
        })
      : [];
    return marks.map((m) => {
      const own = changes.filter((c) => c.markId === m.id);
      const stands = standingMark(m, own);
      return {
        student: m.studentId,
        cell: {
          id: m.id,
          key: m.itemKey,
          strand: m.strand,
          sample: m.sampleId,
          answer: m.answer,
          points: stands.points,
          max: m.max,
          verdict: m.verdict,
          computed: { points: m.points },
          open: stands.open,
          reopened: stands.reopened,
          why: m.why,
          changes: own.map((c) => ({
            id: c.id,
            decision: c.decisionId,
            points: c.points,
            answer: c.answer,
            reason: c.reason,
            by: c.staff.name,
            at: c.at.toISOString(),
          })),
        },
      };
    });
  }
}
