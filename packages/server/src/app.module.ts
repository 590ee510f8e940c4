/** Puts the feature folders together; the config comes checked from `main.ts` or a test. */
import { Global, Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_PIPE } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AccessGuard } from './access/access.guard.js';
import { OwnershipGuard } from './access/ownership.guard.js';
import { AuditModule } from './audit/audit.module.js';
import { AccessModule } from './access/access.module.js';
import { RoomRecordsModule } from './run/room/room.module.js';
import { BenchModule } from './run/bench/bench.module.js';
import { BoardModule } from './run/board/board.module.js';
import { Clock } from './clock/clock.js';
import { Config } from './config/config.js';
import { databaseOptions } from './database/data-source.js';
import { DemoModule } from './demo/demo.module.js';
import { FlowModule } from './run/flow/flow.module.js';
import { HeavyModule } from './heavy/heavy.module.js';
import { HealthController } from './health/health.controller.js';
import { LessonsModule } from './lessons/lessons.module.js';
import { LiveModule } from './run/live/live.module.js';
import { MarkingModule } from './marking/marking.module.js';
import { RightsModule } from './rights/rights.module.js';
import { ExchangeModule } from './exchange/exchange.module.js';
import { GradebookModule } from './gradebook/gradebook.module.js';
import { ReviewModule } from './review/review.module.js';
import { PeopleModule } from './people/people.module.js';
import { PracticalsModule } from './practicals/practicals.module.js';
import { PractisingModule } from './practising/practising.module.js';
import { PreparationModule } from './preparation/preparation.module.js';
import { ProblemFilter } from './problems/problem.filter.js';
import { RoomsModule } from './rooms/rooms.module.js';
import { StoreModule } from './store/store.module.js';
import { SyllabusesModule } from './syllabuses/syllabuses.module.js';
import { validation } from './problems/validation.js';

@Global()
@Module({})
class ConfigModule {
  static with(config: Config): DynamicModule {
    return {
      module: ConfigModule,
      providers: [{ provide: Config, useValue: config }, Clock],
      exports: [Config, Clock],
    };
  }
}

@Module({})
export class AppModule {
  /** The whole server for one configuration. */
  static with(config: Config): DynamicModule {
    return {
      module: AppModule,
      imports: [
        ConfigModule.with(config),
        TypeOrmModule.forRoot({
          ...databaseOptions(config.KIVEX_DATABASE_URL),
          retryAttempts: 5,
          retryDelay: 1000,
        }),
        LiveModule,
        HeavyModule,
        AuditModule,
        AccessModule,
        PeopleModule,
        SyllabusesModule,
        PracticalsModule,
        RoomsModule,
        StoreModule,
        PreparationModule,
        LessonsModule,
        MarkingModule,
        ReviewModule,
        RightsModule,
        PractisingModule,
        ExchangeModule,
        GradebookModule,
        FlowModule,
        BoardModule,
        BenchModule,
        RoomRecordsModule,
        DemoModule,
      ],
      controllers: [HealthController],
      providers: [
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_GUARD, useClass: OwnershipGuard },
        { provide: APP_FILTER, useClass: ProblemFilter },
        { provide: APP_PIPE, useValue: validation },
      ],
    };
  }
}
