/**
 * The way of an entry from the device to the server: kept on the device first, sent in order, removed only when the
 * server says it has it. Each batch says whose it is; one outbox is one student's in one lesson, and sends nothing of
 * anybody else. Sending again is harmless: each entry has its own id.
 */
import type { EntryBatch, EventsReceipt } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import type { DeviceStore, Owner, Waiting } from './device-store.js';

/** Entries sent at once. */
const batch = 50;

/** How the last round went. */
export interface OutboxState {
  readonly waiting: readonly Waiting[];
  /** Ids the server keeps apart for the teacher's word. */
  readonly held: readonly string[];
  readonly reached: boolean;
  /** The session is over. */
  readonly signedOut: boolean;
  /** Somebody else is at this browser's bench now: nothing of this student is sent until they are back. */
  readonly notMine: boolean;
}
export interface OutboxPorts {
  readonly device: DeviceStore;
  /** Sends entries as this student's own. @throws an error with the HTTP `status`, 0 where nobody answered. */
  readonly send: (batch: EntryBatch) => Promise<EventsReceipt>;
  /** Hands entries of a group the student has left to the teacher. @throws likewise. */
  readonly handOver: (batch: EntryBatch) => Promise<EventsReceipt>;
  /** Called after every round. */
  readonly changed: (state: OutboxState) => void;
  /** Milliseconds until the next try; a timer so that tests need not wait. */
  readonly later: (run: () => void, ms: number) => () => void;
  readonly now: () => Date;
}

const firstPause = 1_000;
const longestPause = 30_000;

/** What the server said of a batch that it did not take. */
interface Refusal {
  readonly status?: number;
  readonly fields?: readonly { readonly field: string }[];
  /** Seconds after which it is worth sending again. */
  readonly retryAfter?: number;
}

export class Outbox {
  private running: Promise<void> | undefined;
  private again = false;
  private pause = firstPause;
  private cancel: (() => void) | undefined;
  private closed = false;

  constructor(
    private readonly ports: OutboxPorts,
    readonly owner: Owner,
    private readonly whose?: { readonly name: string; readonly title: string },
  ) {}

  /** Keeps an entry, then tries to send. Resolves with where it is kept: on the device, or in this page alone. */
  async put(event: LessonEvent): Promise<'device' | 'page'> {
    const where = await this.ports.device.keep({
      event,
      lesson: this.owner.lesson,
      ...(this.whose ? { whose: this.whose } : {}),
    });
    this.flush().catch(() => undefined);
    return where;
  }

  /** Sends what waits, in order, until nothing does or the server cannot be reached. Never rejects. */
  flush(): Promise<void> {
    if (this.closed) return Promise.resolve();
    if (this.running) {
      this.again = true;
      return this.running;
    }
    this.running = this.sendAll().finally(() => {
      this.running = undefined;
      // Something was put in after the last look: it must not wait for a later occasion.
      if (this.again) void this.flush();
    });
    return this.running;
  }

  private async sendAll(): Promise<void> {
    this.cancel?.();
    this.again = false;
    const held: string[] = [];
    let reached = true;
    let signedOut = false;
    let notMine = false;
    try {
      for (;;) {
        const open = (await this.ports.device.waiting(this.owner)).filter((w) => !w.refused);
        if (!open.length || this.closed) break;
        const group = open[0]!.event.group;
        const end = open.findIndex((w) => w.event.group !== group);
        const events = open
          .slice(0, end < 0 ? batch : Math.min(batch, end))
          .map(({ event: { id, at, body } }) => ({ id, at, body }));
        const receipt = await this.hand({
          lesson: this.owner.lesson,
          student: this.owner.student,
          group,
          sent: this.ports.now().toISOString(),
          events,
        });
        held.push(...receipt.held);
        await this.ports.device.acknowledged(
          [...receipt.accepted, ...receipt.held],
          this.ports.now().getTime(),
        );
        for (const { id, detail } of receipt.refused) await this.ports.device.refuse(id, detail);
        // Neither taken nor refused: the server answered something else; do not turn in circles.
        const settled = new Set([...receipt.accepted, ...receipt.held, ...receipt.refused.map((r) => r.id)]);
        if (!events.some((e) => settled.has(e.id))) throw new Error('nothing was settled');
        this.pause = firstPause;
      }
    } catch (error) {
      const { status = 0, retryAfter } = error as Refusal;
      signedOut = status === 401;
      notMine = status === 409;
      reached = notMine;
      // The timer tries again; what was put in meanwhile goes with it.
      this.again = false;
      if (!signedOut && !notMine && !this.closed) {
        this.cancel = this.ports.later(
          () => void this.flush(),
          Math.max(this.pause, (retryAfter ?? 0) * 1000),
        );
        this.pause = Math.min(longestPause, this.pause * 2);
      }
    }
    if (this.closed) return;
    this.ports.changed({
      waiting: await this.ports.device.waiting(this.owner),
      held,
      reached,
      signedOut,
      notMine,
    });
  }

  /** Sends a batch; entries of a group the student has left since go to the teacher. */
  private async hand(entries: EntryBatch): Promise<EventsReceipt> {
    try {
      return await this.ports.send(entries);
    } catch (error) {
      const { status, fields } = error as Refusal;
      if (status !== 409 || !fields?.some((f) => f.field === 'group')) throw error;
      return this.ports.handOver(entries);
    }
  }

  /** Ends trying, for good: another student is at the device, or nobody. */
  close(): void {
    this.closed = true;
    this.cancel?.();
  }
}
