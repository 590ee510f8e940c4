import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson } from './lessons.entities.js';
import { Staff } from './people.entities.js';

abstract class PrepRow {
  @IdColumn() id: string;
  @Index() @RefColumn() lessonId: string;
  @ManyToOne(() => Lesson, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson>;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}

/** A task ticked, or its tick taken back. Append-only: the last word on a task stands. */
@Entity('prep_tick')
export class PrepTickRow extends PrepRow {
  @Column({ type: 'varchar', length: 255 }) taskKey: string;
  @Column({ type: 'boolean' }) done: boolean;
}

/** What was used instead, and what Kivex said of it. */
@Entity('prep_substitution')
export class PrepSubstitutionRow extends PrepRow {
  @Column({ type: 'varchar', length: 60 }) substitute: string;
  @Column({ type: 'varchar', length: 1000 }) summary: string;
}
