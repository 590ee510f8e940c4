import type { GatheredSet, GivenSet, QuestionSetHead } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Req, Res, UseGuards } from '@nestjs/common';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { deviceOf } from '../access/device.js';
import { Route } from '../access/route.js';
import { Config } from '../config/config.js';
import { AnswerLimitGuard } from './answer-limit.guard.js';
import { NewQuestionSetDto, OpenSetDto, SetAnswersDto, SetCodeDto } from './practising.dtos.js';
import { QuestionSetsService } from './question-sets.service.js';

@Controller()
export class QuestionSetsController {
  constructor(
    private readonly sets: QuestionSetsService,
    private readonly config: Config,
  ) {}

  @Route('GET /api/question-sets')
  list(@ByStaff() staff: StaffCaller): Promise<QuestionSetHead[]> {
    return this.sets.list(staff);
  }
  @Route('POST /api/question-sets')
  give(@ByStaff() staff: StaffCaller, @Body() wanted: NewQuestionSetDto): Promise<GatheredSet> {
    return this.sets.give(staff, wanted);
  }
  @Route('GET /api/question-sets/:given')
  show(@Param('given', ParseUUIDPipe) id: string): Promise<GatheredSet> {
    return this.sets.show(id);
  }
  @Route('PATCH /api/question-sets/:given')
  open(@Param('given', ParseUUIDPipe) id: string, @Body() { open }: OpenSetDto): Promise<GatheredSet> {
    return this.sets.open(id, open);
  }
  @Route('DELETE /api/question-sets/:given')
  @HttpCode(204)
  remove(@Param('given', ParseUUIDPipe) id: string): Promise<void> {
    return this.sets.remove(id);
  }

  @Route('POST /api/set/find')
  @HttpCode(200)
  @UseGuards(AnswerLimitGuard)
  find(
    @Body() { code }: SetCodeDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<GivenSet> {
    // It is given its mark with the set: of a class behind one address each answers as itself from the first on.
    deviceOf(request, response, this.config.KIVEX_SECURE);
    return this.sets.found(code);
  }
  @Route('POST /api/set/answers')
  @HttpCode(200)
  @UseGuards(AnswerLimitGuard)
  answer(
    @Body() { code, answers }: SetAnswersDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<{ readonly taken: number }> {
    return this.sets.take(code, deviceOf(request, response, this.config.KIVEX_SECURE), answers);
  }
}
