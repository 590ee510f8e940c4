import type { Mark, RecallCard, Strictness, Syllabus } from '@kivex/core';
import type { AgreedScreen, ScreenRun, ScreenWorkKind } from '@kivex/contract';
import type { Asked } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson } from './lessons.entities.js';
import { School, Student } from './people.entities.js';

/** One question put to a whole class. Whoever has its code answers; nobody is named. */
@Entity('class_question')
export class ClassQuestionRow {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Index({ unique: true }) @Column({ type: 'char', length: 6 }) code: string;
  /** Whole, as it was then. */
  @JsonColumn() syllabus: Syllabus;
  @JsonColumn() card: RecallCard;
  @Column({ type: 'varchar', length: 12, nullable: true }) strictness: Strictness | null;
  @Column({ type: 'boolean' }) open: boolean;
  @Column({ type: 'int' }) round: number;
  @TimeColumn() at: Date;
}

@Entity('class_answer')
@Index(['questionId', 'round', 'device'], { unique: true })
export class ClassAnswerRow {
  @IdColumn() id: string;
  @RefColumn() questionId: string;
  @ManyToOne(() => ClassQuestionRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'questionId' })
  question: Relation<ClassQuestionRow>;
  @Column({ type: 'int' }) round: number;
  /** Hash of the device's mark: tells devices apart and says nothing of whose they are. */
  @Column({ type: 'char', length: 64 }) device: string;
  @Column({ type: 'varchar', length: 500 }) answer: string;
  @JsonColumn() mark: Mark;
  @TimeColumn() at: Date;
}

/** A set of questions given to a class. Whoever has its code answers, in their own time; nobody is named. */
@Entity('question_set')
export class QuestionSetRow {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Index({ unique: true }) @Column({ type: 'char', length: 6 }) code: string;
  @Column({ type: 'varchar', length: 120 }) name: string;
  /** Whole, as it was then. */
  @JsonColumn() syllabus: Syllabus;
  @JsonColumn() cards: readonly RecallCard[];
  @Column({ type: 'varchar', length: 12, nullable: true }) strictness: Strictness | null;
  @Column({ type: 'boolean' }) open: boolean;
  @TimeColumn() at: Date;
}

/** What a device answered to one question of a set: its newest answer, and what its first was worth. */
@Entity('set_answer')
@Index(['setId', 'card', 'device'], { unique: true })
export class SetAnswerRow {
  @IdColumn() id: string;
  @RefColumn() setId: string;
  @ManyToOne(() => QuestionSetRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'setId' })
  set: Relation<QuestionSetRow>;
  @Column({ type: 'varchar', length: 160 }) card: string;
  /** Hash of the device's mark: tells devices apart and says nothing of whose they are. */
  @Column({ type: 'char', length: 64 }) device: string;
  @Column({ type: 'varchar', length: 500 }) answer: string;
  @JsonColumn() mark: Mark;
  @Column({ type: 'varchar', length: 8 }) verdict: Mark['verdict'];
  @Column({ type: 'varchar', length: 8 }) firstVerdict: Mark['verdict'];
  @TimeColumn() at: Date;
}

/** Work on screen set for the students of a lesson: one unknown. */
@Entity('screen_work')
export class ScreenWorkRow {
  @IdColumn() id: string;
  @Index({ unique: true }) @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Column({ type: 'varchar', length: 12 }) kind: ScreenWorkKind;
  @Column({ type: 'varchar', length: 12 }) asks: Asked;
  @Column({ type: 'int' }) seed: number;
  @Column({ type: 'varchar', length: 10, nullable: true }) due: string | null;
  /** The rate of slips its runs showed when a teacher took it into the school's. */
  @JsonColumn({ nullable: true }) agreed: AgreedScreen | null;
}

/** A run of it by one student, or a teacher's waiver, which has no run. */
@Entity('screen_run')
export class ScreenRunRow {
  @IdColumn() id: string;
  @Index() @RefColumn() workId: string;
  @ManyToOne(() => ScreenWorkRow, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'workId' })
  work: Relation<ScreenWorkRow>;
  @Index() @RefColumn() studentId: string;
  @ManyToOne(() => Student, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student>;
  @JsonColumn({ nullable: true }) run: ScreenRun | null;
  @Column({ type: 'int' }) points: number;
  @Column({ type: 'int' }) max: number;
  @Column({ type: 'boolean' }) passed: boolean;
  @Column({ type: 'boolean' }) waived: boolean;
  @JsonColumn() slips: readonly string[];
  @TimeColumn() at: Date;
}
