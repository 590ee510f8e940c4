import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../../lessons/lessons.module.js';
import { LessonEventRow } from '../../records/observing.entities.js';
import { LogModule } from '../log/log.module.js';
import { BoardController } from './board.controller.js';
import { BoardGateway } from './board.gateway.js';
import { CallsService } from './calls.service.js';
import { Lesson, LessonGroup } from '../../records/lessons.entities.js';
import { CausesService } from './causes.service.js';
import { StaffWordService } from './staff-word.service.js';
import { NoticesService } from './notices.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Lesson, LessonGroup, LessonEventRow]), LessonsModule, LogModule],
  controllers: [BoardController],
  providers: [BoardGateway, CallsService, CausesService, NoticesService, StaffWordService],
})
export class BoardModule {}
