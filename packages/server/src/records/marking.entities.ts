import type { FrozenMarks } from '@kivex/contract';
import type { MarkScheme, Reason, Strand, Verdict } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson, LessonSample } from './lessons.entities.js';
import { Staff, Student } from './people.entities.js';

/**
 * A computed mark; what a person decides stands in `mark_change`. `stands` and `open` are what both come to, written with
 * either, so that a school's marks can be counted where they lie.
 */
@Entity('mark')
@Index(['lessonId', 'studentId', 'itemKey'], { unique: true })
// Holds all that a school's review counts, so that its rows need not be read.
@Index(['lessonId', 'sampleId', 'strand', 'test', 'attribute', 'studentId', 'stands', 'max', 'open'])
export class MarkRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  @Index() @RefColumn() sampleId: string;
  @ManyToOne(() => LessonSample, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'sampleId' })
  sample: Relation<LessonSample>;
  @Column({ type: 'varchar', length: 120 }) itemKey: string;
  @Column({ type: 'varchar', length: 16 }) strand: Strand;
  @Column({ type: 'varchar', length: 40, nullable: true }) test: string | null;
  @Column({ type: 'varchar', length: 40, nullable: true }) attribute: string | null;
  @Column({ type: 'text' }) answer: string;
  @Column({ type: 'int' }) points: number;
  @Column({ type: 'int' }) max: number;
  @Column({ type: 'varchar', length: 8 }) verdict: Verdict;
  @JsonColumn() why: readonly Reason[];
  @TimeColumn() computedAt: Date;
  /** Points that stand. */
  @Column({ type: 'int' }) stands: number;
  /** A person has still to look. */
  @Column({ type: 'boolean' }) open: boolean;
}

/**
 * One decision of a person on one mark: kept for good. The last that judged the answer as it is now stands; null points
 * give the mark back to what is computed. The database refuses to change or remove a row (`mark-decisions` migration).
 */
@Entity('mark_change')
export class MarkChangeRow {
  @IdColumn() id: string;
  @Index() @RefColumn() markId: string;
  @ManyToOne(() => MarkRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'markId' })
  mark: Relation<MarkRow>;
  /** Marks decided together have the same. */
  @Index() @RefColumn() decisionId: string;
  /** The decision this one takes back. */
  @RefColumn({ nullable: true }) undoes: string | null;
  @Column({ type: 'int', nullable: true }) points: number | null;
  /** The answer that was judged. */
  @Column({ type: 'text' }) answer: string;
  @Column({ type: 'varchar', length: 500 }) reason: string;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}

/** A mark scheme a lesson was given: kept for good; the last stands. */
@Entity('mark_scheme')
@Index(['lessonId', 'at'])
export class MarkSchemeRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @JsonColumn() scheme: MarkScheme;
  @Column({ type: 'varchar', length: 500 }) reason: string;
  /** The scheme this one takes back. */
  @RefColumn({ nullable: true }) undoes: string | null;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}

/** The marks a student was given out, as they were then. Withdrawn or given out anew, the row stays. */
@Entity('mark_release')
@Index(['lessonId', 'studentId', 'at'])
export class MarkReleaseRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  /** What was given out, and what it was computed from. */
  @JsonColumn() marks: FrozenMarks;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
  @TimeColumn({ nullable: true }) withdrawnAt: Date | null;
  @Index() @RefColumn({ nullable: true }) withdrawnById: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'withdrawnById' })
  withdrawnBy: Relation<Staff> | null;
}

/** A sample was found to hold something else: kept for good; the sample itself says what holds now. */
@Entity('sample_held')
@Index(['lessonId', 'at'])
export class SampleHeldRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() sampleId: string;
  @ManyToOne(() => LessonSample, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'sampleId' })
  sample: Relation<LessonSample>;
  @JsonColumn() before: readonly string[];
  @JsonColumn() after: readonly string[];
  @Column({ type: 'varchar', length: 500 }) reason: string;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}

/** A student's question about a mark that was given out, and the answer. */
@Entity('mark_question')
@Index(['lessonId', 'studentId', 'at'])
export class MarkQuestionRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  @Column({ type: 'varchar', length: 120 }) itemKey: string;
  @Column({ type: 'varchar', length: 500 }) text: string;
  @TimeColumn() at: Date;
  @Column({ type: 'varchar', length: 500, nullable: true }) answer: string | null;
  @TimeColumn({ nullable: true }) answeredAt: Date | null;
  @Index() @RefColumn({ nullable: true }) answeredById: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'answeredById' })
  answeredBy: Relation<Staff> | null;
}

/** Marks of a lesson given to somebody else to be marked again, blind. */
@Entity('second_marking')
export class SecondMarkingRow {
  @IdColumn() id: string;
  @Index() @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() markerId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'markerId' })
  marker: Relation<Staff>;
  @Index() @RefColumn() askedById: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'askedById' })
  askedBy: Relation<Staff>;
  @Column({ type: 'int' }) tolerance: number;
  @TimeColumn() at: Date;
}

/** One answer of a second marking, as it was and what it had when it was drawn. */
@Entity('second_mark')
@Index(['markingId', 'place'], { unique: true })
export class SecondMarkRow {
  @IdColumn() id: string;
  @RefColumn() markingId: string;
  @ManyToOne(() => SecondMarkingRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'markingId' })
  marking: Relation<SecondMarkingRow>;
  @Index() @RefColumn() markId: string;
  @ManyToOne(() => MarkRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'markId' })
  mark: Relation<MarkRow>;
  @Column({ type: 'int' }) place: number;
  @Column({ type: 'text' }) answer: string;
  /** Points that stood when it was drawn. */
  @Column({ type: 'int' }) first: number;
  /** The second marker's. */
  @Column({ type: 'int', nullable: true }) second: number | null;
  /** What both settled on. */
  @Column({ type: 'int', nullable: true }) settled: number | null;
}
