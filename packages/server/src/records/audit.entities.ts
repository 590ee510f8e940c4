import type { AuditAction } from '@kivex/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { School, Staff } from './people.entities.js';

/** What a member of staff did to people, marks or lessons. Rows are added, never changed. */
@Entity('audit_entry')
@Index(['schoolId', 'id'])
export class AuditEntryRow {
  @IdColumn() id: string;
  @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
  @Column({ type: 'varchar', length: 40 }) action: AuditAction;
  /** What it was done to, by id; the thing itself may be gone. */
  @RefColumn({ nullable: true }) subject: string | null;
  /** The same in words, as it was then. */
  @Column({ type: 'varchar', length: 300 }) about: string;
}
