import type { ErasureWay } from '@kivex/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn, TimeColumn } from './columns.js';
import { School, Staff } from './people.entities.js';

/** That a class was made nameless, or went: a certificate of what. Holds nobody's name. */
@Entity('erasure')
@Index(['schoolId', 'at'])
export class ErasureRow {
  @IdColumn() id: string;
  @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Column({ type: 'varchar', length: 8 }) way: ErasureWay;
  @Column({ type: 'varchar', length: 60 }) className: string;
  @JsonColumn() went: Readonly<Record<string, number>>;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}
