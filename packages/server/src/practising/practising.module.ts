import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { Lesson, LessonSeat } from '../records/lessons.entities.js';
import {
  ClassAnswerRow,
  ClassQuestionRow,
  QuestionSetRow,
  ScreenRunRow,
  ScreenWorkRow,
  SetAnswerRow,
} from '../records/practising.entities.js';
import { SyllabusesModule } from '../syllabuses/syllabuses.module.js';
import { ClassFactsService } from './class-facts.service.js';
import { ClassQuestionsController } from './class-questions.controller.js';
import { ClassQuestionsService } from './class-questions.service.js';
import { PractisingSources } from './practising-sources.service.js';
import { QuestionSetsController } from './question-sets.controller.js';
import { QuestionSetsService } from './question-sets.service.js';
import { ScreenWorkController } from './screen-work.controller.js';
import { ScreenWorkService } from './screen-work.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([
      ClassQuestionRow,
      ClassAnswerRow,
      QuestionSetRow,
      SetAnswerRow,
      ScreenWorkRow,
      ScreenRunRow,
      Lesson,
      LessonSeat,
    ]),
    SyllabusesModule,
    LessonsModule,
  ],
  controllers: [ClassQuestionsController, QuestionSetsController, ScreenWorkController],
  providers: [
    ClassFactsService,
    ClassQuestionsService,
    PractisingSources,
    QuestionSetsService,
    ScreenWorkService,
  ],
  exports: [ScreenWorkService, QuestionSetsService],
})
export class PractisingModule {}
