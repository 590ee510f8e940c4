import { syllabusUpToDate, type Syllabus as SyllabusDocument } from '@kivex/core';
import { Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { JsonColumn, RefColumn } from './columns.js';
import { DocumentRow, DocumentVersionRow } from './documents.entities.js';

@Entity('syllabus')
export class Syllabus extends DocumentRow {}

/** One version of a school's own syllabus; practicals carry the version they were saved with, whole. */
@Entity('syllabus_version')
@Index(['syllabusId', 'number'], { unique: true })
export class SyllabusVersion extends DocumentVersionRow {
  @JsonColumn({}, syllabusUpToDate) document: SyllabusDocument;
  @RefColumn() syllabusId: string;
  @ManyToOne(() => Syllabus, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'syllabusId' })
  syllabus: Relation<Syllabus>;
}
