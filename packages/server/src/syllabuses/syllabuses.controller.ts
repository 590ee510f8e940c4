import type { SyllabusHead, WholeSyllabus } from '@kivex/contract';
import { syllabusSchema, type Syllabus } from '@kivex/core';
import { Controller } from '@nestjs/common';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { documentsController } from '../documents/documents.controller.js';
import { SyllabusesService } from './syllabuses.service.js';

@Controller()
export class SyllabusesController extends documentsController<Syllabus, WholeSyllabus>('syllabuses') {
  constructor(private readonly syllabuses: SyllabusesService) {
    super(syllabuses, true);
  }

  @Route('GET /api/syllabuses')
  list(@ByStaff() staff: StaffCaller): Promise<SyllabusHead[]> {
    return this.syllabuses.list(staff);
  }
  /** The published JSON Schema of syllabus files. */
  @Route('GET /api/syllabuses/schema')
  schema(): object {
    return syllabusSchema;
  }
}
