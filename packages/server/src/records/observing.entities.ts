import type { HeldReason } from '@kivex/contract';
import type { EventBody } from '@kivex/core';
import {
  Column,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
  type Relation,
} from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson, LessonGroup } from './lessons.entities.js';
import { Staff, Student } from './people.entities.js';

/** The append-only log of a lesson. Rows are inserted, never changed. */
@Entity('lesson_event')
@Index(['lessonId', 'seq'])
@Index(['groupId', 'seq'])
export class LessonEventRow {
  @PrimaryGeneratedColumn({ type: 'bigint' }) seq: string;
  /** The client's own UUIDv7: sent twice, kept once. */
  @Index({ unique: true }) @RefColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @RefColumn() groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  @Index() @RefColumn({ nullable: true }) studentId: string | null;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student> | null;
  @Index() @RefColumn({ nullable: true }) staffId: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff> | null;
  /** By the server's clock. */
  @TimeColumn() at: Date;
  /** As the device's own clock had it; null where the server made the entry. */
  @TimeColumn({ nullable: true }) deviceAt: Date | null;
  @TimeColumn() receivedAt: Date;
  @Column({ type: 'varchar', length: 16 }) type: EventBody['type'];
  @JsonColumn() body: EventBody;
}

/** A group's log cut to what matters, up to a place in it: what a board starts from does not grow with the log. */
@Entity('log_snapshot')
export class LogSnapshotRow {
  @PrimaryColumn({ type: 'char', length: 36 }) groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  @Column({ type: 'bigint' }) seq: string;
  @Column({ type: 'longtext' }) events: string;
}

/** An entry kept apart from the log until a teacher decides. What was decided stays with it. */
@Entity('held_entry')
@Index(['lessonId', 'decidedAt', 'receivedAt'])
export class HeldEntryRow {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  /** Who logged it. */
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  /** Whose device brought it. */
  @Index() @RefColumn() broughtById: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'broughtById' })
  broughtBy: Relation<Student>;
  @Column({ type: 'varchar', length: 16 }) reason: HeldReason;
  @TimeColumn() at: Date;
  @TimeColumn({ nullable: true }) deviceAt: Date | null;
  @TimeColumn() receivedAt: Date;
  @Column({ type: 'varchar', length: 16 }) type: EventBody['type'];
  @Column({ type: 'longtext' }) body: string;
  @TimeColumn({ nullable: true }) decidedAt: Date | null;
  @Index() @RefColumn({ nullable: true }) decidedById: string | null;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'decidedById' })
  decidedBy: Relation<Staff> | null;
  @Column({ type: 'boolean', nullable: true }) taken: boolean | null;
}

/** A picture of a flame or a tube, as a bench took it and made it small. */
@Entity('photo')
export class PhotoRow {
  @IdColumn() id: string;
  @Index() @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  @Column({ type: 'mediumblob' }) jpeg: Buffer;
  @TimeColumn() receivedAt: Date;
}
