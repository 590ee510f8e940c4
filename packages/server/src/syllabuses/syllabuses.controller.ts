import type { SyllabusHead, WholeSyllabus } from '@kivex/contract';
import { syllabusSchema, type Syllabus } from '@kivex/core';
import { Controller, Get } from '@nestjs/common';
import { AllowedTo, anyStaff, ByStaff, teaching, type StaffCaller } from '../access/caller.js';
import { DocumentsController } from '../documents/documents.controller.js';
import { SyllabusesService } from './syllabuses.service.js';

@Controller('api/syllabuses')
@AllowedTo(...teaching)
export class SyllabusesController extends DocumentsController<Syllabus, WholeSyllabus> {
  constructor(private readonly syllabuses: SyllabusesService) {
    super(syllabuses, true);
  }

  @Get()
  @AllowedTo(...anyStaff)
  list(@ByStaff() staff: StaffCaller): Promise<SyllabusHead[]> {
    return this.syllabuses.list(staff);
  }
  /** The published JSON Schema of syllabus files. */
  @Get('schema')
  @AllowedTo('anyone')
  schema(): object {
    return syllabusSchema;
  }
}
