/**
 * A connection kept for statements that are prepared once and then run at every tap. TypeORM has no way to ask for it, so
 * it is taken from the driver's own pool and stays with whoever asked; when it breaks, the next run takes another.
 */
import type { DataSource } from 'typeorm';

interface Connection {
  execute(
    options: { readonly sql: string; readonly timeout: number },
    values: readonly unknown[],
    done: (error: (Error & { fatal?: boolean; code?: string }) | null, result: unknown) => void,
  ): void;
  destroy(): void;
}
interface Pool {
  getConnection(done: (error: Error | null, connection: Connection) => void): void;
}

/** Milliseconds after which an answer is no longer waited for: a database that hangs must not hang those who ask. */
const patience = 10_000;

export class PreparedStatements {
  private connection: Promise<Connection> | undefined;

  constructor(private readonly source: DataSource) {}

  /** Runs a statement by itself; resolves once it is committed, with its rows. @throws the driver's error. */
  async run<Result>(sql: string, values: readonly unknown[]): Promise<Result> {
    this.connection ??= this.take();
    const own = this.connection;
    let connection: Connection;
    try {
      connection = await own;
    } catch (error) {
      this.forget(own);
      throw error;
    }
    return new Promise((resolve, reject) =>
      connection.execute({ sql, timeout: patience }, values, (error, result) => {
        if (!error) return resolve(result as Result);
        // What the statement itself did wrong leaves the connection as it is; anything else may have broken it.
        if (error.fatal || !error.code?.startsWith('ER_')) {
          this.forget(own);
          connection.destroy();
        }
        reject(error);
      }),
    );
  }

  private forget(connection: Promise<Connection>): void {
    if (this.connection === connection) this.connection = undefined;
  }

  private take(): Promise<Connection> {
    const { pool } = this.source.driver as unknown as { pool: Pool };
    return new Promise((resolve, reject) =>
      pool.getConnection((error, connection) => (error ? reject(error) : resolve(connection))),
    );
  }
}
