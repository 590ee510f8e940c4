import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { PracticalsController } from './practicals.controller.js';
import { Practical, PracticalVersion } from '../records/practicals.entities.js';
import { SyllabusesModule } from '../syllabuses/syllabuses.module.js';
import { PracticalsService } from './practicals.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Practical, PracticalVersion]), SyllabusesModule],
  controllers: [PracticalsController],
  providers: [PracticalsService],
  exports: [PracticalsService],
})
export class PracticalsModule {}
