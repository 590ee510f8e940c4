import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson } from './lessons.entities.js';
import { Staff, Student } from './people.entities.js';

/** Marks of a lesson on their way to the gradebook. What was taken there is not sent again, whoever is restarted meanwhile. */
@Entity('gradebook_sending')
@Index(['state', 'dueAt'])
@Index(['lessonId', 'at'])
export class GradebookSendingRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
  @Column({ type: 'varchar', length: 8 }) state: 'going' | 'done' | 'stopped';
  @Column({ type: 'varchar', length: 200 }) title: string;
  /** Day of the lesson. */
  @Column({ type: 'char', length: 10 }) date: string;
  @Column({ type: 'double' }) max: number;
  /** Tries in a row that came to nothing. */
  @Column({ type: 'int' }) tries: number;
  /** Not before then. */
  @TimeColumn() dueAt: Date;
  /** A process is at it until then. */
  @TimeColumn({ nullable: true }) claimedUntil: Date | null;
  /** Why the last try came to nothing. */
  @Column({ type: 'varchar', length: 500, nullable: true }) problem: string | null;
}

/** One student's result within a sending. */
@Entity('gradebook_line')
@Index(['sendingId', 'studentId'], { unique: true })
export class GradebookLineRow {
  @IdColumn() id: string;
  @RefColumn() sendingId: string;
  @ManyToOne(() => GradebookSendingRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'sendingId' })
  sending: Relation<GradebookSendingRow>;
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  @Column({ type: 'double' }) score: number;
  @Column({ type: 'char', length: 10 }) date: string;
  @Column({ type: 'varchar', length: 200 }) comment: string;
  @Column({ type: 'varchar', length: 8 }) state: 'waiting' | 'taken' | 'refused';
  /** Why it was refused. */
  @Column({ type: 'varchar', length: 300, nullable: true }) reason: string | null;
  /** What stands in the gradebook instead, and somebody has agreed to. */
  @Column({ type: 'double', nullable: true }) agreed: number | null;
}
