import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { HeldEntriesService } from './held-entries.service.js';
import { LessonLogService } from './lesson-log.service.js';
import { HeldEntryRow, LessonEventRow, PhotoRow } from '../../records/observing.entities.js';
import { PhotosService } from './photos.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([LessonEventRow, HeldEntryRow, PhotoRow])],
  providers: [LessonLogService, HeldEntriesService, PhotosService],
  exports: [LessonLogService, HeldEntriesService, PhotosService],
})
export class LogModule {}
