/**
 * Brings the tables up to this version of Kivex before anything uses them: never backwards, never two processes at
 * once, never without a backup of what was there.
 */
import type { Logger } from 'pino';
import { DataSource } from 'typeorm';
import { backupBefore } from './kept-backups.js';
import type { Config } from '../config/config.js';
import { databaseOptions, migrations } from '../database/data-source.js';

/** Seconds another process may take to bring the tables up to date. */
const patience = 300;
/** Tries to reach the database, and milliseconds between them. */
const tries = 5;
const between = 1_000;

async function connected(config: Config): Promise<DataSource> {
  for (let left = tries; ; left--) {
    const source = new DataSource(databaseOptions(config.KIVEX_DATABASE_URL, 2));
    try {
      return await source.initialize();
    } catch (error) {
      if (left <= 1) throw error;
      await new Promise((resolve) => setTimeout(resolve, between));
    }
  }
}

/** Names of the migrations a database has been through, oldest first. */
export async function migrationsDone(source: DataSource): Promise<string[]> {
  const [there] = await source.query<unknown[]>(
    "SELECT 1 FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = 'migrations'",
  );
  if (!there) return [];
  const rows = await source.query<{ name: string }[]>('SELECT name FROM migrations ORDER BY timestamp, id');
  return rows.map((row) => row.name);
}

/** Names of the migrations this version knows, oldest first. */
export const migrationsKnown: readonly string[] = migrations.map((M) => new M().name);

/** @throws Error when the database was written by a newer Kivex, or cannot be backed up first. */
export async function prepareDatabase(config: Config, logger: Logger): Promise<void> {
  const source = await connected(config);
  try {
    const runner = source.createQueryRunner();
    await runner.connect();
    try {
      const lock = 'CONCAT(DATABASE(), "_migrate")';
      const rows = (await runner.query(`SELECT GET_LOCK(${lock}, ${patience}) got`)) as { got: unknown }[];
      if (Number(rows[0]?.got) !== 1)
        throw new Error(
          'another Kivex process is still bringing the tables up to date. Start this one again later.',
        );
      const done = await migrationsDone(source);
      const newer = done.filter((name) => !migrationsKnown.includes(name));
      if (newer.length)
        throw new Error(
          `this database was written by a newer Kivex (${newer.at(-1)}). Start that version, or put an older backup back with npm run restore.`,
        );
      const next = migrationsKnown.filter((name) => !done.includes(name));
      if (next.length) {
        if (done.length && config.KIVEX_BACKUP_FOLDER) {
          const file = await backupBefore(source, config.KIVEX_BACKUP_FOLDER, config.KIVEX_BACKUPS_KEPT);
          logger.warn(`the tables are brought up to date; what was there is kept in ${file}`);
        }
        await source.runMigrations();
      }
      await runner.query(`SELECT RELEASE_LOCK(${lock})`);
    } finally {
      await runner.release();
    }
  } finally {
    await source.destroy();
  }
}
