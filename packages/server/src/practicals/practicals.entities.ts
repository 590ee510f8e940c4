import type { Practical as PracticalDocument } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from '../database/columns.js';
import { School } from '../people/people.entities.js';

@Entity('practical')
export class Practical {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
}

/** One version of a practical; lessons point at the version they were made from. */
@Entity('practical_version')
@Index(['practicalId', 'number'], { unique: true })
export class PracticalVersion {
  @IdColumn() id: string;
  @RefColumn() practicalId: string;
  @ManyToOne(() => Practical, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'practicalId' })
  practical: Relation<Practical>;
  @Column({ type: 'int' }) number: number;
  @JsonColumn() document: PracticalDocument;
  @TimeColumn() createdAt: Date;
}
