import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { StoreController } from './store.controller.js';
import { StockMoveRow, StoreBatch, StoreItem } from '../records/store.entities.js';
import { StoreService } from './store.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([StoreItem, StoreBatch, StockMoveRow])],
  controllers: [StoreController],
  providers: [StoreService],
  exports: [StoreService],
})
export class StoreModule {}
