/**
 * A statement prepared once a connection and then only run: for the one place that is run at every tap.
 * TypeORM has no way to ask for it, so this goes to the driver's own pool, outside any transaction.
 */
import type { DataSource } from 'typeorm';

export interface Written {
  readonly affectedRows: number;
  readonly insertId: number;
}
interface Pool {
  execute(
    sql: string,
    values: readonly unknown[],
    done: (error: Error | null, written: Written) => void,
  ): void;
}

/** Runs a writing statement by itself; resolves once it is committed. @throws the driver's error. */
export function runPrepared(source: DataSource, sql: string, values: readonly unknown[]): Promise<Written> {
  const { pool } = source.driver as unknown as { pool: Pool };
  return new Promise((resolve, reject) =>
    pool.execute(sql, values, (error, written) => (error ? reject(error) : resolve(written))),
  );
}
