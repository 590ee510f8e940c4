/**
 * How much may be logged: far above what hands can do, low enough that one bench cannot fill a lesson's log. By session
 * and by group in a while, and in all by student in a lesson. Kept in the process; several processes allow as much each.
 */
import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible';
import { LRUCache } from 'lru-cache';
import type { StudentCaller } from '../../access/caller.js';
import { tooMany } from '../../problems/problems.js';

/** Seconds that the first two limits count over. */
const during = 30;
/** Entries of a session: fifty a second, or hours offline sent at once. */
export const mostOfSession = 1500;
/** Entries of a group, from all its devices. */
export const mostOfGroup = 4000;
/** Entries of one student in one lesson. */
export const mostOfStudent = 5000;

export class EntryLimits {
  private readonly sessions = new RateLimiterMemory({ points: mostOfSession, duration: during });
  private readonly groups = new RateLimiterMemory({ points: mostOfGroup, duration: during });
  private readonly totals = new LRUCache<string, { n: number }>({ max: 5000, ttl: 6 * 60 * 60_000 });

  /** @param count how many entries of a student are in the log of a lesson; asked once, then counted on. */
  constructor(private readonly count: (student: StudentCaller) => Promise<number>) {}

  /**
   * Takes `n` entries into account.
   * @returns how many more the student may have in this lesson, n at most.
   * @throws ProblemException 429 while too many came in a while; what was sent is to be sent again later.
   */
  async take(student: StudentCaller, n: number): Promise<number> {
    if (!n) return 0;
    try {
      await this.sessions.consume(student.sessionId, n);
      await this.groups.consume(student.groupId, n);
    } catch (limit) {
      if (limit instanceof Error) throw limit;
      const seconds = Math.max(1, Math.ceil((limit as RateLimiterRes).msBeforeNext / 1000));
      throw tooMany(
        `More comes from this bench than hands can log. It is kept on the device and goes up by itself in ${seconds} seconds.`,
        seconds,
      );
    }
    const key = `${student.lessonId} ${student.id}`;
    let total = this.totals.get(key);
    if (!total) {
      total = { n: await this.count(student) };
      this.totals.set(key, total);
    }
    const may = Math.max(0, Math.min(n, mostOfStudent - total.n));
    total.n += may;
    return may;
  }
}
