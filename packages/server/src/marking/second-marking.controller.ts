import type { BlindHead, BlindMarking, NewSecondMarking, SecondMarking } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsUUID, Max, Min } from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { SecondMarkingService } from './second-marking.service.js';

const sizeSays = { message: 'A sample has from 1 to 500 answers.' };
const toleranceSays = { message: 'Markers may be from 0 to 5 points apart.' };

class NewSecondMarkingDto implements NewSecondMarking {
  @ApiProperty() @IsUUID('all', { message: 'Choose who marks them.' }) marker: string;
  @ApiProperty() @IsInt(sizeSays) @Min(1, sizeSays) @Max(500, sizeSays) size: number;
  @ApiProperty() @IsInt(toleranceSays) @Min(0, toleranceSays) @Max(5, toleranceSays) tolerance: number;
}
class PointsDto {
  @ApiProperty()
  @IsInt({ message: 'Points are whole numbers.' })
  @Min(0, { message: 'Points are 0 or more.' })
  @Max(20)
  points: number;
}

@Controller()
export class SecondMarkingController {
  constructor(
    private readonly second: SecondMarkingService,
    private readonly lessons: LessonsService,
  ) {}

  @Route('GET /api/lessons/:lesson/second-markings')
  async list(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<SecondMarking[]> {
    return this.second.of(await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/second-markings')
  async ask(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: NewSecondMarkingDto,
  ): Promise<SecondMarking> {
    return this.second.ask(staff, await this.lessons.own(staff.schoolId, id), wanted);
  }

  @Route('PUT /api/lessons/:lesson/second-markings/:blind')
  async settle(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('blind', ParseUUIDPipe) blind: string,
    @Body() { points }: PointsDto,
  ): Promise<void> {
    await this.second.settle(staff, await this.lessons.own(staff.schoolId, id), blind, points);
  }

  @Route('GET /api/second-markings')
  asked(@ByStaff() staff: StaffCaller): Promise<BlindHead[]> {
    return this.second.asked(staff);
  }

  @Route('GET /api/second-markings/:marking')
  show(
    @ByStaff() staff: StaffCaller,
    @Param('marking', ParseUUIDPipe) marking: string,
  ): Promise<BlindMarking> {
    return this.second.show(staff, marking);
  }

  @Route('PUT /api/second-markings/:marking/:blind')
  async give(
    @ByStaff() staff: StaffCaller,
    @Param('marking', ParseUUIDPipe) marking: string,
    @Param('blind', ParseUUIDPipe) blind: string,
    @Body() { points }: PointsDto,
  ): Promise<void> {
    await this.second.give(staff, marking, blind, points);
  }
}
