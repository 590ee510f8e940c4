/**
 * Entries that come while the record is being asked for. The answer on its way may be from before them: they are put into it,
 * or they would be lost until the record is asked for again.
 */
import type { Bench, WireEvent } from '@kivex/contract';

/** A record with an entry more, in the server's order; the same record where it is there already. */
export function withEvent(events: readonly WireEvent[], event: WireEvent): readonly WireEvent[] {
  if (events.some((e) => e.id === event.id)) return events;
  return [...events, event].sort((a, b) => a.seq - b.seq);
}

export class LateEntries {
  private asking = 0;
  private came: WireEvent[] = [];

  /** Waits for an answer; meanwhile what comes is kept. */
  async during<T>(asked: () => Promise<T>): Promise<T> {
    this.asking += 1;
    try {
      return await asked();
    } finally {
      this.asking -= 1;
      if (!this.asking) this.came = [];
    }
  }
  note(event: WireEvent): void {
    if (this.asking) this.came.push(event);
  }
  /** A record that was answered, with what has come of its group since it was asked for. */
  into(bench: Bench): Bench {
    const own = this.came.filter((event) => event.group === bench.group.id);
    return own.length ? { ...bench, events: own.reduce(withEvent, bench.events) } : bench;
  }
}
