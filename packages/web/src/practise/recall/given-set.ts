/**
 * A set a teacher gave out, on a device: what was found under its code is kept, so that it opens without a network, and so
 * are answers until they are sent.
 */
import type { GivenSet, SetAnswer } from '@kivex/contract';
import { RequestProblem } from '../../kit/request/request.js';

/** Where a device keeps things: its own store, or one made up by a test. */
export type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const setKey = (code: string) => `kivex-set-${code}`;
const unsentKey = (code: string) => `kivex-set-unsent-${code}`;
/** Answers sent at once, as many as the server takes. */
const atOnce = 60;
/** Milliseconds until what could not be sent is tried again; twice as long each time, up to the longest. */
const firstPause = 1_000;
const longestPause = 15_000;

function read<T>(store: Store, key: string): T | undefined {
  try {
    return (JSON.parse(store.getItem(key) ?? 'null') as T | null) ?? undefined;
  } catch {
    return undefined;
  }
}
function write(store: Store, key: string, value: unknown): void {
  try {
    store.setItem(key, JSON.stringify(value));
  } catch {
    // A device that keeps nothing practises all the same, while the page is open.
  }
}

/**
 * The set of a code: from the server, or as the device has it where the server cannot be reached.
 * @throws RequestProblem where there is no such set, or it was never seen here.
 */
export async function findSet(
  code: string,
  ask: (code: string) => Promise<GivenSet>,
  store: Store = localStorage,
): Promise<GivenSet> {
  try {
    const found = await ask(code);
    write(store, setKey(code), found);
    return found;
  } catch (problem) {
    const unreached = problem instanceof RequestProblem && (problem.status === 0 || problem.status >= 500);
    const kept = unreached ? read<GivenSet>(store, setKey(code)) : undefined;
    if (kept) return kept;
    throw problem;
  }
}

/** How sending stands. */
export interface Sending {
  readonly waiting: number;
  readonly sent: number;
  /** Why no more are sent; undefined while they are. */
  readonly over: string | undefined;
}

/** Answers of a device on their way: one batch at a time, in the order they were given, tried again until they are there. */
export class AnswersOnTheWay {
  private unsent: readonly SetAnswer[];
  private busy = false;
  private state: Sending;
  private pause = firstPause;
  private next: ReturnType<typeof setTimeout> | undefined;
  private stopped = false;

  constructor(
    private readonly code: string,
    private readonly send: (answers: readonly SetAnswer[]) => Promise<unknown>,
    private readonly told: (state: Sending) => void,
    private readonly store: Store = localStorage,
  ) {
    this.unsent = read<SetAnswer[]>(store, unsentKey(code)) ?? [];
    this.state = { waiting: this.unsent.length, sent: 0, over: undefined };
  }

  get now(): Sending {
    return this.state;
  }

  /** Takes an answer and sends it as soon as may be. */
  async add(answer: SetAnswer): Promise<void> {
    if (this.state.over !== undefined) return;
    this.keep([...this.unsent, answer]);
    await this.flush();
  }

  /** The network is back, it is said: the first try may still come too early, and is then soon made again. */
  async backAgain(): Promise<void> {
    this.pause = firstPause;
    await this.flush();
  }

  /** Nobody waits here any more; what is unsent stays on the device. */
  stop(): void {
    this.stopped = true;
    clearTimeout(this.next);
  }

  /** Sends what waits; what cannot be sent is tried again by itself. */
  async flush(): Promise<void> {
    this.stopped = false;
    if (this.busy) return;
    this.busy = true;
    clearTimeout(this.next);
    try {
      while (this.unsent.length && this.state.over === undefined) {
        const batch = this.unsent.slice(0, atOnce);
        await this.send(batch);
        this.pause = firstPause;
        this.keep(this.unsent.slice(batch.length), this.state.sent + batch.length);
      }
    } catch (problem) {
      // What the server will never take is not offered again; what it could not be asked is.
      if (problem instanceof RequestProblem && [409, 422].includes(problem.status)) {
        this.state = { ...this.state, over: problem.message };
        this.keep([]);
      } else if (!this.stopped) {
        this.next = setTimeout(() => void this.flush(), this.pause);
        this.pause = Math.min(2 * this.pause, longestPause);
      }
    } finally {
      this.busy = false;
    }
  }

  private keep(unsent: readonly SetAnswer[], sent = this.state.sent): void {
    this.unsent = unsent;
    if (unsent.length) write(this.store, unsentKey(this.code), unsent);
    else this.store.removeItem(unsentKey(this.code));
    this.state = { ...this.state, waiting: unsent.length, sent };
    this.told(this.state);
  }
}

/** How sending stands, in words. */
export function sendingInWords({ waiting, sent, over }: Sending): string {
  if (over !== undefined) return over;
  if (waiting)
    return `${waiting === 1 ? 'One answer waits' : `${waiting} answers wait`} for the network, kept on this device.`;
  return sent
    ? 'Your answers have gone to your teacher, without your name.'
    : 'Answers go to your teacher, without your name.';
}
