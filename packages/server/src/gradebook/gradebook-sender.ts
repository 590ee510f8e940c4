/**
 * Sends what waits for the gradebook, whichever process gets to it: claimed for a while, line by line, each noted as soon
 * as it is there. What comes to nothing is tried again after ever longer pauses; after a restart it goes on where it stood.
 */
import { Injectable, Logger, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull, LessThan, LessThanOrEqual } from 'typeorm';
import { Clock } from '../clock/clock.js';
import { GradebookLineRow, GradebookSendingRow } from '../records/gradebook.entities.js';
import { GradebookAway, GradebookClient } from './gradebook-client.js';

/** Milliseconds between looks. */
const every = 2_000;
/** Milliseconds a sending is claimed for; renewed with every line. */
const claim = 60_000;
const firstPause = 2_000;
const longestPause = 5 * 60_000;
/** Pause after so many tries in a row that came to nothing. */
export const pauseAfter = (tries: number): number =>
  Math.min(longestPause, firstPause * 2 ** Math.min(20, Math.max(0, tries - 1)));

/** The id of a student's result of a lesson: the same however often it is sent. */
export const resultId = (lessonId: string, studentId: string): string => `${lessonId}:${studentId}`;

@Injectable()
export class GradebookSender implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger('gradebook');
  private timer: NodeJS.Timeout | undefined;
  private under: Promise<void> | undefined;

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly client: GradebookClient,
    private readonly clock: Clock,
  ) {}

  onApplicationBootstrap(): void {
    if (!this.client.isSetUp) return;
    this.timer = setInterval(() => this.nudge(), every);
    this.timer.unref();
  }

  async onModuleDestroy(): Promise<void> {
    clearInterval(this.timer);
    await this.under;
  }

  /** Looks now rather than in a while. */
  nudge(): void {
    this.under ??= this.look()
      .catch((error: Error) => this.logger.debug(error.message))
      .finally(() => (this.under = undefined));
  }

  /** Sends all that is due. @returns how many sendings were tried. */
  async look(): Promise<void> {
    for (;;) {
      const sending = await this.claimed();
      if (!sending) return;
      await this.send(sending);
    }
  }

  private async claimed(): Promise<GradebookSendingRow | undefined> {
    const db = this.source.manager;
    const now = this.clock.now();
    const due = { state: 'going' as const, dueAt: LessThanOrEqual(now) };
    const free = [
      { ...due, claimedUntil: IsNull() },
      { ...due, claimedUntil: LessThan(now) },
    ];
    const found = await db.findOne(GradebookSendingRow, { where: free, order: { dueAt: 'ASC' } });
    if (!found) return undefined;
    // Of two processes that saw it free one gets it.
    const { affected } = await db.update(
      GradebookSendingRow,
      free.map((f) => ({ ...f, id: found.id })) as never,
      { claimedUntil: new Date(now.getTime() + claim) },
    );
    return affected ? found : this.claimed();
  }

  private async send(sending: GradebookSendingRow): Promise<void> {
    const db = this.source.manager;
    const { id, lessonId } = sending;
    try {
      const item = await this.client.putLineItem({
        sourcedId: lessonId,
        title: sending.title,
        assignDate: sending.date,
        resultValueMax: sending.max,
      });
      if (!item.taken) throw new GradebookAway(item.reason);
      const waiting = await db.find(GradebookLineRow, {
        where: { sendingId: id, state: 'waiting' },
        order: { id: 'ASC' },
      });
      for (const line of waiting) {
        const put = await this.client.putResult({
          sourcedId: resultId(lessonId, line.studentId),
          lineItemSourcedId: lessonId,
          studentSourcedId: line.studentId,
          score: line.score,
          scoreDate: line.date,
          comment: line.comment,
        });
        await db.update(
          GradebookLineRow,
          { id: line.id },
          put.taken ? { state: 'taken', reason: null } : { state: 'refused', reason: put.reason },
        );
        const { affected } = await db.update(
          GradebookSendingRow,
          { id, state: 'going' },
          { claimedUntil: new Date(this.clock.ms() + claim), tries: 0, problem: null },
        );
        // Somebody has stopped it.
        if (!affected) return;
      }
      await db.update(
        GradebookSendingRow,
        { id, state: 'going' },
        { state: 'done', claimedUntil: null, tries: 0, problem: null },
      );
    } catch (error) {
      if (!(error instanceof GradebookAway)) throw error;
      const tries = (await db.findOneByOrFail(GradebookSendingRow, { id })).tries + 1;
      await db.update(
        GradebookSendingRow,
        { id, state: 'going' },
        {
          tries,
          problem: error.message.slice(0, 500),
          dueAt: new Date(this.clock.ms() + pauseAfter(tries)),
          claimedUntil: null,
        },
      );
    }
  }
}
