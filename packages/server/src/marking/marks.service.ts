/** Marks: computed from the log, changed by people with a reason, never overwritten. */
import type { MarkCell, MarkRow as MarkRowView, MarkTable, WireEvent } from '@kivex/contract';
import { lessonMarks, readGroup, type GroupRecord } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { Lesson, type LessonSample } from '../lessons/lessons.entities.js';
import { PracticalVersion } from '../practicals/practicals.entities.js';
import { LessonLogService } from '../observing/lesson-log.service.js';
import { badInput, notFound } from '../problems/problems.js';
import { MarkChangeRow, MarkRow } from './marking.entities.js';

interface MarkedGroup {
  readonly students: readonly string[];
  readonly unknowns: readonly string[];
  readonly record: GroupRecord;
}

@Injectable()
export class MarksService {
  constructor(
    @InjectRepository(MarkRow) private readonly marks: Repository<MarkRow>,
    @InjectRepository(MarkChangeRow) private readonly changes: Repository<MarkChangeRow>,
    @InjectRepository(Lesson) private readonly lessons: Repository<Lesson>,
    @InjectRepository(PracticalVersion) private readonly versions: Repository<PracticalVersion>,
    private readonly views: LessonViewsService,
    private readonly log: LessonLogService,
  ) {}

  /** Marks every student of a lesson anew on what is in the log. */
  async computeAll(lesson: Lesson): Promise<void> {
    const [groups, samples, events] = await Promise.all([
      this.views.groupsOf(lesson.id),
      this.views.samplesOf(lesson.id),
      this.log.ofLesson(lesson.id),
    ]);
    await this.compute(
      lesson,
      samples,
      groups.map((g) => ({
        students: g.students.map((s) => s.id),
        unknowns: g.unknowns,
        record: readGroup(events.filter((e) => e.group === g.id)),
      })),
    );
  }

  /** Marks one group anew: everyone once the lesson has ended, before that those who have handed in. */
  async computeGroup(lesson: Lesson, groupId: string): Promise<void> {
    const [groups, samples, record] = await Promise.all([
      this.views.groupsOf(lesson.id),
      this.views.samplesOf(lesson.id),
      this.log.recordOf(groupId),
    ]);
    const group = groups.find((g) => g.id === groupId);
    if (!group) return;
    const students = group.students
      .map((s) => s.id)
      .filter((id) => lesson.state !== 'running' || record.handedIn[id] !== undefined);
    if (students.length)
      await this.compute(lesson, samples, [{ students, unknowns: group.unknowns, record }]);
  }

  /** Brings marks up to date after new entries: at a hand-in, and whenever the group has marks already. */
  async afterEntries(lessonId: string, groupId: string, fresh: readonly WireEvent[]): Promise<void> {
    const kinds = new Set(fresh.map((e) => e.body.type));
    if (!kinds.has('hand-in')) {
      if (!kinds.has('observation') && !kinds.has('naming')) return;
      const marked = await this.marks.query<{ id: string }[]>(
        'SELECT m.id FROM lesson_seat s JOIN mark m ON m.lessonId = s.lessonId AND m.studentId = s.studentId WHERE s.groupId = ? LIMIT 1',
        [groupId],
      );
      if (!marked.length) return;
    }
    const lesson = await this.lessons.findOneByOrFail({ id: lessonId });
    await this.computeGroup(lesson, groupId);
  }

  private async compute(
    lesson: Lesson,
    samples: readonly LessonSample[],
    groups: readonly MarkedGroup[],
  ): Promise<void> {
    const { document } = await this.versions.findOneByOrFail({ id: lesson.practicalVersionId });
    const computedAt = new Date();
    const rows = groups.flatMap(({ students, unknowns, record }) => {
      const mine = samples
        .filter((s) => s.role === 'known' || unknowns.includes(s.id))
        .map((s) => ({ ...s, form: document.samples[s.position]?.form ?? ('solid' as const) }));
      return students.flatMap((studentId) =>
        lessonMarks(document, mine, record, studentId).map(
          ({ key, strand, sample, answer, points, max, verdict, why }) => ({
            id: uuidv7(),
            lessonId: lesson.id,
            studentId,
            sampleId: sample,
            itemKey: key,
            strand,
            answer,
            points,
            max,
            verdict,
            why,
            computedAt,
          }),
        ),
      );
    });
    if (!rows.length) return;
    await this.marks
      .createQueryBuilder()
      .insert()
      .values(rows)
      .orUpdate(
        ['answer', 'points', 'max', 'verdict', 'why', 'computedAt'],
        ['lessonId', 'studentId', 'itemKey'],
      )
      .updateEntity(false)
      .execute();
  }

  /** The marks of a lesson, a row for each student, in order of groups. */
  async table(lesson: Lesson): Promise<MarkTable> {
    const [groups, samples, events, marks] = await Promise.all([
      this.views.groupsOf(lesson.id),
      this.views.samplesOf(lesson.id),
      this.log.ofLesson(lesson.id),
      this.marks.findBy({ lessonId: lesson.id }),
    ]);
    const cells = await this.cellsOf(marks);
    const place = new Map(samples.map((s) => [s.id, s.position]));
    const { document } = await this.versions.findOneByOrFail({ id: lesson.practicalVersionId });
    const testOrder = new Map<string, number>(document.tests.map((t, i) => [t.test, i]));
    // By sample; its tests in the order of the practical, its name last.
    const order = (c: MarkCell) =>
      (place.get(c.sample) ?? 0) * 100 +
      (c.strand === 'conclusion' ? 99 : (testOrder.get(c.key.split(':')[2] ?? '') ?? 0));
    const rows = groups.flatMap((group) => {
      const { handedIn } = readGroup(events.filter((e) => e.group === group.id));
      return group.students.map((student): MarkRowView => {
        const own = cells
          .filter((c) => c.student === student.id)
          .map((c) => c.cell)
          .sort((a, b) => order(a) - order(b));
        return {
          student,
          group: group.name,
          handedInAt: handedIn[student.id] ?? null,
          points: own.reduce((sum, c) => sum + c.points, 0),
          max: own.reduce((sum, c) => sum + c.max, 0),
          cells: own,
        };
      });
    });
    return {
      released: lesson.state === 'released',
      rows,
      open: rows.reduce((n, row) => n + row.cells.filter((c) => c.open).length, 0),
    };
  }

  /** The marks of one student in a lesson. */
  async ofStudent(lessonId: string, studentId: string): Promise<MarkCell[]> {
    return (await this.cellsOf(await this.marks.findBy({ lessonId, studentId }))).map((c) => c.cell);
  }

  /** Changes a mark: one more entry that says who, when and why. */
  async change(
    staff: StaffCaller,
    lesson: Lesson,
    markId: string,
    points: number,
    reason: string,
  ): Promise<MarkCell> {
    const mark = await this.marks.findOneBy({ id: markId, lessonId: lesson.id });
    if (!mark) throw notFound('mark in this lesson');
    if (points > mark.max)
      throw badInput(`This item has ${mark.max} ${mark.max === 1 ? 'point' : 'points'} at most.`, 'points');
    await this.changes.insert({
      id: uuidv7(),
      markId,
      points,
      reason: reason.trim(),
      staffId: staff.id,
      at: new Date(),
    });
    return (await this.cellsOf([mark]))[0]!.cell;
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
      const last = own.at(-1);
      return {
        student: m.studentId,
        cell: {
          id: m.id,
          key: m.itemKey,
          strand: m.strand,
          sample: m.sampleId,
          answer: m.answer,
          points: last?.points ?? m.points,
          max: m.max,
          verdict: m.verdict,
          open: m.verdict === 'review' && !last,
          why: m.why,
          changes: own.map((c) => ({
            id: c.id,
            points: c.points,
            reason: c.reason,
            by: c.staff.name,
            at: c.at.toISOString(),
          })),
        },
      };
    });
  }
}
