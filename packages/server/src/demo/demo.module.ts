import { Module } from '@nestjs/common';
import { FlowModule } from '../flow/flow.module.js';
import { LessonsModule } from '../lessons/lessons.module.js';
import { MarkingModule } from '../marking/marking.module.js';
import { ObservingModule } from '../observing/observing.module.js';
import { RoomsModule } from '../rooms/rooms.module.js';
import { StoreModule } from '../store/store.module.js';
import { DemoService } from './demo.service.js';

@Module({
  imports: [FlowModule, RoomsModule, StoreModule, LessonsModule, MarkingModule, ObservingModule],
  providers: [DemoService],
  exports: [DemoService],
})
export class DemoModule {}
