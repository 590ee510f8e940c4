/**
 * Puts a backup back. The file is read through and checked before anything is touched; then it is laid beside the
 * tables that are there, in a database of its own, brought up to this version, and only then takes their place.
 */
import type { DataSource } from 'typeorm';
import { dataSourceFor, databaseNameOf, withDatabase } from '../database/data-source.js';
import { migrationsKnown } from './prepare-database.js';
import { BackupProblem, checkBackup, type BackupTable } from './backup-file.js';

/** Rows written in one statement. */
const atOnce = 200;
const quoted = (name: string): string => `\`${name.replaceAll('`', '``')}\``;

/** Tables of a database, the list of migrations included. */
async function tablesOf(source: DataSource, database: string): Promise<string[]> {
  const rows = await source.query<{ t: string }[]>(
    "SELECT table_name t FROM information_schema.tables WHERE table_schema = ? AND table_type = 'BASE TABLE'",
    [database],
  );
  return rows.map((row) => row.t);
}

/**
 * Puts a backup in the place of everything a database holds.
 * @param source of the database; nothing else may use it meanwhile.
 * @returns rows put back, by table. @throws BackupProblem for a file that is damaged or newer than this version.
 */
export async function restoreBackup(
  source: DataSource,
  file: string,
): Promise<Readonly<Record<string, number>>> {
  const { head, rows } = await checkBackup(file);
  const steps = head.migrations.filter((name) => migrationsKnown.includes(name));
  if (steps.length !== head.migrations.length)
    throw new BackupProblem(`${file} was made by a newer Kivex. Put it back with that version.`);
  const url = (source.options as { url: string }).url;
  const name = databaseNameOf(url);
  const beside = `${name}_restore`;
  await source.query(`DROP DATABASE IF EXISTS ${quoted(beside)}`);
  await source.query(`CREATE DATABASE ${quoted(beside)} CHARACTER SET utf8mb4`);
  const fresh = await dataSourceFor(withDatabase(url, beside)).initialize();
  try {
    await fresh.runMigrations();
    for (let n = migrationsKnown.length; n > steps.length; n--) await fresh.undoLastMigration();
    await fill(fresh, file);
    await fresh.runMigrations();
  } catch (error) {
    await fresh.destroy();
    await source.query(`DROP DATABASE IF EXISTS ${quoted(beside)}`);
    throw error;
  }
  await fresh.destroy();
  await takePlace(source, beside, name);
  await source.query(`DROP DATABASE ${quoted(beside)}`);
  return rows;
}

/** Writes the rows of a backup into empty tables of the same shape. */
async function fill(source: DataSource, file: string): Promise<void> {
  const runner = source.createQueryRunner();
  await runner.connect();
  try {
    await runner.query('SET foreign_key_checks = 0');
    await runner.query("SET sql_mode = CONCAT(@@sql_mode, ',NO_AUTO_VALUE_ON_ZERO')");
    let table: BackupTable | undefined;
    let waiting: (readonly (string | number | null)[])[] = [];
    const write = async () => {
      if (!table || !waiting.length) return;
      const marks = `(${table.columns.map(() => '?').join()})`;
      await runner.query(
        `INSERT INTO ${quoted(table.table)} (${table.columns.map(quoted).join()}) VALUES ${waiting.map(() => marks).join()}`,
        waiting.flat(),
      );
      waiting = [];
    };
    await runner.startTransaction();
    await checkBackup(file, {
      table: async (next) => {
        await write();
        table = next;
      },
      row: async (row) => {
        waiting.push(row);
        if (waiting.length >= atOnce) await write();
      },
    });
    await write();
    await runner.commitTransaction();
  } catch (error) {
    await runner.rollbackTransaction().catch(() => undefined);
    throw error;
  } finally {
    await runner.query('SET foreign_key_checks = 1').catch(() => undefined);
    await runner.release();
  }
}

interface Trigger {
  readonly name: string;
  readonly when: string;
  readonly what: string;
  readonly table: string;
  readonly does: string;
}
/** Triggers of a database. Tables with triggers cannot go from one database to another: these are made anew there. */
const triggersOf = (source: DataSource, database: string): Promise<Trigger[]> =>
  source.query<Trigger[]>(
    'SELECT trigger_name name, action_timing `when`, event_manipulation what, event_object_table `table`, action_statement does FROM information_schema.triggers WHERE trigger_schema = ?',
    [database],
  );

/** Puts the tables of one database in the place of another's. */
async function takePlace(source: DataSource, from: string, to: string): Promise<void> {
  const runner = source.createQueryRunner();
  await runner.connect();
  try {
    await runner.query('SET foreign_key_checks = 0');
    for (const table of await tablesOf(source, to))
      await runner.query(`DROP TABLE ${quoted(to)}.${quoted(table)}`);
    const triggers = await triggersOf(source, from);
    for (const { name } of triggers) await runner.query(`DROP TRIGGER ${quoted(from)}.${quoted(name)}`);
    const moves = (await tablesOf(source, from)).map(
      (table) => `${quoted(from)}.${quoted(table)} TO ${quoted(to)}.${quoted(table)}`,
    );
    await runner.query(`RENAME TABLE ${moves.join(', ')}`);
    for (const { name, when, what, table, does } of triggers)
      await runner.query(
        `CREATE TRIGGER ${quoted(to)}.${quoted(name)} ${when} ${what} ON ${quoted(to)}.${quoted(table)} FOR EACH ROW ${does}`,
      );
  } finally {
    await runner.query('SET foreign_key_checks = 1').catch(() => undefined);
    await runner.release();
  }
}
