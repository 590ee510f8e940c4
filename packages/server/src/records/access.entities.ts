import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson } from './lessons.entities.js';
import { Staff, Student } from './people.entities.js';

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
  @TimeColumn({ nullable: true }) createdAt: Date | null;
  /** Of a student at a shared device: others have written since the PIN was typed. */
  @Column({ type: 'boolean', default: false }) locked: boolean;
  /** What kind of device, in a word or two, for its owner to know it by. */
  @Column({ type: 'varchar', length: 60, default: '' }) device: string;
}

/** Wrong tries of late for a person, on one device or on all: they fade with time. Shared by all server processes. */
@Entity('sign_in_attempt')
export class SignInAttempt {
  @PrimaryColumn({ type: 'varchar', length: 120 }) who: string;
  /** As they stood at `lastAt`; they have faded since. */
  @Column({ type: 'double' }) failures: number;
  @Index() @TimeColumn() lastAt: Date;
}

/** A device on which a person has signed in before: guesses made elsewhere do not shut it out. */
@Entity('known_device')
export class KnownDevice {
  @PrimaryColumn({ type: 'varchar', length: 60 }) who: string;
  @PrimaryColumn({ type: 'char', length: 64 }) device: string;
  @Index() @TimeColumn() at: Date;
}
