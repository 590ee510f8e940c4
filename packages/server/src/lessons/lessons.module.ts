import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PeopleModule } from '../people/people.module.js';
import { PracticalsModule } from '../practicals/practicals.module.js';
import { LessonViewsService } from './lesson-views.service.js';
import { LessonsController } from './lessons.controller.js';
import { GroupUnknown, Lesson, LessonGroup, LessonSample, LessonSeat } from './lessons.entities.js';
import { LessonsService } from './lessons.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([Lesson, LessonGroup, LessonSeat, LessonSample, GroupUnknown]),
    PeopleModule,
    PracticalsModule,
  ],
  controllers: [LessonsController],
  providers: [LessonsService, LessonViewsService],
  exports: [LessonsService, LessonViewsService, PracticalsModule, PeopleModule],
})
export class LessonsModule {}
