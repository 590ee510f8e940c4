/** A decision on an answer that becomes a rule of the school: tried out, made, taken back; marks follow at once. */
import type { NewRule, RulePreview, SchoolRule } from '@kivex/contract';
import { canBeRule, readingForm, ruleOf, wantedOf, type AnswerPlace, type AnswerRule } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { setImmediate as breath } from 'node:timers/promises';
import { DataSource, In, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { AuditService } from '../audit/audit.service.js';
import { Clock } from '../clock/clock.js';
import { badInput, conflict, forbidden, notFound } from '../problems/problems.js';
import { AnswerRuleRow } from '../records/answer-rules.entities.js';
import { Lesson, LessonSample } from '../records/lessons.entities.js';
import { MarkRow } from '../records/marking.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { retried } from '../records/retried.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { PreviewsService } from './previews.service.js';
import { mostRules, RuleRecordsService } from './rule-records.service.js';

/** Answers of other lessons looked through for a preview. */
const mostAnswers = 20_000;
/** Answers read before others get their turn. */
const atOnce = 200;

@Injectable()
export class AnswerRulesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly clock: Clock,
    private readonly records: RuleRecordsService,
    private readonly keeping: MarkKeepingService,
    private readonly previews: PreviewsService,
    private readonly audit: AuditService,
  ) {}

  /** All rules of the school, the newest first, those taken back too. */
  async list(staff: StaffCaller): Promise<SchoolRule[]> {
    const rows = await this.source.manager.find(AnswerRuleRow, {
      where: { schoolId: staff.schoolId },
      relations: { staff: true, undoneBy: true },
      order: { at: 'DESC', id: 'DESC' },
      take: mostRules,
    });
    return rows.map((row) => viewOf(row, staff));
  }

  /** Whose marks would move by how much, here and in lessons whose marks have never been given out; nothing is kept. */
  async preview(
    staff: StaffCaller,
    lesson: Lesson,
    { mark, points }: Pick<NewRule, 'mark' | 'points'>,
  ): Promise<RulePreview> {
    const { rule, rules, syllabus } = await this.under(lesson, mark, points);
    const [here, elsewhere] = [
      await this.previews.of(lesson, { rules }),
      await this.elsewhere(staff, lesson, syllabus, rule),
    ];
    return { ...here, elsewhere };
  }

  /** Makes the rule and works the marks of this lesson out anew; those of others follow when they are next looked at. */
  async make(staff: StaffCaller, lesson: Lesson, { mark, points, reason }: NewRule): Promise<SchoolRule> {
    const { rule, rules, syllabus } = await this.under(lesson, mark, points);
    const begun = lesson.state !== 'planned';
    const drafts = begun ? await this.keeping.draftAll(lesson, { rules }) : [];
    await retried(() =>
      this.source.transaction(async (db) => {
        const held = await this.heldOpen(lesson, db);
        await db.insert(AnswerRuleRow, {
          ...rule,
          schoolId: staff.schoolId,
          syllabus,
          reason: reason.trim(),
          lessonId: lesson.id,
          staffId: staff.id,
          at: this.clock.now(),
          undoneAt: null,
          undoneById: null,
        });
        await this.makeStale(staff.schoolId, syllabus, db);
        if (begun) await this.keeping.keepAll(held, drafts, db, { rules });
        await this.audit.add(
          staff,
          'rule-made',
          {
            subject: rule.id,
            about: `“${rule.example}”: ${points}. ${ruleOf(rule)}; ${reason.trim()}`.slice(0, 500),
          },
          db,
        );
      }),
    );
    return (await this.list(staff)).find(({ id }) => id === rule.id)!;
  }

  /** Takes a rule back: marks are again what they were without it, but where they have been given out. */
  async undo(staff: StaffCaller, id: string): Promise<void> {
    const row = await this.source.manager.findOneBy(AnswerRuleRow, { id, schoolId: staff.schoolId });
    if (!row) throw notFound('rule');
    if (!mayUndo(row, staff))
      throw forbidden('Only the one who made a rule or the head of department takes it back.');
    if (row.undoneAt) throw conflict('This rule has been taken back already.');
    await retried(() =>
      this.source.transaction(async (db) => {
        await db.update(AnswerRuleRow, { id }, { undoneAt: this.clock.now(), undoneById: staff.id });
        await this.makeStale(staff.schoolId, row.syllabus, db);
        await this.audit.add(
          staff,
          'rule-undone',
          { subject: id, about: `“${row.example}”. ${ruleOf(row)}`.slice(0, 500) },
          db,
        );
      }),
    );
  }

  /** The rule as it would be, with all that hold beside it. @throws 404, 422 where no rule can be made of it. */
  private async under(lesson: Lesson, markId: string, points: number) {
    const db = this.source.manager;
    const [mark, { document }] = await Promise.all([
      db.findOneBy(MarkRow, { id: markId, lessonId: lesson.id }),
      db.findOneByOrFail(PracticalVersion, { id: lesson.practicalVersionId }),
    ]);
    if (!mark) throw notFound('mark in this lesson');
    const { strand, test, attribute, answer, max } = mark;
    if (!canBeRule(strand) || !answer.trim())
      throw badInput('A rule is made of what was seen or named; decide the others one by one.', 'mark');
    if (points > max)
      throw badInput(`This item has ${max} ${max === 1 ? 'point' : 'points'} at most.`, 'points');
    const { ions, position } = await db.findOneByOrFail(LessonSample, { id: mark.sampleId });
    const form = document.samples[position]?.form ?? 'solid';
    const rule: AnswerRule = {
      id: uuidv7(),
      strand,
      test,
      attribute,
      wanted: wantedOf(document, mark, { ions, form }),
      form: readingForm(strand, answer),
      example: answer,
      points,
    };
    const holding = await this.records.holdingFor(lesson, document.syllabus);
    return { rule, rules: [...holding, rule], syllabus: document.syllabus };
  }

  private async heldOpen(lesson: Lesson, db: EntityManager): Promise<Lesson> {
    const held = await db.findOneOrFail(Lesson, {
      where: { id: lesson.id },
      lock: { mode: 'pessimistic_write' },
    });
    if (held.state === 'released')
      throw conflict('These marks have been given out. Take them back first, then make the rule.');
    return held;
  }

  /** Has the marks of all lessons that this syllabus marks, and that were never given out, worked out when next looked at. */
  private async makeStale(schoolId: string, syllabus: string, db: EntityManager): Promise<void> {
    await db.query(
      `UPDATE lesson_group g JOIN lesson l ON l.id = g.lessonId
       JOIN practical_version v ON v.id = l.practicalVersionId
       SET g.markedSeq = NULL
       WHERE l.schoolId = ? AND l.firstReleasedAt IS NULL AND l.state <> 'planned'
         AND JSON_VALUE(v.document, '$.syllabus') = ?`,
      [schoolId, syllabus],
    );
  }

  /** Answers in other lessons that the rule would mark otherwise than they are marked now. */
  private async elsewhere(
    staff: StaffCaller,
    lesson: Lesson,
    syllabus: string,
    rule: AnswerRule,
  ): Promise<RulePreview['elsewhere']> {
    const db = this.source.manager;
    const place = `m.strand = ? AND m.test ${rule.test === null ? 'IS NULL' : '= ?'} AND m.attribute ${rule.attribute === null ? 'IS NULL' : '= ?'}`;
    const rows = await db.query<
      {
        lessonId: string;
        versionId: string;
        answer: string;
        stands: number;
        open: number;
        ions: string;
        position: number;
      }[]
    >(
      `SELECT m.lessonId, l.practicalVersionId versionId, m.answer, m.stands, m.open, s.ions, s.position
       FROM mark m JOIN lesson l ON l.id = m.lessonId
       JOIN practical_version v ON v.id = l.practicalVersionId JOIN lesson_sample s ON s.id = m.sampleId
       WHERE l.schoolId = ? AND l.id <> ? AND l.firstReleasedAt IS NULL AND l.state <> 'planned'
         AND JSON_VALUE(v.document, '$.syllabus') = ? AND ${place} LIMIT ${mostAnswers}`,
      [
        staff.schoolId,
        lesson.id,
        syllabus,
        rule.strand,
        ...(rule.test === null ? [] : [rule.test]),
        ...(rule.attribute === null ? [] : [rule.attribute]),
      ],
    );
    const versions = new Map(
      rows.length
        ? (await db.findBy(PracticalVersion, { id: In([...new Set(rows.map((r) => r.versionId))]) })).map(
            (v) => [v.id, v.document] as const,
          )
        : [],
    );
    const lessons = new Set<string>();
    let answers = 0;
    for (const [i, row] of rows.entries()) {
      if (i % atOnce === atOnce - 1) await breath();
      if ((!row.open && row.stands === rule.points) || readingForm(rule.strand, row.answer) !== rule.form)
        continue;
      const document = versions.get(row.versionId)!;
      const sample = {
        ions: JSON.parse(row.ions) as string[],
        form: document.samples[row.position]?.form ?? ('solid' as const),
      };
      if (wantedOf(document, rule, sample).join() !== rule.wanted.join()) continue;
      answers += 1;
      lessons.add(row.lessonId);
    }
    return { lessons: lessons.size, answers };
  }
}

const mayUndo = (row: AnswerRuleRow, staff: Pick<StaffCaller, 'id' | 'role'>): boolean =>
  row.staffId === staff.id || staff.role === 'head';

function viewOf(row: AnswerRuleRow, staff: StaffCaller): SchoolRule {
  const { id, syllabus, strand, test, attribute, wanted, example, points, reason } = row;
  return {
    id,
    syllabus,
    ...({ strand, test, attribute, wanted } satisfies AnswerPlace),
    example,
    points,
    reason,
    by: row.staff.name,
    at: row.at.toISOString(),
    may: mayUndo(row, staff),
    undone: row.undoneAt ? { by: row.undoneBy?.name ?? '', at: row.undoneAt.toISOString() } : null,
  };
}
