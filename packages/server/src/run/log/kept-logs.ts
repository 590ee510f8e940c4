/**
 * Logs of groups read whole before, kept in memory while nothing of them has changed: a large lesson read again by its
 * review, its file and its marks is parsed once.
 */
import type { WireEvent } from '@kivex/contract';

interface Kept {
  /** What the rows were: their number, the last place, and a sum over what stands in them. */
  readonly state: string;
  readonly events: readonly WireEvent[];
}

export class KeptLogs {
  /** Least lately used first. */
  private readonly logs = new Map<string, Kept>();
  private size = 0;

  /** @param most entries kept of all groups together; about half a kilobyte each. */
  constructor(private readonly most = 40_000) {}

  /** The log as it was read when its rows were in this state; undefined when they were not, or it is not kept. */
  get(group: string, state: string): readonly WireEvent[] | undefined {
    const kept = this.logs.get(group);
    if (!kept) return undefined;
    this.logs.delete(group);
    if (kept.state !== state) {
      this.size -= kept.events.length;
      return undefined;
    }
    this.logs.set(group, kept);
    return kept.events;
  }

  /** Keeps a log; those not asked for longest make room. One that is larger than all the room is not kept. */
  keep(group: string, state: string, events: readonly WireEvent[]): void {
    this.size -= this.logs.get(group)?.events.length ?? 0;
    this.logs.delete(group);
    if (events.length > this.most) return;
    this.logs.set(group, { state, events });
    this.size += events.length;
    for (const [oldest, { events: gone }] of this.logs) {
      if (this.size <= this.most) break;
      this.logs.delete(oldest);
      this.size -= gone.length;
    }
  }
}
