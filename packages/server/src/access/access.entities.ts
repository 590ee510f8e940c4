import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from '../database/columns.js';
import { Lesson } from '../lessons/lessons.entities.js';
import { Staff, Student } from '../people/people.entities.js';

/** A signed-in browser. The token itself is only in its cookie; here is its hash. */
@Entity('session')
export class Session {
  @IdColumn() id: string;
  @Index({ unique: true }) @Column({ type: 'char', length: 64 }) tokenHash: string;
  @Index() @RefColumn({ nullable: true }) staffId: string | null;
  @ManyToOne(() => Staff, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff> | null;
  @Index() @RefColumn({ nullable: true }) studentId: string | null;
  @ManyToOne(() => Student, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'studentId' })
  student: Relation<Student> | null;
  @Index() @RefColumn({ nullable: true }) lessonId: string | null;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson> | null;
  @Index() @TimeColumn() expiresAt: Date;
}

/** Wrong passwords and PINs in a row, so that guessing is slowed whichever server process is asked. */
@Entity('sign_in_attempt')
export class SignInAttempt {
  @PrimaryColumn({ type: 'varchar', length: 120 }) who: string;
  @Column({ type: 'int' }) failures: number;
  @TimeColumn() lastAt: Date;
}
