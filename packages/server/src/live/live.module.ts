import { Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Lesson } from '../lessons/lessons.entities.js';
import { BoardGateway } from './board.gateway.js';
import { LiveService } from './live.service.js';

@Global()
@Module({
  imports: [TypeOrmModule.forFeature([Lesson])],
  providers: [LiveService, BoardGateway],
  exports: [LiveService],
})
export class LiveModule {}
