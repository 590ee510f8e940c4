import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { Lesson, LessonSeat } from '../records/lessons.entities.js';
import {
  ClassAnswerRow,
  ClassQuestionRow,
  ScreenRunRow,
  ScreenWorkRow,
} from '../records/practising.entities.js';
import { SyllabusesModule } from '../syllabuses/syllabuses.module.js';
import { ClassQuestionsController } from './class-questions.controller.js';
import { ClassQuestionsService } from './class-questions.service.js';
import { ScreenWorkController } from './screen-work.controller.js';
import { ScreenWorkService } from './screen-work.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([
      ClassQuestionRow,
      ClassAnswerRow,
      ScreenWorkRow,
      ScreenRunRow,
      Lesson,
      LessonSeat,
    ]),
    SyllabusesModule,
    LessonsModule,
  ],
  controllers: [ClassQuestionsController, ScreenWorkController],
  providers: [ClassQuestionsService, ScreenWorkService],
  exports: [ScreenWorkService],
})
export class PractisingModule {}
