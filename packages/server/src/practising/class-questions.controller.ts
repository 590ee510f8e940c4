import type { AskedQuestion, ClassQuestion, ClassQuestionHead, FactKnown } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Req, Res, UseGuards } from '@nestjs/common';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { deviceOf } from '../access/device.js';
import { Route } from '../access/route.js';
import { Config } from '../config/config.js';
import { AnswerLimitGuard } from './answer-limit.guard.js';
import { ClassFactsService } from './class-facts.service.js';
import { ClassQuestionsService } from './class-questions.service.js';
import {
  ChangeClassQuestionDto,
  ClassAnswerDto,
  NewClassQuestionDto,
  QuestionCodeDto,
} from './practising.dtos.js';

@Controller()
export class ClassQuestionsController {
  constructor(
    private readonly questions: ClassQuestionsService,
    private readonly known: ClassFactsService,
    private readonly config: Config,
  ) {}

  @Route('GET /api/class-questions')
  list(@ByStaff() staff: StaffCaller): Promise<ClassQuestionHead[]> {
    return this.questions.list(staff);
  }
  @Route('GET /api/class-facts')
  facts(@ByStaff() staff: StaffCaller): Promise<FactKnown[]> {
    return this.known.of(staff);
  }
  @Route('POST /api/class-questions')
  ask(@ByStaff() staff: StaffCaller, @Body() wanted: NewClassQuestionDto): Promise<ClassQuestion> {
    return this.questions.ask(staff, wanted);
  }
  @Route('GET /api/class-questions/:asked')
  show(@Param('asked', ParseUUIDPipe) id: string): Promise<ClassQuestion> {
    return this.questions.show(id);
  }
  @Route('PATCH /api/class-questions/:asked')
  change(
    @Param('asked', ParseUUIDPipe) id: string,
    @Body() change: ChangeClassQuestionDto,
  ): Promise<ClassQuestion> {
    return this.questions.change(id, change);
  }
  @Route('DELETE /api/class-questions/:asked')
  @HttpCode(204)
  remove(@Param('asked', ParseUUIDPipe) id: string): Promise<void> {
    return this.questions.remove(id);
  }

  @Route('POST /api/answer/find')
  @HttpCode(200)
  @UseGuards(AnswerLimitGuard)
  find(
    @Body() { code }: QuestionCodeDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<AskedQuestion> {
    return this.questions.found(code, deviceOf(request, response, this.config.KIVEX_SECURE));
  }
  @Route('POST /api/answer')
  @HttpCode(200)
  @UseGuards(AnswerLimitGuard)
  answer(
    @Body() { code, answer }: ClassAnswerDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<AskedQuestion> {
    return this.questions.take(code, deviceOf(request, response, this.config.KIVEX_SECURE), answer.trim());
  }
}
