/** The mark schemes lessons were given, as they are kept. */
import type { StandingScheme } from '@kivex/contract';
import { evenScheme } from '@kivex/core';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository, type EntityManager } from 'typeorm';
import { MarkSchemeRow } from '../records/marking.entities.js';

@Injectable()
export class SchemeRecordsService {
  constructor(@InjectRepository(MarkSchemeRow) private readonly rows: Repository<MarkSchemeRow>) {}

  /** All a lesson was given, oldest first. */
  history(lessonId: string, db: EntityManager = this.rows.manager): Promise<MarkSchemeRow[]> {
    return db.find(MarkSchemeRow, {
      where: { lessonId },
      relations: { staff: true },
      order: { at: 'ASC', id: 'ASC' },
    });
  }

  /** The one that stands; every point the same where nobody has set one. */
  async of(lessonId: string, db?: EntityManager): Promise<StandingScheme> {
    const all = await this.history(lessonId, db);
    const last = all.at(-1);
    return {
      id: last?.id ?? null,
      scheme: last?.scheme ?? evenScheme,
      by: last?.staff.name ?? null,
      at: last?.at.toISOString() ?? null,
      reason: last?.reason ?? null,
      changes: Math.max(0, all.length - 1),
    };
  }
}
