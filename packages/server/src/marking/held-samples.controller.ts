import type { HeldChange, NewHeld, SchemePreview } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { ArrayMaxSize, IsArray, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { HeldSamplesService } from './held-samples.service.js';

class HeldDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose a sample.' }) sample: string;
  @ApiProperty({ type: [String], description: 'Species ids; none for water.' })
  @IsArray()
  @ArrayMaxSize(6, { message: 'A sample holds at most six ions.' })
  @IsString({ each: true })
  ions: string[];
}
class NewHeldDto extends HeldDto implements NewHeld {
  @ApiProperty()
  @IsString()
  @Matches(/\S.*\S/s, { message: 'Say how it came out, in a few words: the reason is kept.' })
  @MaxLength(500, { message: 'A reason has at most 500 letters.' })
  reason: string;
}

@Controller()
export class HeldSamplesController {
  constructor(
    private readonly held: HeldSamplesService,
    private readonly lessons: LessonsService,
  ) {}

  @Route('GET /api/lessons/:lesson/marks/held')
  async list(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<HeldChange[]> {
    return this.held.of(await this.lessons.own(staff.schoolId, id));
  }

  @Route('POST /api/lessons/:lesson/marks/held/preview')
  async preview(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() held: HeldDto,
  ): Promise<SchemePreview> {
    return this.held.preview(await this.lessons.own(staff.schoolId, id), held);
  }

  @Route('POST /api/lessons/:lesson/marks/held')
  async correct(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() held: NewHeldDto,
  ): Promise<HeldChange> {
    return this.held.correct(staff, await this.lessons.own(staff.schoolId, id), held);
  }
}
