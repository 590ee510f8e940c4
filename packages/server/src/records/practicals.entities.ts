import { upToDate, type Practical as PracticalDocument } from '@kivex/core';
import { Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { JsonColumn, RefColumn } from './columns.js';
import { DocumentRow, DocumentVersionRow } from './documents.entities.js';

@Entity('practical')
export class Practical extends DocumentRow {}

/** One version of a practical; lessons point at the version they were made from. */
@Entity('practical_version')
@Index(['practicalId', 'number'], { unique: true })
export class PracticalVersion extends DocumentVersionRow {
  @JsonColumn({}, upToDate) document: PracticalDocument;
  @RefColumn() practicalId: string;
  @ManyToOne(() => Practical, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'practicalId' })
  practical: Relation<Practical>;
}
