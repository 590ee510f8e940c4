import { Module } from '@nestjs/common';
import { ArchiveService } from './archive.service.js';
import { ErasureService } from './erasure.service.js';
import { RightsController } from './rights.controller.js';

@Module({ controllers: [RightsController], providers: [ErasureService, ArchiveService] })
export class RightsModule {}
