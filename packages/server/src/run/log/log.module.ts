import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { HeldEntriesService } from './held-entries.service.js';
import { LessonLogService } from './lesson-log.service.js';
import { HeldEntryRow, LessonEventRow } from '../../records/observing.entities.js';

@Module({
  imports: [TypeOrmModule.forFeature([LessonEventRow, HeldEntryRow])],
  providers: [LessonLogService, HeldEntriesService],
  exports: [LessonLogService, HeldEntriesService],
})
export class LogModule {}
