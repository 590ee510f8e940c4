import type { Strand } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson } from './lessons.entities.js';
import { MarkRow } from './marking.entities.js';
import { School, Staff } from './people.entities.js';

/** An answer a school has decided on once and for all, under one syllabus: kept for good; taken back it holds no more. */
@Entity('answer_rule')
@Index(['schoolId', 'syllabus', 'at'])
export class AnswerRuleRow {
  @IdColumn() id: string;
  @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  /** Id of a syllabus that ships or of the school's own. */
  @Column({ type: 'varchar', length: 60 }) syllabus: string;
  @Column({ type: 'varchar', length: 16 }) strand: Strand;
  @Column({ type: 'varchar', length: 40, nullable: true }) test: string | null;
  @Column({ type: 'varchar', length: 40, nullable: true }) attribute: string | null;
  /** What was to be seen or named. */
  @JsonColumn() wanted: readonly string[];
  @Column({ type: 'text' }) form: string;
  @Column({ type: 'text' }) example: string;
  @Column({ type: 'int' }) points: number;
  @Column({ type: 'varchar', length: 500 }) reason: string;
  /** The lesson it was made in. */
  @Index() @RefColumn({ nullable: true }) lessonId: string | null;
  @ManyToOne(() => Lesson, { onDelete: 'SET NULL', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson> | null;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
  @TimeColumn({ nullable: true }) undoneAt: Date | null;
  @Index() @RefColumn({ nullable: true }) undoneById: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'undoneById' })
  undoneBy: Relation<Staff> | null;
}

/** A mark somebody wants to come back to. Taken off, the row is gone: a flag is a reminder, no decision. */
@Entity('mark_flag')
export class MarkFlagRow {
  @IdColumn() id: string;
  @Index({ unique: true }) @RefColumn() markId: string;
  @ManyToOne(() => MarkRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'markId' })
  mark: Relation<MarkRow>;
  @Column({ type: 'varchar', length: 200 }) note: string;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}
