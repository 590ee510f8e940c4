import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { LogModule } from '../run/log/log.module.js';
import { AnswerRuleRow, MarkFlagRow } from '../records/answer-rules.entities.js';
import { Lesson } from '../records/lessons.entities.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { MarkChangeRow, MarkReleaseRow, MarkRow, MarkSchemeRow } from '../records/marking.entities.js';
import { AbsenceService } from './absence.service.js';
import { AnswerRulesController } from './answer-rules.controller.js';
import { AnswerRulesService } from './answer-rules.service.js';
import { DecisionsService } from './decisions.service.js';
import { FeedbackService } from './feedback.service.js';
import { FlagsService } from './flags.service.js';
import { HeldSamplesController } from './held-samples.controller.js';
import { HeldSamplesService } from './held-samples.service.js';
import { MarkKeepingService } from './mark-keeping.service.js';
import { MarkFilesController } from './mark-files.controller.js';
import { MarksController } from './marks.controller.js';
import { MarksService } from './marks.service.js';
import { OpenAnswersService } from './open-answers.service.js';
import { PreviewsService } from './previews.service.js';
import { QuestionsController } from './questions.controller.js';
import { QuestionsService } from './questions.service.js';
import { ReleasesService } from './releases.service.js';
import { ReportsService } from './reports.service.js';
import { RuleRecordsService } from './rule-records.service.js';
import { SchemeRecordsService } from './scheme-records.service.js';
import { SchemesController } from './schemes.controller.js';
import { SchemesService } from './schemes.service.js';
import { SecondMarkingController } from './second-marking.controller.js';
import { SecondMarkingService } from './second-marking.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([
      Lesson,
      MarkRow,
      MarkChangeRow,
      MarkSchemeRow,
      MarkReleaseRow,
      PracticalVersion,
      AnswerRuleRow,
      MarkFlagRow,
    ]),
    LessonsModule,
    LogModule,
  ],
  controllers: [
    MarksController,
    SchemesController,
    MarkFilesController,
    SecondMarkingController,
    QuestionsController,
    HeldSamplesController,
    AnswerRulesController,
  ],
  providers: [
    MarkKeepingService,
    MarksService,
    DecisionsService,
    AbsenceService,
    SchemeRecordsService,
    RuleRecordsService,
    AnswerRulesService,
    FlagsService,
    OpenAnswersService,
    SchemesService,
    SecondMarkingService,
    QuestionsService,
    FeedbackService,
    ReportsService,
    PreviewsService,
    HeldSamplesService,
    ReleasesService,
  ],
  exports: [
    MarksService,
    MarkKeepingService,
    DecisionsService,
    ReleasesService,
    FeedbackService,
    QuestionsService,
  ],
})
export class MarkingModule {}
