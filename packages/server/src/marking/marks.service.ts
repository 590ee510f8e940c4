/** Marks as they stand: what is computed, with what people have decided, by the mark scheme. */
import type { MarkCell, MarkRow as MarkRowView, MarkTable } from '@kivex/contract';
import {
  bestRun,
  groupedBy,
  standingMark,
  totalOf,
  weightOf,
  type Earned,
  type MarkScheme,
} from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository, type EntityManager } from 'typeorm';
import { Together } from '../heavy/together.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import type { MarkFlagRow } from '../records/answer-rules.entities.js';
import { LessonSeat, type Lesson } from '../records/lessons.entities.js';
import { MarkChangeRow, MarkReleaseRow, MarkRow } from '../records/marking.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { ScreenRunRow } from '../records/practising.entities.js';
import { FlagsService } from './flags.service.js';
import { givenOut } from './frozen.js';
import { agreedPoints } from './gradebook-lines.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { SchemeRecordsService } from './scheme-records.service.js';

/** What comes this soon after the end was handed in as the bell went. */
const grace_ms = 2 * 60_000;

@Injectable()
export class MarksService {
  private readonly together = new Together<MarkTable>();

  constructor(
    @InjectRepository(MarkRow) private readonly marks: Repository<MarkRow>,
    private readonly views: LessonViewsService,
    private readonly keeping: MarkKeepingService,
    private readonly schemes: SchemeRecordsService,
    private readonly flags: FlagsService,
  ) {}

  /** The marks of a lesson, a row for each student, in order of groups. */
  table(lesson: Lesson): Promise<MarkTable> {
    return this.together.do(JSON.stringify(lesson), async () => {
      await this.keeping.bringUpToDate(lesson);
      return this.read(lesson);
    });
  }

  /** As `table`, of what is kept. @param db of a transaction under way. */
  async read(lesson: Lesson, db: EntityManager = this.marks.manager): Promise<MarkTable> {
    const lessonId = lesson.id;
    const [
      groups,
      samples,
      handedIn,
      marks,
      changes,
      seats,
      given,
      standing,
      { document },
      caughtUp,
      flags,
      agreed,
    ] = await Promise.all([
      this.views.groupsOf(lessonId),
      this.views.samplesOf(lessonId),
      this.handedIn(lessonId, db),
      db.findBy(MarkRow, { lessonId }),
      this.decisions(lessonId, db),
      db.findBy(LessonSeat, { lessonId, absent: true }),
      this.givenOut(lessonId, db),
      this.schemes.of(lessonId, db),
      db.findOneByOrFail(PracticalVersion, { id: lesson.practicalVersionId }),
      this.caughtUp(lessonId, db),
      this.flags.of(lessonId, db),
      agreedPoints(lessonId, db),
    ]);
    const { scheme } = standing;
    const cells = groupedBy(marks, (m) => m.studentId);
    const absent = new Set(seats.map((s) => s.studentId));
    const place = new Map(samples.map((s) => [s.id, s.position]));
    const testOrder = new Map<string | null, number>(document.tests.map((t, i) => [t.test, i]));
    // By sample; its tests in the order of the practical, its name last.
    const order = (c: MarkCell) =>
      (place.get(c.sample) ?? 0) * 100 + (c.strand === 'conclusion' ? 99 : (testOrder.get(c.test) ?? 0));
    const rows = groups.flatMap((group) =>
      group.students.map((student): MarkRowView => {
        const away = absent.has(student.id);
        const own = (away ? [] : (cells.get(student.id) ?? []))
          .map((mark) => cellOf(mark, changes.get(mark.id) ?? [], scheme, flags.get(mark.id)))
          // What the scheme does not count is shown where somebody has decided on it, or another scheme would count it.
          .filter((c) => c.weight > 0 || c.changes.length > 0 || c.attribute !== 'order')
          .sort((a, b) => order(a) - order(b));
        const at = handedIn.get(student.id) ?? null;
        const late =
          at !== null && lesson.endedAt !== null && Date.parse(at) > lesson.endedAt.getTime() + grace_ms;
        const made = away ? (caughtUp.get(student.id) ?? null) : null;
        const row = {
          student,
          group: group.name,
          groupId: group.id,
          handedInAt: at,
          late,
          absent: away,
          caughtUp: made,
          ...totalOf(scheme, own, late),
          ...made,
          cells: own,
          agreed: agreed.get(student.id) ?? null,
        };
        return { ...row, given: givenOut(row, given.get(student.id)?.marks) };
      }),
    );
    return {
      released: lesson.state === 'released',
      rows,
      open: rows.reduce((n, row) => n + row.cells.filter((c) => c.open).length, 0),
      scheme: standing,
    };
  }

  /** One mark of a lesson. */
  async cell(lesson: Lesson, markId: string): Promise<MarkCell> {
    const [mark, changes, { scheme }, flags] = await Promise.all([
      this.marks.findOneByOrFail({ id: markId, lessonId: lesson.id }),
      this.decisions(lesson.id),
      this.schemes.of(lesson.id),
      this.flags.of(lesson.id),
    ]);
    return cellOf(mark, changes.get(markId) ?? [], scheme, flags.get(markId));
  }

  /** What each student can see now, by student id. */
  async givenOut(
    lessonId: string,
    db: EntityManager = this.marks.manager,
  ): Promise<ReadonlyMap<string, MarkReleaseRow>> {
    const rows = await db.find(MarkReleaseRow, { where: { lessonId }, order: { at: 'ASC', id: 'ASC' } });
    const last = new Map(rows.map((row) => [row.studentId, row]));
    for (const [student, row] of last) if (row.withdrawnAt) last.delete(student);
    return last;
  }

  /** What one student can see now; undefined where nothing. */
  async givenTo(lessonId: string, studentId: string): Promise<MarkReleaseRow | undefined> {
    const last = await this.marks.manager.findOne(MarkReleaseRow, {
      where: { lessonId, studentId },
      order: { at: 'DESC', id: 'DESC' },
    });
    return last && !last.withdrawnAt ? last : undefined;
  }

  /** What stands in the gradebook instead of a student's mark; null where nothing was agreed to. */
  async agreedFor(lessonId: string, studentId: string): Promise<number | null> {
    return (await agreedPoints(lessonId, this.marks.manager, studentId)).get(studentId) ?? null;
  }

  /** What each student made up on screen, by student id: their best run, where catch-up is set. */
  private async caughtUp(lessonId: string, db: EntityManager): Promise<ReadonlyMap<string, Earned>> {
    const runs = await db.find(ScreenRunRow, {
      where: { work: { lessonId, kind: 'catch-up' } },
      select: { id: true, studentId: true, passed: true, points: true, max: true, slips: true, waived: true },
    });
    return new Map(
      [...groupedBy(runs, (r) => r.studentId)].flatMap(([student, own]) => {
        const best = bestRun(own);
        return best ? [[student, { points: best.points, max: best.max }] as const] : [];
      }),
    );
  }

  /** Decisions by mark, oldest first. */
  private async decisions(lessonId: string, db: EntityManager = this.marks.manager) {
    const rows = await db.find(MarkChangeRow, {
      where: { mark: { lessonId } },
      relations: { staff: true },
      order: { at: 'ASC', id: 'ASC' },
    });
    return groupedBy(rows, (row) => row.markId);
  }

  /** When each student first handed in, by student id. */
  private async handedIn(lessonId: string, db: EntityManager): Promise<ReadonlyMap<string, string>> {
    const rows = await db.query<{ studentId: string; at: Date | null }[]>(
      "SELECT studentId, MIN(at) at FROM lesson_event WHERE lessonId = ? AND type = 'hand-in' AND studentId IS NOT NULL GROUP BY studentId",
      [lessonId],
    );
    return new Map(
      rows.flatMap(({ studentId, at }) =>
        at && !Number.isNaN(at.getTime()) ? [[studentId, at.toISOString()] as const] : [],
      ),
    );
  }
}

function cellOf(
  m: MarkRow,
  changes: readonly MarkChangeRow[],
  scheme: MarkScheme,
  flag: MarkFlagRow | undefined,
): MarkCell {
  const { points, open, reopened } = standingMark(m, changes);
  return {
    id: m.id,
    key: m.itemKey,
    strand: m.strand,
    sample: m.sampleId,
    test: m.test,
    attribute: m.attribute,
    answer: m.answer,
    weight: weightOf(scheme, m),
    points,
    max: m.max,
    verdict: m.verdict,
    computed: { points: m.points },
    open,
    reopened,
    why: m.why,
    changes: changes.map((c) => ({
      id: c.id,
      decision: c.decisionId,
      points: c.points,
      answer: c.answer,
      reason: c.reason,
      by: c.staff.name,
      at: c.at.toISOString(),
    })),
    flag: flag ? { note: flag.note, by: flag.staff.name } : null,
  };
}
