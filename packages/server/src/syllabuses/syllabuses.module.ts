import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { SyllabusesController } from './syllabuses.controller.js';
import { Syllabus, SyllabusVersion } from '../records/syllabuses.entities.js';
import { SyllabusesService } from './syllabuses.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Syllabus, SyllabusVersion])],
  controllers: [SyllabusesController],
  providers: [SyllabusesService],
  exports: [SyllabusesService],
})
export class SyllabusesModule {}
