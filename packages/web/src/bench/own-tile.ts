/** What the bench's home page says, worked out from what the device knows. */
import type { Bench } from '@kivex/contract';
import { paceOf, tileOf, type GroupRecord, type Pace, type TileRow } from '@kivex/core';

export interface OwnTile {
  readonly rows: readonly TileRow[];
  readonly tests: readonly string[];
  /** Undefined where no rota was kept, or the lesson has not begun. */
  readonly pace: Pace | undefined;
}

/** @param now by this device, milliseconds. */
export function ownTile(bench: Bench, record: GroupRecord, now: number): OwnTile {
  const tests = bench.tests.map((t) => t.test);
  const rows = tileOf(record, bench.samples, tests);
  const { startedAt } = bench.lesson;
  const minute = startedAt === null ? undefined : Math.floor((now - Date.parse(startedAt)) / 60_000);
  return {
    rows,
    tests,
    pace: minute !== undefined && bench.plan.length ? paceOf(bench.plan, minute, rows, tests) : undefined,
  };
}

/** The moment of a minute of the lesson, ISO 8601. */
export const momentOf = (startedAt: string, minute: number): string =>
  new Date(Date.parse(startedAt) + minute * 60_000).toISOString();

/** The sample a test is to be done on next: the first with nothing of it, else the first there is. */
export function nextSample({ rows, tests }: OwnTile, test: string): string {
  const column = tests.indexOf(test);
  const here = rows.filter((row) => row.cells[column]);
  return (here.find((row) => row.cells[column]!.state === 'empty') ?? here[0] ?? rows[0])?.sample ?? '';
}
