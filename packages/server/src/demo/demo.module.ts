import { Module } from '@nestjs/common';
import { FlowModule } from '../run/flow/flow.module.js';
import { LessonsModule } from '../lessons/lessons.module.js';
import { MarkingModule } from '../marking/marking.module.js';
import { LogModule } from '../run/log/log.module.js';
import { PractisingModule } from '../practising/practising.module.js';
import { RoomsModule } from '../rooms/rooms.module.js';
import { StoreModule } from '../store/store.module.js';
import { DemoService } from './demo.service.js';

@Module({
  imports: [FlowModule, RoomsModule, StoreModule, LessonsModule, MarkingModule, LogModule, PractisingModule],
  providers: [DemoService],
  exports: [DemoService],
})
export class DemoModule {}
