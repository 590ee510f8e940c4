/** What every versioned document of a school is made of: a head that says whose it is, and versions that never change. */
import { Column, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { School, Staff } from './people.entities.js';

export abstract class DocumentRow {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  /** Null for what came with Kivex. */
  @Index() @RefColumn({ nullable: true }) ownerId: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'ownerId' })
  owner: Relation<Staff> | null;
  @Column({ type: 'boolean', default: true }) shared: boolean;
  @TimeColumn({ nullable: true }) archivedAt: Date | null;
}

export abstract class DocumentVersionRow {
  @IdColumn() id: string;
  @Column({ type: 'int' }) number: number;
  @Index() @RefColumn({ nullable: true }) authorId: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'authorId' })
  author: Relation<Staff> | null;
  @TimeColumn() createdAt: Date;
}
