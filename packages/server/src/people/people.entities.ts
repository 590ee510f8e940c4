import type { StaffRole } from '@kivex/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from '../database/columns.js';

@Entity('school')
export class School {
  @IdColumn() id: string;
  @Column({ type: 'varchar', length: 120 }) name: string;
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
