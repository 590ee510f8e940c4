/** What happens in the room beside the tests: incidents, and samples kept for another day. */
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import type { IncidentKind } from '@kivex/contract';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson, LessonGroup, LessonSample } from './lessons.entities.js';
import { School, Staff, Student } from './people.entities.js';

/** An accident or a near miss, as staff logged it. */
@Entity('incident')
export class IncidentRow {
  @IdColumn() id: string;
  @Index() @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  /** At which bench; null where at none. */
  @Index() @RefColumn({ nullable: true }) groupId: string | null;
  @ManyToOne(() => LessonGroup, { onDelete: 'SET NULL', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup> | null;
  @Index() @RefColumn({ nullable: true }) studentId: string | null;
  @ManyToOne(() => Student, { onDelete: 'SET NULL', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student> | null;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @Column({ type: 'varchar', length: 16 }) kind: IncidentKind;
  /** Nobody was hurt and nothing broke, but it could have been. */
  @Column({ type: 'boolean' }) nearMiss: boolean;
  @Column({ type: 'varchar', length: 500 }) what: string;
  @Column({ type: 'varchar', length: 500 }) done: string;
  @TimeColumn() at: Date;
}

/** A sample put away for another day. */
@Entity('kept_sample')
@Index(['schoolId', 'code'], { unique: true })
export class KeptSampleRow {
  @IdColumn() id: string;
  @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Index() @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  @Index() @RefColumn() sampleId: string;
  @ManyToOne(() => LessonSample, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'sampleId' })
  sample: Relation<LessonSample>;
  /** Written on it: letters and digits that are not taken for each other. */
  @Column({ type: 'varchar', length: 8 }) code: string;
  @Column({ type: 'varchar', length: 80 }) place: string;
  @Column({ type: 'varchar', length: 200 }) note: string;
  @TimeColumn() keptAt: Date;
  @TimeColumn() expiresAt: Date;
  /** When it was used up or thrown away; null while it stands there. */
  @TimeColumn({ nullable: true }) goneAt: Date | null;
}
