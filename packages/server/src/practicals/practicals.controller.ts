import type { PracticalHead } from '@kivex/contract';
import type { Practical } from '@kivex/core';
import { Controller, Get, Param, ParseUUIDPipe } from '@nestjs/common';
import { AllowedTo, anyStaff, ByStaff, type StaffCaller } from '../access/caller.js';
import { PracticalsService } from './practicals.service.js';

@Controller('api/practicals')
@AllowedTo(...anyStaff)
export class PracticalsController {
  constructor(private readonly practicals: PracticalsService) {}

  @Get()
  list(@ByStaff() staff: StaffCaller): Promise<PracticalHead[]> {
    return this.practicals.list(staff.schoolId);
  }
  @Get(':id')
  async show(@ByStaff() staff: StaffCaller, @Param('id', ParseUUIDPipe) id: string): Promise<Practical> {
    return (await this.practicals.newest(staff.schoolId, id)).document;
  }
}
