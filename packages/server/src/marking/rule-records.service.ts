/** What schools have decided of answers once and for all, as it is kept. */
import type { AnswerRule } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, Repository, type EntityManager } from 'typeorm';
import { AnswerRuleRow } from '../records/answer-rules.entities.js';
import type { Lesson } from '../records/lessons.entities.js';

/** Rules under one syllabus that hold at once, at most; the oldest beyond it hold no more. */
export const mostRules = 500;

@Injectable()
export class RuleRecordsService {
  constructor(@InjectRepository(AnswerRuleRow) private readonly rows: Repository<AnswerRuleRow>) {}

  /** The rules that hold for a lesson, oldest first. @param syllabus the id its practical names. */
  async holdingFor(
    { schoolId }: Pick<Lesson, 'schoolId'>,
    syllabus: string,
    db: EntityManager = this.rows.manager,
  ): Promise<AnswerRule[]> {
    const rows = await db.find(AnswerRuleRow, {
      where: { schoolId, syllabus, undoneAt: IsNull() },
      order: { at: 'DESC', id: 'DESC' },
      take: mostRules,
    });
    return rows.reverse();
  }
}
