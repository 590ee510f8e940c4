import type { PracticalHead, WholePractical } from '@kivex/contract';
import { practicalSchema, type Practical } from '@kivex/core';
import { Controller, Get, Param, ParseUUIDPipe, Res } from '@nestjs/common';
import type { Response } from 'express';
import { AllowedTo, anyStaff, ByStaff, teaching, type StaffCaller } from '../access/caller.js';
import { DocumentsController } from '../documents/documents.controller.js';
import { attachment } from '../sheets/attachment.js';
import { PracticalsService } from './practicals.service.js';

@Controller('api/practicals')
@AllowedTo(...teaching)
export class PracticalsController extends DocumentsController<Practical, WholePractical> {
  constructor(private readonly practicals: PracticalsService) {
    super(practicals, false);
  }

  @Get()
  @AllowedTo(...anyStaff)
  list(@ByStaff() staff: StaffCaller): Promise<PracticalHead[]> {
    return this.practicals.list(staff);
  }
  /** The published JSON Schema of practical files. */
  @Get('schema')
  @AllowedTo('anyone')
  schema(): object {
    return practicalSchema;
  }
  /** The practical as a file that can be read back here or elsewhere. */
  @Get(':id/file')
  @AllowedTo(...anyStaff)
  async file(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const { document } = await this.practicals.newest(staff, id);
    attachment(response, `${document.title}.kivex-practical.json`, 'application/json; charset=utf-8');
    return `${JSON.stringify(document, null, 2)}\n`;
  }
}
