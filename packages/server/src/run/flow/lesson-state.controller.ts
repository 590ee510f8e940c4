/** A lesson moves on: begun, ended, released. */
import { lessonStates, type Lesson, type LessonState } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { ByStaff, type StaffCaller } from '../../access/caller.js';
import { Route } from '../../access/route.js';
import { LessonViewsService } from '../../lessons/lesson-views.service.js';
import { FlowService } from './flow.service.js';

class StateDto {
  @ApiProperty({ enum: lessonStates })
  @IsIn(lessonStates, { message: `A lesson is ${lessonStates.join(', ')}.` })
  state: LessonState;
}

@Controller()
export class LessonStateController {
  constructor(
    private readonly flow: FlowService,
    private readonly views: LessonViewsService,
  ) {}

  @Route('PUT /api/lessons/:lesson/state')
  async move(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { state }: StateDto,
  ): Promise<Lesson> {
    await this.flow.move(staff, id, state);
    return this.views.show(staff.schoolId, id);
  }
}
