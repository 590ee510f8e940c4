/** A lesson moves on: begun, ended, released; what each step sets off is here. */
import { lessonStates, type Lesson, type LessonState } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { AllowedTo, ByStaff, teaching, type StaffCaller } from '../access/caller.js';
import { LessonViewsService } from '../lessons/lesson-views.service.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { MarksService } from '../marking/marks.service.js';

class StateDto {
  @ApiProperty({ enum: lessonStates })
  @IsIn(lessonStates, { message: `A lesson is ${lessonStates.join(', ')}.` })
  state: LessonState;
}

@Controller('api/lessons')
@AllowedTo(...teaching)
export class LessonStateController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly views: LessonViewsService,
    private readonly marks: MarksService,
  ) {}

  @Put(':id/state')
  async move(
    @ByStaff() staff: StaffCaller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { state }: StateDto,
  ): Promise<Lesson> {
    const lesson = await this.lessons.moveTo(staff, id, state);
    // Whoever did not hand in is marked on what is there.
    if (lesson.state === 'marking') await this.marks.computeAll(lesson);
    return this.views.show(staff.schoolId, id);
  }
}
