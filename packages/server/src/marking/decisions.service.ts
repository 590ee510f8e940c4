/** What people decide of marks: kept for good beside what is computed, and taken back by one more decision. */
import type { Decided, MarkCell, NewDecision } from '@kivex/contract';
import { filledComment } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { badInput, notFound } from '../problems/problems.js';
import type { Lesson } from '../records/lessons.entities.js';
import { MarkChangeRow, MarkRow } from '../records/marking.entities.js';
import { Student } from '../records/people.entities.js';
import { retried } from '../records/retried.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { MarksService } from './marks.service.js';

@Injectable()
export class DecisionsService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(MarkRow) private readonly marks: Repository<MarkRow>,
    @InjectRepository(MarkChangeRow) private readonly changes: Repository<MarkChangeRow>,
    private readonly reading: MarksService,
    private readonly keeping: MarkKeepingService,
    private readonly audit: AuditService,
  ) {}

  /** Changes a mark: one more entry that says who, when and why. */
  async change(
    staff: StaffCaller,
    lesson: Lesson,
    markId: string,
    points: number,
    reason: string,
  ): Promise<MarkCell> {
    await this.decide(staff, lesson, { marks: [markId], points, reason });
    return this.reading.cell(lesson, markId);
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
    await retried(() =>
      this.changes.manager.transaction(async (db) => {
        const ids = rows.map(({ mark }) => mark.id).sort();
        // One after another where two decide of the same: the one who comes second decides later, and stands.
        await db.find(MarkRow, {
          where: { id: In(ids) },
          select: { id: true },
          order: { id: 'ASC' },
          lock: { mode: 'pessimistic_write' },
        });
        const at = this.clock.now();
        await db.insert(
          MarkChangeRow,
          rows.map(({ mark, points }) => ({
            id: uuidv7(),
            markId: mark.id,
            decisionId: decision,
            undoes,
            points,
            answer: mark.answer,
            reason: filledComment(reason, mark.answer),
            staffId: staff.id,
            at,
          })),
        );
        await this.keeping.restand({ id: In(ids) }, db);
        const [{ mark, points }] = rows as [(typeof rows)[number]];
        const { name } = await db.findOneByOrFail(Student, { id: mark.studentId });
        const others = rows.length - 1;
        await this.audit.add(
          staff,
          'mark-changed',
          {
            subject: rows.length > 1 ? lesson.id : mark.id,
            about: `${name}${others ? ` and ${others} more` : ''}: ${points === null ? 'as computed' : `${points} of ${mark.max}`}, ${filledComment(reason, mark.answer)}`,
          },
          db,
        );
      }),
    );
    return { decision, marks: rows.length };
  }
}
