import type { ExchangePreview, ExchangeTaken } from '@kivex/contract';
import { exchangeFiles } from '@kivex/core/formats/exchange';
import { Controller, HttpCode, ParseUUIDPipe, Query, Req, Res, StreamableFile } from '@nestjs/common';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { HeavyService } from '../heavy/heavy.service.js';
import { attachment } from '../sheets/attachment.js';
import { uploadedSheet } from '../sheets/uploaded.js';
import { ExchangeService } from './exchange.service.js';

@Controller()
export class ExchangeController {
  constructor(
    private readonly exchange: ExchangeService,
    private readonly heavy: HeavyService,
  ) {}

  @Route('GET /api/exchange.zip')
  async archive(
    @ByStaff() staff: StaffCaller,
    @Res({ passthrough: true }) response: Response,
    @Query('class', new ParseUUIDPipe({ optional: true })) classId?: string,
  ): Promise<StreamableFile> {
    attachment(response, 'kivex-classes-and-results.zip', 'application/zip');
    return new StreamableFile(await this.exchange.archive(staff.schoolId, classId));
  }

  /** Says what an archive would bring and where its results differ, and changes nothing. */
  @Route('POST /api/exchange/preview')
  @HttpCode(200)
  async preview(@ByStaff() staff: StaffCaller, @Req() request: Request): Promise<ExchangePreview> {
    return this.exchange.preview(staff.schoolId, await this.tablesIn(request));
  }

  @Route('POST /api/exchange')
  @HttpCode(200)
  async take(@ByStaff() staff: StaffCaller, @Req() request: Request): Promise<ExchangeTaken> {
    return this.exchange.take(staff, await this.tablesIn(request));
  }

  private tablesIn(request: Request) {
    return this.heavy.readZip(uploadedSheet(request), exchangeFiles);
  }
}
