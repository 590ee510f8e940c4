/** Slows one address that tries to sign in or join too often. A school shares one address, so the limit is wide. */
import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { Config } from '../config/config.js';
import { tooMany } from '../problems/problems.js';

@Injectable()
export class AddressLimitGuard implements CanActivate {
  private readonly limiter: RateLimiterMemory;

  constructor(config: Config) {
    this.limiter = new RateLimiterMemory({ points: config.KIVEX_JOINS_PER_MINUTE, duration: 60 });
  }

  async canActivate(context: ExecutionContext): Promise<boolean> {
    try {
      await this.limiter.consume(context.switchToHttp().getRequest<Request>().ip ?? 'unknown');
      return true;
    } catch {
      throw tooMany('Too many tries from here. Wait a minute, then try again.');
    }
  }
}
