/**
 * The way of an entry from the device to the server: kept on the device first, sent in order, removed
 * only when the server says it has it. Sending again is harmless: each entry has its own id.
 */
import type { EventsReceipt } from '@kivex/contract';
import type { LessonEvent } from '@kivex/core';
import type { DeviceStore, Waiting } from './device-store.js';

/** Entries sent at once. */
const batch = 50;

export interface OutboxPorts {
  readonly device: DeviceStore;
  readonly send: (
    events: readonly { id: string; at: string; body: LessonEvent['body'] }[],
  ) => Promise<EventsReceipt>;
  /** Called after every round with what still waits, whether the server was reached, and an error to tell. */
  readonly changed: (state: { waiting: readonly Waiting[]; reached: boolean; signedOut: boolean }) => void;
  /** Milliseconds until the next try; a timer so that tests need not wait. */
  readonly later: (run: () => void, ms: number) => () => void;
}

const firstPause = 1_000;
const longestPause = 30_000;

export class Outbox {
  private running: Promise<void> | undefined;
  private again = false;
  private pause = firstPause;
  private cancel: (() => void) | undefined;

  constructor(
    private readonly ports: OutboxPorts,
    private readonly student: string,
    private readonly lesson: string,
  ) {}

  /** Keeps an entry on the device, then tries to send. Resolves when it is safe on the device. */
  async put(event: LessonEvent): Promise<void> {
    await this.ports.device.keep({ event, lesson: this.lesson });
    void this.flush();
  }

  /** Sends what waits, in order, until nothing does or the server cannot be reached. */
  flush(): Promise<void> {
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
    let reached = true;
    let signedOut = false;
    try {
      for (;;) {
        const open = (await this.ports.device.waiting(this.student, this.lesson)).filter((w) => !w.refused);
        if (!open.length) break;
        const sent = open.slice(0, batch).map(({ event: { id, at, body } }) => ({ id, at, body }));
        const { accepted, refused } = await this.ports.send(sent);
        await this.ports.device.done(accepted);
        for (const { id, detail } of refused) await this.ports.device.refuse(id, detail);
        // Neither taken nor refused: the server answered something else; do not turn in circles.
        const settled = new Set([...accepted, ...refused.map((r) => r.id)]);
        if (!sent.some((e) => settled.has(e.id))) throw new Error('nothing was settled');
        this.pause = firstPause;
      }
    } catch (error) {
      const status = (error as { status?: number }).status ?? 0;
      signedOut = status === 401;
      reached = false;
      // The timer tries again; what was put in meanwhile goes with it.
      this.again = false;
      if (!signedOut) {
        this.cancel = this.ports.later(() => void this.flush(), this.pause);
        this.pause = Math.min(longestPause, this.pause * 2);
      }
    }
    this.ports.changed({
      waiting: await this.ports.device.waiting(this.student, this.lesson),
      reached,
      signedOut,
    });
  }

  /** Ends trying again by itself. */
  close(): void {
    this.cancel?.();
  }
}
