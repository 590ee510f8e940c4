import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { ObservingModule } from '../observing/observing.module.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { MarkChangeRow, MarkRow } from '../records/marking.entities.js';
import { MarksController } from './marks.controller.js';
import { MarksService } from './marks.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([MarkRow, MarkChangeRow, PracticalVersion]),
    LessonsModule,
    ObservingModule,
  ],
  controllers: [MarksController],
  providers: [MarksService],
  exports: [MarksService],
})
export class MarkingModule {}
