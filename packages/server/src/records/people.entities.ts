import type { StaffRole } from '@kivex/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';

@Entity('school')
export class School {
  @IdColumn() id: string;
  @Column({ type: 'varchar', length: 120 }) name: string;
  /** Months after a class's last lesson for which names are kept; null: no limit is set. */
  @Column({ type: 'int', nullable: true }) keepNames_months: number | null;
}

@Entity('staff')
export class Staff {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Index({ unique: true }) @Column({ type: 'varchar', length: 190 }) email: string;
  @Column({ type: 'varchar', length: 120 }) name: string;
  @Column({ type: 'varchar', length: 16 }) role: StaffRole;
  @Column({ type: 'varchar', length: 200 }) passwordHash: string;
  /** The password was set by somebody else and is to be changed first. */
  @Column({ type: 'boolean', default: false }) mustChangePassword: boolean;
  /** May not sign in until unlocked. */
  @TimeColumn({ nullable: true }) lockedAt: Date | null;
  /** Has left the school; the name stays with what they did. */
  @TimeColumn({ nullable: true }) leftAt: Date | null;
  /** Secret of the second factor (RFC 6238), base32; null where none is used. */
  @Column({ type: 'varchar', length: 64, nullable: true }) totpSecret: string | null;
  /** Is the second factor confirmed and asked for? */
  @Column({ type: 'boolean', default: false }) totpOn: boolean;
  /** Last time step used: a code counts once. */
  @Column({ type: 'bigint', nullable: true }) totpStep: string | null;
}

@Entity('school_class')
export class SchoolClass {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Column({ type: 'varchar', length: 60 }) name: string;
}

@Entity('student')
@Index(['classId', 'name'], { unique: true })
export class Student {
  @IdColumn() id: string;
  @RefColumn() classId: string;
  @ManyToOne(() => SchoolClass, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'classId' })
  class: Relation<SchoolClass>;
  @Column({ type: 'varchar', length: 120 }) name: string;
  @Column({ type: 'varchar', length: 200, nullable: true }) pinHash: string | null;
  @TimeColumn({ nullable: true }) leftAt: Date | null;
}
