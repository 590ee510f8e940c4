import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LessonsModule } from '../lessons/lessons.module.js';
import { StoreModule } from '../store/store.module.js';
import { PreparationController } from './preparation.controller.js';
import { PrepSubstitutionRow, PrepTickRow } from '../records/preparation.entities.js';
import { PreparationService } from './preparation.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([PrepTickRow, PrepSubstitutionRow]), LessonsModule, StoreModule],
  controllers: [PreparationController],
  providers: [PreparationService],
})
export class PreparationModule {}
