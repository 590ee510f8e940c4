/** Liveness and readiness, for whoever watches the server. */
import { Controller, Get, HttpStatus } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AllowedTo } from '../access/caller.js';
import { ProblemException } from '../problems/problems.js';

@Controller('api/health')
@AllowedTo('anyone')
export class HealthController {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  @Get('live')
  live(): { status: 'up' } {
    return { status: 'up' };
  }
  @Get('ready')
  async ready(): Promise<{ status: 'ready' }> {
    try {
      await this.source.query('SELECT 1');
    } catch {
      throw new ProblemException(
        HttpStatus.SERVICE_UNAVAILABLE,
        'The database does not answer. Kivex goes on by itself when it is back.',
      );
    }
    return { status: 'ready' };
  }
}
