import type { StaffMember } from '@kivex/contract';
import { Body, Controller, Get, HttpCode, Post, UseGuards } from '@nestjs/common';

import { AllowedTo, anyStaff, ByStaff, type StaffCaller } from '../access/caller.js';
import { AddressLimitGuard } from '../access/address-limit.guard.js';
import { ChangePasswordDto, FirstSchoolDto, NewStaffDto } from './staff.dto.js';
import { StaffService } from './staff.service.js';

@Controller('api')
export class StaffController {
  constructor(private readonly staff: StaffService) {}

  @Get('people/staff')
  @AllowedTo('teacher', 'head')
  list(@ByStaff() caller: StaffCaller): Promise<StaffMember[]> {
    return this.staff.list(caller.schoolId);
  }
  @Post('people/staff')
  @AllowedTo('head')
  add(@ByStaff() caller: StaffCaller, @Body() wanted: NewStaffDto): Promise<StaffMember> {
    return this.staff.add(caller.schoolId, wanted);
  }
  @Post('staff/password')
  @HttpCode(204)
  @AllowedTo(...anyStaff)
  @UseGuards(AddressLimitGuard)
  changePassword(
    @ByStaff() caller: StaffCaller,
    @Body() { current, next }: ChangePasswordDto,
  ): Promise<void> {
    return this.staff.changePassword(caller, current, next);
  }
  @Get('first-school')
  @AllowedTo('anyone')
  async empty(): Promise<{ empty: boolean }> {
    return { empty: await this.staff.empty() };
  }
  @Post('first-school')
  @HttpCode(204)
  @AllowedTo('anyone')
  @UseGuards(AddressLimitGuard)
  first(@Body() wanted: FirstSchoolDto): Promise<void> {
    return this.staff.first(wanted);
  }
}
