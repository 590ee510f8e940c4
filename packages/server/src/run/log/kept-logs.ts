/**
 * What was read of groups' logs before, kept in memory while nothing of them has changed: a large lesson looked at again by its
 * board, its review, its file and its marks is read and parsed once.
 */
interface Kept<T> {
  /** What the rows were: their number, the last place, and a sum over what stands in them. */
  readonly state: string;
  readonly value: T;
  readonly size: number;
}

export class KeptLogs<T> {
  /** Least lately used first. */
  private readonly logs = new Map<string, Kept<T>>();
  private size = 0;

  /**
   * @param sizeOf entries in what is kept; about half a kilobyte each.
   * @param most entries kept of all groups together.
   */
  constructor(
    private readonly sizeOf: (value: T) => number,
    private readonly most = 40_000,
  ) {}

  /** What was read when the group's rows were in this state; undefined when they were not, or it is not kept. */
  get(group: string, state: string): T | undefined {
    const kept = this.logs.get(group);
    if (!kept) return undefined;
    this.logs.delete(group);
    if (kept.state !== state) {
      this.size -= kept.size;
      return undefined;
    }
    this.logs.set(group, kept);
    return kept.value;
  }

  /** Keeps what was read; what was not asked for longest makes room. What is larger than all the room is not kept. */
  keep(group: string, state: string, value: T): void {
    this.size -= this.logs.get(group)?.size ?? 0;
    this.logs.delete(group);
    const size = this.sizeOf(value);
    if (size > this.most) return;
    this.logs.set(group, { state, value, size });
    this.size += size;
    for (const [oldest, gone] of this.logs) {
      if (this.size <= this.most) break;
      this.logs.delete(oldest);
      this.size -= gone.size;
    }
  }
}
