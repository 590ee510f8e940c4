/** Slows one address that asks for questions very often: a class of sixty that looks every few seconds is let through. */
import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { tooMany } from '../problems/problems.js';

const perMinute = 2_000;

@Injectable()
export class AnswerLimitGuard implements CanActivate {
  private readonly limiter = new RateLimiterMemory({ points: Number.MAX_SAFE_INTEGER, duration: 60 });

  /** @throws 429 */
  async canActivate(context: ExecutionContext): Promise<boolean> {
    const address = context.switchToHttp().getRequest<Request>().ip ?? 'unknown';
    const { consumedPoints, msBeforeNext } = await this.limiter.consume(address);
    if (consumedPoints <= perMinute) return true;
    const seconds = Math.max(1, Math.ceil(msBeforeNext / 1000));
    throw tooMany(`Too many tries from here. Wait ${seconds} seconds, then try again.`, seconds);
  }
}
