import type { PracticalHead, WholePractical } from '@kivex/contract';
import { practicalSchema, type Practical } from '@kivex/core';
import { Controller, Param, ParseUUIDPipe, Res } from '@nestjs/common';
import type { Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { documentsController } from '../documents/documents.controller.js';
import { attachment } from '../sheets/attachment.js';
import { PracticalsService } from './practicals.service.js';

@Controller()
export class PracticalsController extends documentsController<Practical, WholePractical>('practicals') {
  constructor(private readonly practicals: PracticalsService) {
    super(practicals, false);
  }

  @Route('GET /api/practicals')
  list(@ByStaff() staff: StaffCaller): Promise<PracticalHead[]> {
    return this.practicals.list(staff);
  }
  /** The published JSON Schema of practical files. */
  @Route('GET /api/practicals/schema')
  schema(): object {
    return practicalSchema;
  }
  /** The practical as a file that can be read back here or elsewhere. */
  @Route('GET /api/practicals/:practical/file')
  async file(
    @ByStaff() staff: StaffCaller,
    @Param('practical', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const { document } = await this.practicals.newest(staff, id);
    attachment(response, `${document.title}.kivex-practical.json`, 'application/json; charset=utf-8');
    return `${JSON.stringify(document, null, 2)}\n`;
  }
}
