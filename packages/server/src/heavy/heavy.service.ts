/**
 * Heavy or hostile work in worker threads: papers, sheets and hashing, so that a tap at a bench never waits for
 * them. Papers go one at a time for each school; the same paper asked for again comes from memory; an asker who leaves
 * stops the work.
 */
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import { badInput, tooMany, unavailable } from '../problems/problems.js';
import type { ReadTable } from '../sheets/sheet-kinds.js';
import type * as jobs from './jobs.js';
import type { ReadOutcome, ZipOutcome } from './sheet-jobs.js';

type Jobs = typeof jobs;
type Paper = 'labels' | 'prepSheet' | 'riskSheet' | 'referenceCard' | 'reports' | 'sheetFile';

/** Milliseconds a worker waits for more before it ends and gives its memory back. */
const idle = 10_000;
/** Milliseconds of work at most. */
const longestPaper = 60_000;
const longestSheet = 8_000;
/** Papers of a school that may wait at once. */
const mostWaiting = 6;
/** Bytes of papers kept. */
const mostKept = 24_000_000;

const pool = (file: string, memory_MB: number): Piscina =>
  new Piscina({
    filename: fileURLToPath(new URL(file, import.meta.url)),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: idle,
    resourceLimits: { maxOldGenerationSizeMb: memory_MB, maxYoungGenerationSizeMb: 16 },
  });

@Injectable()
export class HeavyService implements OnModuleDestroy {
  private readonly papers = pool('./jobs.js', 256);
  private readonly secrets = pool('./secret-jobs.js', 48);
  private readonly sheets = pool('./sheet-jobs.js', 64);
  private readonly kept = new LRUCache<string, Uint8Array>({
    maxSize: mostKept,
    sizeCalculation: (bytes) => bytes.length || 1,
    ttl: 60 * 60_000,
  });
  /** By school: the last paper asked for, and how many wait. */
  private readonly queues = new Map<string, { last: Promise<unknown>; waiting: number }>();

  async onModuleDestroy(): Promise<void> {
    await Promise.all([this.papers, this.secrets, this.sheets].map((p) => p.destroy()));
  }

  /**
   * Makes a paper or a file.
   * @param school papers of one school are made one after another. @param gone fires when the asker has left.
   * @throws ProblemException 429 when too many of the school's wait already, 503 when it took too long.
   */
  async paper<J extends Paper>(
    job: J,
    input: Parameters<Jobs[J]>[0],
    school: string,
    gone?: AbortSignal,
  ): Promise<Uint8Array> {
    const key = createHash('sha256')
      .update(`${job} ${JSON.stringify(input)}`)
      .digest('base64');
    const known = this.kept.get(key);
    if (known) return known;
    return this.inTurn(school, async () => {
      const made = this.kept.get(key);
      if (made) return made;
      gone?.throwIfAborted();
      const bytes = await this.run<Uint8Array>(this.papers, job, input, longestPaper, gone);
      this.kept.set(key, bytes);
      return bytes;
    });
  }

  private async inTurn<T>(school: string, work: () => Promise<T>): Promise<T> {
    const queue = this.queues.get(school) ?? { last: Promise.resolve(), waiting: 0 };
    if (queue.waiting >= mostWaiting)
      throw tooMany(
        'Several papers of your school are being made already. Try again when they are there.',
        5,
      );
    this.queues.set(school, queue);
    queue.waiting++;
    const mine = queue.last.then(work);
    queue.last = mine.catch(() => undefined);
    try {
      return await mine;
    } finally {
      queue.waiting--;
      if (!queue.waiting) this.queues.delete(school);
    }
  }

  private async run<T>(
    on: Piscina,
    name: string,
    input: unknown,
    longest: number,
    gone?: AbortSignal,
  ): Promise<T> {
    const late = AbortSignal.timeout(longest);
    try {
      return (await on.run(input, { name, signal: gone ? AbortSignal.any([gone, late]) : late })) as T;
    } catch (error) {
      if (gone?.aborted) throw unavailable('Nobody waits for this any more.');
      if (late.aborted) throw unavailable('This took too long. Try again, or with less at once.', 30);
      throw error;
    }
  }

  hash(secret: string, rounds: number): Promise<string> {
    return this.run(this.secrets, 'hashSecret', { secret, rounds }, longestPaper);
  }

  verify(hashed: string, secret: string): Promise<boolean> {
    return this.run(this.secrets, 'verifySecret', { hashed, secret }, longestPaper);
  }

  /** CSV files of a zip archive as tables. @throws ProblemException 422 for what is no archive, or too much of one. */
  async readZip(
    bytes: Uint8Array,
    wanted: readonly string[],
  ): Promise<Readonly<Record<string, readonly (readonly string[])[]>>> {
    let outcome: ZipOutcome;
    try {
      outcome = await this.run<ZipOutcome>(this.sheets, 'readZip', { bytes, wanted }, longestSheet);
    } catch {
      throw badInput('This archive is too large to read. Send fewer classes at once.', 'file');
    }
    if ('problem' in outcome) throw badInput(outcome.problem, 'file');
    return outcome.tables;
  }

  /** The first sheet of a file as rows of texts. @throws ProblemException 422 for what is no sheet, or too much of one. */
  async readSheet(bytes: Uint8Array): Promise<ReadTable> {
    let outcome: ReadOutcome;
    try {
      outcome = await this.run<ReadOutcome>(this.sheets, 'readSheet', bytes, longestSheet);
    } catch {
      // Out of memory or out of time: the worker has ended, and nothing else with it.
      throw badInput(
        'This sheet is too large or too involved to read. Save the part you need as CSV and try again.',
        'file',
      );
    }
    if ('problem' in outcome) throw badInput(outcome.problem, 'file');
    return outcome.table;
  }
}
