import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PeopleModule } from '../people/people.module.js';
import { PracticalVersion } from '../records/practicals.entities.js';
import { PracticalsModule } from '../practicals/practicals.module.js';
import { RoomsModule } from '../rooms/rooms.module.js';
import { DealingService } from './dealing.service.js';
import { LessonViewsService } from './lesson-views.service.js';
import { JarsController, LessonsController } from './lessons.controller.js';
import { GroupUnknown, Lesson, LessonGroup, LessonSample, LessonSeat } from '../records/lessons.entities.js';
import { LessonsService } from './lessons.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([Lesson, LessonGroup, LessonSeat, LessonSample, GroupUnknown, PracticalVersion]),
    PeopleModule,
    PracticalsModule,
    RoomsModule,
  ],
  controllers: [LessonsController, JarsController],
  providers: [LessonsService, LessonViewsService, DealingService],
  exports: [LessonsService, LessonViewsService, PracticalsModule, PeopleModule],
})
export class LessonsModule {}
