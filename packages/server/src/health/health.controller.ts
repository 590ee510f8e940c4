/** Liveness and readiness, for whoever watches the server. */
import { Controller } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { Route } from '../access/route.js';
import { unavailable } from '../problems/problems.js';

/** Milliseconds within which readiness is told, either way. */
const patience = 1_500;

/** Has this succeeded in time? Never throws. */
function inTime(work: Promise<unknown>): Promise<boolean> {
  return new Promise((resolve) => {
    const timer = setTimeout(() => resolve(false), patience);
    work
      .then(
        () => resolve(true),
        () => resolve(false),
      )
      .finally(() => clearTimeout(timer));
  });
}

@Controller()
export class HealthController {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  @Route('GET /api/health/live')
  live(): { status: 'up' } {
    return { status: 'up' };
  }
  @Route('GET /api/health/ready')
  async ready(): Promise<{ status: 'ready' }> {
    if (!(await inTime(this.source.query('SELECT 1'))))
      throw unavailable('The database does not answer. Kivex goes on by itself when it is back.');
    return { status: 'ready' };
  }
}
