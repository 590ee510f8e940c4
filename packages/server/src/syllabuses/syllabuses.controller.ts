import type { SyllabusHead, WholeSyllabus } from '@kivex/contract';
import { syllabusSchema, type Syllabus } from '@kivex/core';
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
} from '@nestjs/common';
import { AllowedTo, anyStaff, ByStaff, teaching, type StaffCaller } from '../access/caller.js';
import { NewDocumentDto, SaveDocumentDto, SetDocumentDto } from '../documents/documents.dto.js';
import { SyllabusesService } from './syllabuses.service.js';

@Controller('api/syllabuses')
@AllowedTo(...teaching)
export class SyllabusesController {
  constructor(private readonly syllabuses: SyllabusesService) {}

  @Get()
  @AllowedTo(...anyStaff)
  list(@ByStaff() staff: StaffCaller): Promise<SyllabusHead[]> {
    return this.syllabuses.list(staff);
  }
  @Get('schema')
  @AllowedTo('anyone')
  schema(): object {
    return syllabusSchema;
  }
  @Post()
  async create(
    @ByStaff() staff: StaffCaller,
    @Body() { document, shared }: NewDocumentDto,
  ): Promise<{ id: string }> {
    const read = this.syllabuses.checked(document);
    const id = await this.syllabuses.documents.add(staff.schoolId, read, {
      owner: staff.id,
      shared: shared ?? true,
    });
    return { id };
  }
  @Get(':id')
  @AllowedTo(...anyStaff)
  show(@ByStaff() staff: StaffCaller, @Param('id', ParseUUIDPipe) id: string): Promise<WholeSyllabus> {
    return this.syllabuses.show(staff, id);
  }
  @Put(':id')
  async save(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { document, from }: SaveDocumentDto,
  ): Promise<WholeSyllabus> {
    await this.syllabuses.documents.save(staff, id, this.syllabuses.checked(document), from);
    return this.syllabuses.show(staff, id);
  }
  @Patch(':id')
  @HttpCode(204)
  set(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() wanted: SetDocumentDto,
  ): Promise<void> {
    return this.syllabuses.documents.set(staff, id, wanted);
  }
  @Get(':id/versions/:number')
  async version(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
  ): Promise<Syllabus> {
    return (await this.syllabuses.documents.version(staff, id, number)).document;
  }
}
