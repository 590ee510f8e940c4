import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../../lessons/lessons.module.js';
import { GroupUnknown, LessonGroup, LessonSeat } from '../../records/lessons.entities.js';
import { IncidentRow, KeptSampleRow } from '../../records/room.entities.js';
import { IncidentsService } from './incidents.service.js';
import { KeptSamplesService } from './kept-samples.service.js';
import { RoomRecordsController } from './room-records.controller.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([IncidentRow, KeptSampleRow, LessonGroup, LessonSeat, GroupUnknown]),
    LessonsModule,
  ],
  controllers: [RoomRecordsController],
  providers: [IncidentsService, KeptSamplesService],
})
export class RoomRecordsModule {}
