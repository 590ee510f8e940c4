/**
 * Slows one address that tries to sign in or join very often. A school shares one address, so the limit grows with the
 * seats of the lessons that are on: a whole year group may join at once. Leaving is never limited.
 */
import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { Request } from 'express';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { Repository } from 'typeorm';
import { Config } from '../config/config.js';
import { LessonSeat } from '../records/lessons.entities.js';
import { tooMany } from '../problems/problems.js';
import { Clock } from '../clock/clock.js';

/** Requests a student may need to join, with a wrong PIN or two. */
const perSeat = 8;
/** Milliseconds a count of seats is believed. */
const countedFor = 20_000;
const nearLessons = 12 * 60 * 60_000;

@Injectable()
export class AddressLimitGuard implements CanActivate {
  private readonly limiter = new RateLimiterMemory({ points: Number.MAX_SAFE_INTEGER, duration: 60 });
  private seats = { count: 0, at: 0 };

  constructor(
    private readonly clock: Clock,
    @InjectRepository(LessonSeat) private readonly rows: Repository<LessonSeat>,
    private readonly config: Config,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const address = context.switchToHttp().getRequest<Request>().ip ?? 'unknown';
    const { consumedPoints, msBeforeNext } = await this.limiter.consume(address);
    if (consumedPoints <= this.config.KIVEX_JOINS_PER_MINUTE) return true;
    if (consumedPoints <= this.config.KIVEX_JOINS_PER_MINUTE + perSeat * (await this.seatsNow())) return true;
    const seconds = Math.max(1, Math.ceil(msBeforeNext / 1000));
    throw tooMany(`Too many tries from here. Wait ${seconds} seconds, then try again.`, seconds);
  }

  /** Seats of lessons that run, or are planned for about now. */
  private async seatsNow(): Promise<number> {
    const now = this.clock.ms();
    if (now - this.seats.at < countedFor) return this.seats.count;
    this.seats = { count: this.seats.count, at: now };
    const count = await this.rows
      .createQueryBuilder('seat')
      .innerJoin('seat.lesson', 'lesson')
      .where("lesson.state = 'running'")
      .orWhere("(lesson.state = 'planned' AND lesson.startsAt BETWEEN :from AND :to)", {
        from: new Date(now - nearLessons),
        to: new Date(now + nearLessons),
      })
      .getCount();
    this.seats = { count, at: now };
    return count;
  }
}
