import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { GroupUnknown, Lesson, LessonGroup, LessonSeat } from '../../records/lessons.entities.js';
import { LessonsModule } from '../../lessons/lessons.module.js';
import { MarkingModule } from '../../marking/marking.module.js';
import { LogModule } from '../log/log.module.js';
import { BenchController } from './bench.controller.js';
import { BenchGateway } from './bench.gateway.js';
import { BenchSettingsService } from './bench-settings.service.js';
import { BenchService } from './bench.service.js';
import { EntriesService } from './entries.service.js';
import { JoiningController } from './joining.controller.js';
import { PinsService } from './pins.service.js';
import { SharedDeviceService } from './shared-device.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([Lesson, LessonGroup, LessonSeat, GroupUnknown]),
    LessonsModule,
    LogModule,
    MarkingModule,
  ],
  controllers: [JoiningController, BenchController],
  providers: [
    BenchService,
    EntriesService,
    BenchSettingsService,
    BenchGateway,
    PinsService,
    SharedDeviceService,
  ],
})
export class BenchModule {}
