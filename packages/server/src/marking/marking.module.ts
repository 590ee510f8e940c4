import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { LogModule } from '../run/log/log.module.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { MarkChangeRow, MarkRow } from '../records/marking.entities.js';
import { MarksController } from './marks.controller.js';
import { MarksService } from './marks.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([MarkRow, MarkChangeRow, PracticalVersion]), LessonsModule, LogModule],
  controllers: [MarksController],
  providers: [MarksService],
  exports: [MarksService],
})
export class MarkingModule {}
