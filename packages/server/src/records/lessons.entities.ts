import type { LessonPlanning, LessonState } from '@kivex/contract';
import type { AgreedLesson, SampleRole } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from './columns.js';
import { Room } from './rooms.entities.js';
import { School, SchoolClass, Staff, Student } from './people.entities.js';
import { PracticalVersion } from './practicals.entities.js';

@Entity('lesson')
@Index(['schoolId', 'startsAt'])
export class Lesson {
  @IdColumn() id: string;
  @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Index() @RefColumn() classId: string;
  @ManyToOne(() => SchoolClass, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'classId' })
  class: Relation<SchoolClass>;
  @Index() @RefColumn() teacherId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'teacherId' })
  teacher: Relation<Staff>;
  @Index() @RefColumn() practicalVersionId: string;
  @ManyToOne(() => PracticalVersion, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'practicalVersionId' })
  practicalVersion: Relation<PracticalVersion>;
  /** As it was written; its name is the room's own where it is one of the school's. */
  @Column({ type: 'varchar', length: 60 }) room: string;
  @Index() @RefColumn({ nullable: true }) roomId: string | null;
  @ManyToOne(() => Room, { onDelete: 'SET NULL', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'roomId' })
  inRoom: Relation<Room> | null;
  /** Rota, places and prep settings; null until anything was set. */
  /** As the version of Kivex that kept it knew it: what it lacks is as usual. */
  @JsonColumn({ nullable: true }) planning: Partial<LessonPlanning> | null;
  /** The rate of slips a teacher agreed it shows, for the rehearsals of the school. */
  @JsonColumn({ nullable: true }) agreedSlips: AgreedLesson | null;
  @TimeColumn() startsAt: Date;
  @Index({ unique: true }) @Column({ type: 'char', length: 6 }) joinCode: string;
  @Column({ type: 'varchar', length: 12 }) state: LessonState;
  @TimeColumn({ nullable: true }) startedAt: Date | null;
  @TimeColumn({ nullable: true }) endedAt: Date | null;
  @TimeColumn({ nullable: true }) releasedAt: Date | null;
  /** Causes the class diagnosis named and a teacher waved away. */
  @JsonColumn({ nullable: true }) dismissedCauses: readonly string[] | null;
  /** When marks were first released; from then on students may know what the jars held. Never cleared. */
  @TimeColumn({ nullable: true }) firstReleasedAt: Date | null;
}

@Entity('lesson_group')
@Index(['lessonId', 'benchRow', 'benchColumn'], { unique: true })
export class LessonGroup {
  @IdColumn() id: string;
  @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Column({ type: 'varchar', length: 40 }) name: string;
  @Column({ type: 'int' }) benchRow: number;
  @Column({ type: 'int' }) benchColumn: number;
  /** Place in the log up to which its marks are worked out; null where none are. */
  @Column({ type: 'bigint', nullable: true }) markedSeq: string | null;
}

/** Which group a student works in. */
@Entity('lesson_seat')
export class LessonSeat {
  @PrimaryColumn({ type: 'char', length: 36 }) lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @PrimaryColumn({ type: 'char', length: 36 }) studentId: string;
  @ManyToOne(() => Student, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  @Index() @RefColumn() groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  /** Was away: has no mark, which is not nought. */
  @Column({ type: 'boolean', default: false }) absent: boolean;
}

@Entity('lesson_sample')
export class LessonSample {
  @IdColumn() id: string;
  @Index() @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Column({ type: 'varchar', length: 8 }) role: SampleRole;
  @Column({ type: 'varchar', length: 80 }) label: string;
  /** What it truly holds. Never sent to a student before release. */
  @JsonColumn() ions: string[];
  @Column({ type: 'int' }) difficulty: number;
  @Column({ type: 'int' }) position: number;
}

/** Which unknowns a group was given. */
@Entity('group_unknown')
export class GroupUnknown {
  @PrimaryColumn({ type: 'char', length: 36 }) groupId: string;
  @ManyToOne(() => LessonGroup, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'groupId' })
  group: Relation<LessonGroup>;
  @Index() @PrimaryColumn({ type: 'char', length: 36 }) sampleId: string;
  @ManyToOne(() => LessonSample, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'sampleId' })
  sample: Relation<LessonSample>;
}
