/**
 * Reads the log: in pages, never cut without saying so, and never stopped by a row that cannot be read (left out and
 * reported). Boards start from snapshots, so that their first look does not grow with the log.
 */
import type { BoardLog, WireEvent } from '@kivex/contract';
import { compactLog, isReadableBody } from '@kivex/core';
import { Logger } from '@nestjs/common';
import type { DataSource, EntityManager } from 'typeorm';
import type { Clock } from '../../clock/clock.js';
import { Together } from '../../heavy/together.js';
import { KeptLogs } from './kept-logs.js';

/** Rows fetched at once. */
const page = 1000;
/** Observations kept of each sample and test: on the bench itself, and on the board of all benches. */
const keptForBench = 40;
const keptForBoard = 6;
/** Rows after a snapshot before a new one is made. */
const snapshotAfter = 300;
/** A snapshot reaches only to what is this old, in milliseconds: by then no earlier place is still to be committed. */
const settledAfter = 60_000;

interface Row {
  readonly seq: string | number;
  readonly id: string;
  readonly groupId: string;
  readonly studentId: string | null;
  readonly staffId: string | null;
  readonly at: Date | null;
  readonly receivedAt: Date | null;
  readonly body: string;
}
/** What a group's rows are, in short. */
interface State {
  readonly rows: number;
  readonly state: string;
}
interface SnapshotRow {
  readonly groupId: string;
  readonly seq: string | number;
  readonly events: string;
}

type LogOf = { readonly lessonId: string } | { readonly groupId: string };
interface Entry {
  readonly event: WireEvent;
  /** Milliseconds since 1970. */
  readonly receivedAt: number;
}
interface Fetched {
  readonly entries: readonly Entry[];
  readonly unreadable: readonly number[];
  readonly next: number | null;
}

export interface LogPage {
  readonly events: readonly WireEvent[];
  readonly unreadable: readonly number[];
  /** Place after which the next page begins; null when this was the last. */
  readonly next: number | null;
}

const columns = 'seq, id, groupId, studentId, staffId, at, receivedAt, body';
const isMoment = (date: Date | null): date is Date => date instanceof Date && !Number.isNaN(date.getTime());

function readBody(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** A row as it crosses the wire; undefined for one that cannot be read. */
function wire(row: Row): WireEvent | undefined {
  const body = readBody(row.body);
  const at = isMoment(row.at) ? row.at : row.receivedAt;
  if (!isReadableBody(body) || !isMoment(at)) return undefined;
  return {
    id: row.id,
    seq: Number(row.seq),
    group: row.groupId,
    by: row.studentId ?? row.staffId ?? '',
    at: at.toISOString(),
    body,
  };
}

export class LogReader {
  private readonly logger = new Logger('log');
  /** Rows reported once already. */
  private readonly reported = new Set<number>();
  private readonly kept = new KeptLogs<readonly WireEvent[]>((events) => events.length);
  private readonly states = new Together<ReadonlyMap<string, State>>();
  /** Groups as a board begins with them. */
  private readonly boards = new KeptLogs<BoardLog>(({ events }) => events.length);

  constructor(
    private readonly source: DataSource,
    private readonly clock: Clock,
  ) {}

  /** One page of a lesson's or a group's log, in order, after a place in it. */
  async page(of: LogOf, after = 0, most = page, db?: EntityManager): Promise<LogPage> {
    const { entries, unreadable, next } = await this.fetch(of, after, most, db);
    return { events: entries.map((e) => e.event), unreadable, next };
  }

  /**
   * The whole log of a group, fetched page by page; limits on what one may log keep it within reason. Outside a
   * transaction one that has not changed since it was read is not read again.
   */
  async ofGroup(groupId: string, db?: EntityManager): Promise<WireEvent[]> {
    if (db) return (await this.whole(groupId, db)).events;
    return [...(await this.unlessRead(groupId, (await this.statesOf([groupId])).get(groupId)!))];
  }

  /** The whole logs of groups, one after the other; what has changed is asked once for all of them. */
  async *ofGroups(groupIds: readonly string[]): AsyncGenerator<readonly WireEvent[]> {
    const states = await this.statesOf(groupIds);
    for (const groupId of groupIds) yield this.unlessRead(groupId, states.get(groupId)!);
  }

  private async unlessRead(groupId: string, { rows, state }: State): Promise<readonly WireEvent[]> {
    const kept = this.kept.get(groupId, state);
    if (kept) return kept;
    const read = await this.whole(groupId);
    // What came while it was read is in it, but not in the state: the next look reads it anew.
    if (rows === read.rows) this.kept.keep(groupId, state, read.events);
    return read.events;
  }

  private async whole(groupId: string, db?: EntityManager): Promise<{ events: WireEvent[]; rows: number }> {
    const events: WireEvent[] = [];
    let rows = 0;
    for (let after: number | null = 0; after !== null;) {
      const next: LogPage = await this.page({ groupId }, after, page, db);
      events.push(...next.events);
      rows += next.events.length + next.unreadable.length;
      after = next.next;
    }
    return { events, rows };
  }

  /** What tells whether groups' rows are as they were: one added, changed, handed over or taken away tells. */
  private statesOf(groupIds: readonly string[]): Promise<ReadonlyMap<string, State>> {
    return this.states.do(groupIds.join(), () => this.askStates(groupIds));
  }

  private async askStates(groupIds: readonly string[]): Promise<ReadonlyMap<string, State>> {
    const states = new Map<string, State>(groupIds.map((id) => [id, { rows: 0, state: 'nothing' }]));
    if (!groupIds.length) return states;
    const rows = await this.source.query<
      {
        readonly id: string;
        readonly n: string | number;
        readonly last: string | number;
        readonly sum: string;
      }[]
    >(
      `SELECT groupId AS id, COUNT(*) AS n, MAX(seq) AS last,
              SUM(CRC32(CONCAT_WS('|', id, studentId, staffId, at, body))) AS sum
       FROM lesson_event WHERE groupId IN (${groupIds.map(() => '?').join()}) GROUP BY groupId`,
      [...groupIds],
    );
    for (const { id, n, last, sum } of rows)
      states.set(id, { rows: Number(n), state: `${n} ${last} ${sum}` });
    return states;
  }

  /** A group's log cut to what its own bench shows. */
  async forBench(groupId: string): Promise<readonly WireEvent[]> {
    return (await this.cut([groupId])).get(groupId)!.events;
  }

  /** The logs of groups cut to what a board shows of them. */
  async forBoard(groupIds: readonly string[]): Promise<BoardLog> {
    const states = await this.statesOf(groupIds);
    const boards = new Map<string, BoardLog>();
    for (const id of groupIds) {
      const kept = this.boards.get(id, states.get(id)!.state);
      if (kept) boards.set(id, kept);
    }
    const others = groupIds.filter((id) => !boards.has(id));
    for (const [id, { events, unreadable }] of await this.cut(others)) {
      const own = { events: compactLog(events, keptForBoard), unreadable };
      boards.set(id, own);
      this.boards.keep(id, states.get(id)!.state, own);
    }
    const all = [...boards.values()];
    return {
      events: all.flatMap((own) => own.events).sort((a, b) => a.seq - b.seq),
      unreadable: all.flatMap((own) => own.unreadable),
    };
  }

  private async cut(groupIds: readonly string[]): Promise<ReadonlyMap<string, BoardLog>> {
    const logs = new Map<string, BoardLog>();
    if (!groupIds.length) return logs;
    const kept = await this.source.query<SnapshotRow[]>(
      `SELECT groupId, seq, events FROM log_snapshot WHERE groupId IN (${groupIds.map(() => '?').join()})`,
      [...groupIds],
    );
    const snapshots = new Map(kept.map((row) => [row.groupId, row]));
    for (const groupId of groupIds) logs.set(groupId, await this.cutGroup(groupId, snapshots.get(groupId)));
    return logs;
  }

  /** Brings a group's snapshot forward where much has come since; returns the group's log, cut. */
  private async cutGroup(groupId: string, kept: SnapshotRow | undefined): Promise<BoardLog> {
    let base = ((kept && readBody(kept.events)) ?? []) as WireEvent[];
    const unreadable: number[] = [];
    const since: Entry[] = [];
    for (let after: number | null = kept ? Number(kept.seq) : 0; after !== null;) {
      const next: Fetched = await this.fetch({ groupId }, after);
      since.push(...next.entries);
      unreadable.push(...next.unreadable);
      after = next.next;
      const settled = this.clock.ms() - settledAfter;
      const fresh = since.findIndex((e) => e.receivedAt > settled);
      const old = since.slice(0, fresh < 0 ? since.length : fresh);
      if (old.length < snapshotAfter) continue;
      base = compactLog([...base, ...old.map((e) => e.event)], keptForBench);
      since.splice(0, old.length);
      await this.keep(groupId, old.at(-1)!.event.seq, base);
    }
    return { events: compactLog([...base, ...since.map((e) => e.event)], keptForBench), unreadable };
  }

  private async keep(groupId: string, seq: number, events: readonly WireEvent[]): Promise<void> {
    // Of two processes that make one at once, the one that reaches further stays.
    await this.source.query(
      `INSERT INTO log_snapshot (groupId, seq, events) VALUES (?, ?, ?)
       ON DUPLICATE KEY UPDATE events = IF(VALUES(seq) > seq, VALUES(events), events), seq = GREATEST(seq, VALUES(seq))`,
      [groupId, seq, JSON.stringify(events)],
    );
  }

  private async fetch(of: LogOf, after: number, most = page, db?: EntityManager): Promise<Fetched> {
    const [column, id] = 'lessonId' in of ? ['lessonId', of.lessonId] : ['groupId', of.groupId];
    const rows = await (db ?? this.source.manager).query<Row[]>(
      `SELECT ${columns} FROM lesson_event WHERE ${column} = ? AND seq > ? ORDER BY seq LIMIT ?`,
      [id, after, most],
    );
    const entries: Entry[] = [];
    const unreadable: number[] = [];
    for (const row of rows) {
      const event = wire(row);
      if (event) entries.push({ event, receivedAt: row.receivedAt?.getTime() ?? 0 });
      else unreadable.push(Number(row.seq));
    }
    this.report(unreadable);
    return { entries, unreadable, next: rows.length === most ? Number(rows.at(-1)!.seq) : null };
  }

  private report(unreadable: readonly number[]): void {
    for (const seq of unreadable) {
      if (this.reported.has(seq) || this.reported.size >= page) continue;
      this.reported.add(seq);
      this.logger.error(`row ${seq} of the log cannot be read and is left out; everything else goes on`);
    }
  }
}
