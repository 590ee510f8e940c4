import { Module } from '@nestjs/common';
import { LessonsModule } from '../../lessons/lessons.module.js';
import { MarkingModule } from '../../marking/marking.module.js';
import { FlowService } from './flow.service.js';
import { LessonStateController } from './lesson-state.controller.js';

@Module({
  imports: [LessonsModule, MarkingModule],
  controllers: [LessonStateController],
  providers: [FlowService],
  exports: [FlowService],
})
export class FlowModule {}
