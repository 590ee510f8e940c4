import type { StockPreview, Store } from '@kivex/contract';
import { readStock, stockTable, type ReadStock } from '@kivex/core/store/stock-sheet';
import {
  Body,
  Controller,
  HttpCode,
  Param,
  ParseEnumPipe,
  ParseUUIDPipe,
  Req,
  StreamableFile,
  Res,
} from '@nestjs/common';
import { readFormula, usualStock } from '@kivex/core';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { goneSignal } from '../heavy/gone-signal.js';
import { HeavyService } from '../heavy/heavy.service.js';
import { badInput } from '../problems/problems.js';
import { attachment } from '../sheets/attachment.js';
import { sheetKindNames, sheetTypes, type ReadTable, type SheetKind } from '../sheets/sheet-kinds.js';
import { uploadedSheet } from '../sheets/uploaded.js';
import { BatchMarksDto, MoveDto, NewBatchDto, StoreItemDto } from './store.dto.js';
import { StoreService, today } from './store.service.js';

@Controller()
export class StoreController {
  constructor(
    private readonly store: StoreService,
    private readonly heavy: HeavyService,
  ) {}

  @Route('GET /api/store')
  show(@ByStaff() staff: StaffCaller): Promise<Store> {
    return this.store.show(staff.schoolId);
  }
  @Route('POST /api/store/items')
  async addItem(@ByStaff() staff: StaffCaller, @Body() fields: StoreItemDto): Promise<{ id: string }> {
    checkItem(fields);
    return { id: await this.store.addItem(staff.schoolId, fields) };
  }
  @Route('PUT /api/store/items/:item')
  @HttpCode(204)
  changeItem(
    @ByStaff() staff: StaffCaller,
    @Param('item', ParseUUIDPipe) id: string,
    @Body() fields: StoreItemDto,
  ): Promise<void> {
    checkItem(fields);
    return this.store.changeItem(staff.schoolId, id, fields);
  }
  @Route('DELETE /api/store/items/:item')
  @HttpCode(204)
  removeItem(@ByStaff() staff: StaffCaller, @Param('item', ParseUUIDPipe) id: string): Promise<void> {
    return this.store.removeItem(staff.schoolId, id);
  }
  @Route('POST /api/store/items/:item/batches')
  async addBatch(
    @ByStaff() staff: StaffCaller,
    @Param('item', ParseUUIDPipe) id: string,
    @Body() batch: NewBatchDto,
  ): Promise<{ id: string }> {
    return { id: await this.store.addBatch(staff, id, withDays(batch)) };
  }
  @Route('PATCH /api/store/batches/:batch')
  @HttpCode(204)
  changeBatch(
    @ByStaff() staff: StaffCaller,
    @Param('batch', ParseUUIDPipe) id: string,
    @Body() batch: BatchMarksDto,
  ): Promise<void> {
    return this.store.changeBatch(staff, id, { ...withDays({ ...batch, amount: 0 }) });
  }
  @Route('POST /api/store/batches/:batch/moves')
  @HttpCode(204)
  move(
    @ByStaff() staff: StaffCaller,
    @Param('batch', ParseUUIDPipe) id: string,
    @Body() { amount, reason }: MoveDto,
  ): Promise<void> {
    return this.store.move(staff, id, amount, reason.trim());
  }

  /** Enters what a school's store usually holds, without amounts; what is there already is left as it is. */
  @Route('POST /api/store/usual')
  @HttpCode(200)
  usual(@ByStaff() staff: StaffCaller): Promise<{ items: number; batches: number }> {
    return this.store.bringIn(staff, {
      problem: null,
      rows: usualStock.map((item, i) => ({ line: i + 1, item, batch: null, problem: null })),
    });
  }
  @Route('GET /api/store/sheet/:kind')
  async sheet(
    @ByStaff() staff: StaffCaller,
    @Param('kind', new ParseEnumPipe(sheetKindNames)) kind: SheetKind,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { items } = await this.store.show(staff.schoolId);
    attachment(response, `kivex-store-${today()}.${kind}`, sheetTypes[kind]);
    return new StreamableFile(
      await this.heavy.paper(
        'sheetFile',
        { kind, name: 'Store', rows: stockTable(items) },
        staff.schoolId,
        goneSignal(response),
      ),
    );
  }
  /** Says what a sheet would bring, and changes nothing. */
  @Route('POST /api/store/sheet/preview')
  @HttpCode(200)
  async preview(@Req() request: Request): Promise<StockPreview> {
    const read = stockIn(await this.heavy.readSheet(uploadedSheet(request)));
    return {
      problem: read.problem,
      rows: read.rows.map(({ line, item, batch, problem }) => ({
        line,
        problem,
        text: item
          ? `${item.name}${item.formula ? ` (${item.formula})` : ''}${batch ? `, batch ${batch.code}, ${batch.amount} ${item.unit}` : ''}`
          : '',
      })),
    };
  }
  /** Brings a sheet in: rows that can be taken; what is there already is left as it is. */
  @Route('POST /api/store/sheet')
  @HttpCode(200)
  async bringIn(
    @ByStaff() staff: StaffCaller,
    @Req() request: Request,
  ): Promise<{ items: number; batches: number }> {
    const read: ReadStock = stockIn(await this.heavy.readSheet(uploadedSheet(request)));
    if (read.problem) throw badInput(read.problem, 'file');
    return this.store.bringIn(staff, read);
  }
}

/** The stock in a sheet; where the sheet went on too far, a last row says so. */
function stockIn({ rows, cut }: ReadTable): ReadStock {
  const read = readStock(rows);
  if (!cut || read.problem) return read;
  const left = 'This sheet goes on beyond what is read at once; bring the rest in a sheet of its own.';
  return { ...read, rows: [...read.rows, { line: rows.length + 1, item: null, batch: null, problem: left }] };
}

function checkItem({ formula, percent, density }: StoreItemDto): void {
  if (formula.trim() && !readFormula(formula))
    throw badInput(
      `“${formula.slice(0, 40)}” is not a formula; write it like CuSO4.5H2O, or leave it empty.`,
      'formula',
    );
  if (((percent ?? null) === null) !== ((density ?? null) === null))
    throw badInput('Percent and density belong together; give both or neither.', 'density');
}
const withDays = (batch: NewBatchDto): NewBatchDto => ({
  ...batch,
  code: batch.code.trim(),
  opened: batch.opened ?? null,
  expires: batch.expires ?? null,
});
