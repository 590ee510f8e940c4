/** The reagent store of a school: items, batches, and every change of an amount with who and why. */
import type { StockMove, Store } from '@kivex/contract';
import { takeFrom, type StoreItem as ItemView } from '@kivex/core';
import type { ReadStock, StockBatchFields, StockItemFields } from '@kivex/core/store/stock-sheet';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { EntityManager, In, IsNull, Repository } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { v7 as uuidv7 } from 'uuid';
import type { StaffCaller } from '../access/caller.js';
import { badInput, conflict, notFound } from '../problems/problems.js';
import { StockMoveRow, StoreBatch, StoreItem } from '../records/store.entities.js';
import { Clock } from '../clock/clock.js';

const mostItems = 2000;
const mostMoves = 100;
/** Rows written in one statement. */
const rowsAtOnce = 300;
/** Amounts below this are rounding, not stock. */
const nothing = 1e-6;

export const today = (now = new Date()): string =>
  `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;

@Injectable()
export class StoreService {
  constructor(
    private readonly clock: Clock,
    @InjectRepository(StoreItem) private readonly items: Repository<StoreItem>,
    @InjectRepository(StoreBatch) private readonly batches: Repository<StoreBatch>,
    @InjectRepository(StockMoveRow) private readonly moves: Repository<StockMoveRow>,
  ) {}

  async show(schoolId: string): Promise<Store> {
    const items = await this.list(schoolId);
    const moves = await this.moves.find({
      where: { batch: { item: { schoolId } } },
      relations: { batch: { item: true }, staff: true },
      order: { at: 'DESC', id: 'DESC' },
      take: mostMoves,
    });
    return { items, moves: moves.map(moveView) };
  }

  /** The items with their batches, as planning sees them. */
  async list(schoolId: string): Promise<ItemView[]> {
    const items = await this.items.find({
      where: { schoolId, removedAt: IsNull() },
      order: { name: 'ASC' },
      take: mostItems,
    });
    const batches = items.length
      ? await this.batches.find({
          where: { itemId: In(items.map((i) => i.id)) },
          order: { createdAt: 'ASC' },
        })
      : [];
    return items.map(({ id, name, formula, form, molarity, percent, density, unit, place, lowBelow }) => ({
      id,
      name,
      formula,
      form,
      molarity,
      percent,
      density,
      unit,
      place,
      lowBelow,
      batches: batches
        .filter((b) => b.itemId === id)
        .map((b) => ({ id: b.id, code: b.code, amount: b.amount, opened: b.opened, expires: b.expires })),
    }));
  }

  async addItem(schoolId: string, fields: StockItemFields): Promise<string> {
    if ((await this.items.countBy({ schoolId, removedAt: IsNull() })) >= mostItems)
      throw conflict(`The store holds ${mostItems} kinds of thing at most; take some out first.`);
    const id = uuidv7();
    await this.items.insert({ id, schoolId, ...fields, removedAt: null });
    return id;
  }
  async changeItem(schoolId: string, id: string, fields: StockItemFields): Promise<void> {
    const item = await this.own(schoolId, id);
    if (item.unit !== fields.unit && (await this.batches.countBy({ itemId: id })))
      throw conflict('Its batches are counted in the old unit. Enter it as a new item instead.', 'unit');
    await this.items.update({ id }, { ...fields });
  }
  async removeItem(schoolId: string, id: string): Promise<void> {
    await this.own(schoolId, id);
    await this.items.update({ id }, { removedAt: this.clock.now() });
  }

  async addBatch(
    staff: StaffCaller,
    itemId: string,
    batch: StockBatchFields,
    reason = 'new batch',
  ): Promise<string> {
    await this.own(staff.schoolId, itemId);
    const id = uuidv7();
    await this.items.manager.transaction((db) => this.insertBatch(db, staff, itemId, id, batch, reason));
    return id;
  }
  private async insertBatch(
    db: EntityManager,
    staff: StaffCaller,
    itemId: string,
    id: string,
    { code, amount, opened, expires }: StockBatchFields,
    reason: string,
  ): Promise<void> {
    const at = this.clock.now();
    await db.insert(StoreBatch, { id, itemId, code, amount, opened, expires, createdAt: at });
    if (amount > 0)
      await db.insert(StockMoveRow, {
        id: uuidv7(),
        batchId: id,
        amount,
        reason,
        lessonId: null,
        staffId: staff.id,
        at,
      });
  }

  async changeBatch(
    staff: StaffCaller,
    id: string,
    { code, opened, expires }: Omit<StockBatchFields, 'amount'>,
  ): Promise<void> {
    await this.ownBatch(staff.schoolId, id);
    await this.batches.update({ id }, { code, opened, expires });
  }

  /** Puts in or takes out of one batch. @throws 409 when more is taken than is there. */
  async move(staff: StaffCaller, batchId: string, amount: number, reason: string): Promise<void> {
    const batch = await this.ownBatch(staff.schoolId, batchId);
    if (batch.amount + amount < -nothing)
      throw conflict(
        `There are ${Number(batch.amount.toPrecision(4))} in this batch; ${Number((-amount).toPrecision(4))} cannot be taken.`,
        'amount',
      );
    await this.items.manager.transaction((db) => this.apply(db, staff, batchId, amount, reason, null));
  }

  /** Takes an amount of an item for a lesson, from the batches that expire first. */
  async takeForLesson(
    staff: StaffCaller,
    lessonId: string,
    itemId: string,
    amount: number,
    reason: string,
  ): Promise<void> {
    const item = (await this.list(staff.schoolId)).find((i) => i.id === itemId);
    if (!item) throw notFound('item in the store');
    let parts;
    try {
      parts = takeFrom(item, amount, today(this.clock.now()));
    } catch (error) {
      throw badInput(`${(error as Error).message}.`, 'amount');
    }
    await this.items.manager.transaction(async (db) => {
      for (const part of parts) await this.apply(db, staff, part.batch, -part.amount, reason, lessonId);
    });
  }

  private async apply(
    db: EntityManager,
    staff: StaffCaller,
    batchId: string,
    amount: number,
    reason: string,
    lessonId: string | null,
  ): Promise<void> {
    // Only what is there: two takings at once cannot both have it.
    const done = await db
      .createQueryBuilder()
      .update(StoreBatch)
      .set({ amount: () => `GREATEST(0, amount + ${Number(amount)})` })
      .where('id = :batchId AND amount + :amount >= :least', { batchId, amount, least: -nothing })
      .execute();
    if (!done.affected)
      throw conflict('Somebody has just taken from this batch. Load the page again.', 'amount');
    await db.insert(StockMoveRow, {
      id: uuidv7(),
      batchId,
      amount,
      reason: reason.slice(0, 160),
      lessonId,
      staffId: staff.id,
      at: this.clock.now(),
    });
  }

  /** Brings a sheet in, all of it or nothing: an item by its name and formula is the same item; its batches by their code. */
  async bringIn(staff: StaffCaller, { rows }: ReadStock): Promise<{ items: number; batches: number }> {
    const have = await this.list(staff.schoolId);
    const byName = new Map(have.map((i) => [`${i.name.toLowerCase()}|${i.formula}`, i.id]));
    const codes = new Set(have.flatMap((i) => i.batches.map((b) => `${i.id}|${b.code}`)));
    const at = this.clock.now();
    const items: QueryDeepPartialEntity<StoreItem>[] = [];
    const batches: QueryDeepPartialEntity<StoreBatch>[] = [];
    const moves: QueryDeepPartialEntity<StockMoveRow>[] = [];
    for (const { item, batch } of rows) {
      if (!item) continue;
      const key = `${item.name.toLowerCase()}|${item.formula}`;
      let itemId = byName.get(key);
      if (itemId === undefined) {
        itemId = uuidv7();
        byName.set(key, itemId);
        items.push({ id: itemId, schoolId: staff.schoolId, ...item, removedAt: null });
      }
      if (!batch || codes.has(`${itemId}|${batch.code}`)) continue;
      codes.add(`${itemId}|${batch.code}`);
      const { code, amount, opened, expires } = batch;
      const id = uuidv7();
      batches.push({ id, itemId, code, amount, opened, expires, createdAt: at });
      if (amount > 0)
        moves.push({
          id: uuidv7(),
          batchId: id,
          amount,
          reason: 'from a sheet',
          lessonId: null,
          staffId: staff.id,
          at,
        });
    }
    if (have.length + items.length > mostItems)
      throw conflict(`The store holds ${mostItems} kinds of thing at most; take some out first.`);
    await this.items.manager.transaction(async (db) => {
      for (let i = 0; i < items.length; i += rowsAtOnce)
        await db.insert(StoreItem, items.slice(i, i + rowsAtOnce));
      for (let i = 0; i < batches.length; i += rowsAtOnce)
        await db.insert(StoreBatch, batches.slice(i, i + rowsAtOnce));
      for (let i = 0; i < moves.length; i += rowsAtOnce)
        await db.insert(StockMoveRow, moves.slice(i, i + rowsAtOnce));
    });
    return { items: items.length, batches: batches.length };
  }

  /** What was taken for a lesson, newest first. */
  async takenFor(lessonId: string): Promise<StockMove[]> {
    const moves = await this.moves.find({
      where: { lessonId },
      relations: { batch: { item: true }, staff: true },
      order: { at: 'DESC' },
      take: mostMoves,
    });
    return moves.map(moveView);
  }

  private async own(schoolId: string, id: string): Promise<StoreItem> {
    const item = await this.items.findOneBy({ id, schoolId, removedAt: IsNull() });
    if (!item) throw notFound('item in the store');
    return item;
  }
  private async ownBatch(schoolId: string, id: string): Promise<StoreBatch> {
    const batch = await this.batches.findOneBy({ id, item: { schoolId } });
    if (!batch) throw notFound('batch in the store');
    return batch;
  }
}

const moveView = ({ id, batch, amount, reason, staff, at }: StockMoveRow): StockMove => ({
  id,
  item: batch.item.name,
  batch: batch.code,
  amount,
  unit: batch.item.unit,
  reason,
  by: staff.name,
  at: at.toISOString(),
});
