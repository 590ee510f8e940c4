import { Module } from '@nestjs/common';
import { LessonsModule } from '../lessons/lessons.module.js';
import { MarkingModule } from '../marking/marking.module.js';
import { GradebookClient } from './gradebook-client.js';
import { GradebookController } from './gradebook.controller.js';
import { GradebookSender } from './gradebook-sender.js';
import { GradebookService } from './gradebook.service.js';

@Module({
  imports: [LessonsModule, MarkingModule],
  controllers: [GradebookController],
  providers: [GradebookClient, GradebookSender, GradebookService],
})
export class GradebookModule {}
