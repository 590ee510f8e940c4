import { Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonSeat } from '../records/lessons.entities.js';
import { School, Staff } from '../records/people.entities.js';
import { KnownDevice, Session, SignInAttempt } from '../records/access.entities.js';
import { AddressLimitGuard } from './address-limit.guard.js';
import { SecondFactorService } from './second-factor.service.js';
import { SecretsService } from './secrets.service.js';
import { SessionWatch } from './session-watch.js';
import { SessionsService } from './sessions.service.js';
import { SignInController } from './sign-in.controller.js';
import { SignInService } from './sign-in.service.js';
import { TriesService } from './tries.service.js';

@Global()
@Module({
  imports: [TypeOrmModule.forFeature([Session, SignInAttempt, KnownDevice, Staff, School, LessonSeat])],
  controllers: [SignInController],
  providers: [
    SessionsService,
    SessionWatch,
    SecretsService,
    TriesService,
    SecondFactorService,
    SignInService,
    AddressLimitGuard,
  ],
  exports: [
    TypeOrmModule,
    SessionsService,
    SecretsService,
    TriesService,
    SecondFactorService,
    SignInService,
    AddressLimitGuard,
  ],
})
export class AccessModule {}
