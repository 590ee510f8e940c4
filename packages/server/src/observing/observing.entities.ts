import type { EventBody } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn, type Relation } from 'typeorm';
import { JsonColumn, RefColumn, TimeColumn } from '../database/columns.js';
import { Lesson, LessonGroup } from '../lessons/lessons.entities.js';
import { Staff, Student } from '../people/people.entities.js';

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
  @TimeColumn() at: Date;
  @TimeColumn() receivedAt: Date;
  @Column({ type: 'varchar', length: 16 }) type: EventBody['type'];
  @JsonColumn() body: EventBody;
}
