import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { MarkingModule } from '../marking/marking.module.js';
import { Lesson } from '../records/lessons.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { ScreenWorkRow } from '../records/practising.entities.js';
import { LogModule } from '../run/log/log.module.js';
import { LessonLogFileService } from './lesson-log-file.service.js';
import { LessonReviewService } from './lesson-review.service.js';
import { ReviewController } from './review.controller.js';
import { SchoolFairnessService } from './school-fairness.service.js';
import { SchoolReviewService } from './school-review.service.js';
import { SchoolSlipsService } from './school-slips.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([Lesson, PracticalVersion, ScreenWorkRow]),
    LessonsModule,
    MarkingModule,
    LogModule,
  ],
  controllers: [ReviewController],
  providers: [
    LessonReviewService,
    SchoolReviewService,
    SchoolFairnessService,
    SchoolSlipsService,
    LessonLogFileService,
  ],
})
export class ReviewModule {}
