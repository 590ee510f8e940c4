import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonLogService } from './lesson-log.service.js';
import { LessonEventRow } from './observing.entities.js';

@Module({
  imports: [TypeOrmModule.forFeature([LessonEventRow])],
  providers: [LessonLogService],
  exports: [LessonLogService],
})
export class ObservingModule {}
