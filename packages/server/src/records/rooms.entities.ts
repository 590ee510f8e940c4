import type { RoomPlan } from '@kivex/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, JsonColumn, RefColumn } from './columns.js';
import { School } from './people.entities.js';

/** A laboratory: where its benches stand and how many places its stations have. */
@Entity('room')
@Index(['schoolId', 'name'], { unique: true })
export class Room {
  @IdColumn() id: string;
  @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Column({ type: 'varchar', length: 60 }) name: string;
  @JsonColumn() plan: RoomPlan;
  /** Counts its changes, so that who began from an older one is told. */
  @Column({ type: 'int', unsigned: true, default: 1 }) version: number;
}
