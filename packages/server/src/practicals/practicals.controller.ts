import type { PracticalHead, WholePractical } from '@kivex/contract';
import { practicalSchema, type Practical } from '@kivex/core';
import {
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  ParseIntPipe,
  ParseUUIDPipe,
  Patch,
  Post,
  Put,
  Res,
} from '@nestjs/common';
import type { Response } from 'express';
import { AllowedTo, anyStaff, ByStaff, teaching, type StaffCaller } from '../access/caller.js';
import { NewDocumentDto, SaveDocumentDto, SetDocumentDto } from '../documents/documents.dto.js';
import { attachment } from '../sheets/attachment.js';
import { PracticalsService } from './practicals.service.js';

@Controller('api/practicals')
@AllowedTo(...teaching)
export class PracticalsController {
  constructor(private readonly practicals: PracticalsService) {}

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
  /** A new practical: from scratch, copied, or read from a file. */
  @Post()
  async create(
    @ByStaff() staff: StaffCaller,
    @Body() { document, shared }: NewDocumentDto,
  ): Promise<{ id: string }> {
    const read = await this.practicals.checked(staff, document);
    const id = await this.practicals.documents.add(staff.schoolId, read, {
      owner: staff.id,
      shared: shared ?? false,
    });
    return { id };
  }
  @Get(':id')
  @AllowedTo(...anyStaff)
  show(@ByStaff() staff: StaffCaller, @Param('id', ParseUUIDPipe) id: string): Promise<WholePractical> {
    return this.practicals.show(staff, id);
  }
  @Put(':id')
  async save(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { document, from }: SaveDocumentDto,
  ): Promise<WholePractical> {
    await this.practicals.documents.save(staff, id, await this.practicals.checked(staff, document), from);
    return this.practicals.show(staff, id);
  }
  @Patch(':id')
  @HttpCode(204)
  set(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() wanted: SetDocumentDto,
  ): Promise<void> {
    return this.practicals.documents.set(staff, id, wanted);
  }
  @Get(':id/versions/:number')
  async version(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
  ): Promise<Practical> {
    return (await this.practicals.documents.version(staff, id, number)).document;
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
