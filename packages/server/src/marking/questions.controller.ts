import type { MarkQuestion } from '@kivex/contract';
import { Body, Controller, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsString, Matches, MaxLength } from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { QuestionsService } from './questions.service.js';

class AnswerDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Write an answer, in a few words.' })
  @MaxLength(500, { message: 'An answer has at most 500 letters.' })
  answer: string;
}

@Controller()
export class QuestionsController {
  constructor(
    private readonly questions: QuestionsService,
    private readonly lessons: LessonsService,
  ) {}

  @Route('GET /api/lessons/:lesson/marks/questions')
  async list(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
  ): Promise<MarkQuestion[]> {
    return this.questions.ofLesson(await this.lessons.own(staff.schoolId, id));
  }

  @Route('PUT /api/lessons/:lesson/marks/questions/:question')
  async answer(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('question', ParseUUIDPipe) question: string,
    @Body() { answer }: AnswerDto,
  ): Promise<MarkQuestion> {
    return this.questions.answer(staff, await this.lessons.own(staff.schoolId, id), question, answer);
  }
}
