/** The trail of what staff did to people, marks and lessons; kept for good, read by the head of department. */
import type { AuditAction, AuditEntry } from '@kivex/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { AuditEntryRow } from '../records/audit.entities.js';
import { Clock } from '../clock/clock.js';

export interface Done {
  /** Id of what it was done to. */
  readonly subject: string | null;
  /** The same in words, as it was then; no answers of students. */
  readonly about: string;
}

@Injectable()
export class AuditService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(AuditEntryRow) private readonly rows: Repository<AuditEntryRow>,
  ) {}

  /** @param db the transaction that what was done belongs to, where there is one. */
  async add(
    by: { readonly id: string; readonly schoolId: string },
    action: AuditAction,
    { subject, about }: Done,
    db: EntityManager = this.rows.manager,
  ): Promise<void> {
    await db.insert(AuditEntryRow, {
      id: uuidv7(),
      schoolId: by.schoolId,
      staffId: by.id,
      at: this.clock.now(),
      action,
      subject,
      about: [...about].slice(0, 290).join(''),
    });
  }

  /** Newest first. @param before id of the last entry of the page before this one. */
  async page(schoolId: string, most: number, before?: string): Promise<AuditEntry[]> {
    const query = this.rows
      .createQueryBuilder('a')
      .innerJoinAndSelect('a.staff', 'staff')
      .where('a.schoolId = :schoolId', { schoolId })
      // Ids are made in the order of time.
      .orderBy('a.id', 'DESC')
      .take(most);
    if (before) query.andWhere('a.id < :before', { before });
    return (await query.getMany()).map(({ id, at, staff, action, about }) => ({
      id,
      at: at.toISOString(),
      by: staff.name,
      action,
      about,
    }));
  }
}
