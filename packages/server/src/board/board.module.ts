import { Module } from '@nestjs/common';
import { LessonsModule } from '../lessons/lessons.module.js';
import { ObservingModule } from '../observing/observing.module.js';
import { BoardController } from './board.controller.js';

@Module({ imports: [LessonsModule, ObservingModule], controllers: [BoardController] })
export class BoardModule {}
