import { Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonSeat } from '../lessons/lessons.entities.js';
import { School, Staff } from '../people/people.entities.js';
import { Session, SignInAttempt } from './access.entities.js';
import { AddressLimitGuard } from './address-limit.guard.js';
import { SecretsService } from './secrets.service.js';
import { SessionsService } from './sessions.service.js';
import { SignInController } from './sign-in.controller.js';

@Global()
@Module({
  imports: [TypeOrmModule.forFeature([Session, SignInAttempt, Staff, School, LessonSeat])],
  controllers: [SignInController],
  providers: [SessionsService, SecretsService, AddressLimitGuard],
  exports: [SessionsService, SecretsService, AddressLimitGuard],
})
export class AccessModule {}
