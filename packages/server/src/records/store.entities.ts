import type { StoreForm, StoreItem as Item } from '@kivex/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { IdColumn, RefColumn, TimeColumn } from './columns.js';
import { Lesson } from './lessons.entities.js';
import { School, Staff } from './people.entities.js';

/** A date without a time, as yyyy-mm-dd. */
const DayColumn = () => Column({ type: 'char', length: 10, nullable: true });

@Entity('store_item')
export class StoreItem {
  @IdColumn() id: string;
  @Index() @RefColumn() schoolId: string;
  @ManyToOne(() => School, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'schoolId' })
  school: Relation<School>;
  @Column({ type: 'varchar', length: 120 }) name: string;
  @Column({ type: 'varchar', length: 80 }) formula: string;
  @Column({ type: 'varchar', length: 12 }) form: StoreForm;
  @Column({ type: 'double', nullable: true }) molarity: number | null;
  @Column({ type: 'double', nullable: true }) percent: number | null;
  @Column({ type: 'double', nullable: true }) density: number | null;
  @Column({ type: 'varchar', length: 8 }) unit: Item['unit'];
  @Column({ type: 'varchar', length: 80 }) place: string;
  @Column({ type: 'double' }) lowBelow: number;
  @TimeColumn({ nullable: true }) removedAt: Date | null;
}

@Entity('store_batch')
export class StoreBatch {
  @IdColumn() id: string;
  @Index() @RefColumn() itemId: string;
  @ManyToOne(() => StoreItem, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'itemId' })
  item: Relation<StoreItem>;
  @Column({ type: 'varchar', length: 40 }) code: string;
  /** In the item's unit; always the sum of its moves. */
  @Column({ type: 'double' }) amount: number;
  @DayColumn() opened: string | null;
  @DayColumn() expires: string | null;
  @TimeColumn() createdAt: Date;
}

/** One change of a batch's amount. Append-only. */
@Entity('stock_move')
export class StockMoveRow {
  @IdColumn() id: string;
  @Index() @RefColumn() batchId: string;
  @ManyToOne(() => StoreBatch, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'batchId' })
  batch: Relation<StoreBatch>;
  @Column({ type: 'double' }) amount: number;
  @Column({ type: 'varchar', length: 160 }) reason: string;
  @Index() @RefColumn({ nullable: true }) lessonId: string | null;
  @ManyToOne(() => Lesson, { onDelete: 'SET NULL', onUpdate: 'NO ACTION', nullable: true })
  @JoinColumn({ name: 'lessonId' })
  lesson: Relation<Lesson> | null;
  @Index() @RefColumn() staffId: string;
  @ManyToOne(() => Staff, { onDelete: 'RESTRICT', onUpdate: 'NO ACTION' })
  @JoinColumn({ name: 'staffId' })
  staff: Relation<Staff>;
  @TimeColumn() at: Date;
}
