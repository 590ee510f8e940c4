/**
 * A backup: one file of gzipped JSON Lines that any program can read. First a line that says what it is and at which
 * migration the tables stood; then for each table its name and columns and its rows as lists; last a line with the
 * number of rows and a SHA-256 of every line before it, so that a damaged or cut file is known before it is used.
 */
import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { rename, rm } from 'node:fs/promises';
import { createInterface } from 'node:readline';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import type { DataSource, QueryRunner } from 'typeorm';

export const backupFormat = 1;
/** Rows fetched at once. */
const page = 500;

export interface BackupHead {
  readonly kivexBackup: number;
  /** ISO 8601. */
  readonly at: string;
  /** Migrations the tables had been through, oldest first. */
  readonly migrations: readonly string[];
}
export interface BackupTable {
  readonly table: string;
  readonly columns: readonly string[];
}
interface BackupEnd {
  readonly end: true;
  readonly rows: Readonly<Record<string, number>>;
  readonly sha256: string;
}
type Row = readonly (string | number | null)[];

/** Thrown with a sentence for whoever makes or puts back a backup. */
export class BackupProblem extends Error {}

const quoted = (name: string): string => `\`${name.replaceAll('`', '``')}\``;

/** Tables of a database, but not the list of migrations, which stands in the head. */
async function tablesOf(runner: QueryRunner): Promise<string[]> {
  const rows = (await runner.query(
    "SELECT table_name t FROM information_schema.tables WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE' AND table_name <> 'migrations' ORDER BY table_name",
  )) as { t: string }[];
  return rows.map((row) => row.t);
}

const namesOf = async (runner: QueryRunner, sql: string, table: string): Promise<string[]> =>
  ((await runner.query(sql, [table])) as { c: string }[]).map((row) => row.c);

async function* linesOf(runner: QueryRunner, migrations: readonly string[]): AsyncGenerator<string> {
  const hash = createHash('sha256');
  const line = (value: unknown): string => {
    const text = `${JSON.stringify(value)}\n`;
    hash.update(text);
    return text;
  };
  yield line({ kivexBackup: backupFormat, at: new Date().toISOString(), migrations } satisfies BackupHead);
  const counts: Record<string, number> = {};
  for (const table of await tablesOf(runner)) {
    const columns = await namesOf(
      runner,
      'SELECT column_name c FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ? ORDER BY ordinal_position',
      table,
    );
    const key = await namesOf(
      runner,
      "SELECT column_name c FROM information_schema.key_column_usage WHERE table_schema = DATABASE() AND table_name = ? AND constraint_name = 'PRIMARY' ORDER BY ordinal_position",
      table,
    );
    yield line({ table, columns } satisfies BackupTable);
    counts[table] = 0;
    // As text, so that no number or moment is read and written back as another.
    const select = columns.map((c) => `CAST(${quoted(c)} AS CHAR CHARACTER SET utf8mb4) ${quoted(c)}`).join();
    const order = key.map(quoted).join();
    for (let last: Row | undefined; ;) {
      const after = last ? `WHERE (${order}) > (${key.map(() => '?').join()})` : '';
      const rows = (await runner.query(
        `SELECT ${select} FROM ${quoted(table)} ${after} ORDER BY ${order} LIMIT ${page}`,
        last ? [...last] : [],
      )) as Record<string, string | null>[];
      for (const row of rows) yield line(columns.map((c) => row[c] ?? null));
      counts[table] += rows.length;
      if (rows.length < page) break;
      last = key.map((c) => rows.at(-1)![c] ?? null);
    }
  }
  yield `${JSON.stringify({ end: true, rows: counts, sha256: hash.digest('hex') } satisfies BackupEnd)}\n`;
}

/**
 * Writes a backup of a database as it stands at one moment, while Kivex goes on. The file appears under its name once it
 * is whole. @returns how many rows of each table it holds. @throws BackupProblem when it does not read back.
 */
export async function writeBackup(
  source: DataSource,
  migrations: readonly string[],
  file: string,
): Promise<Readonly<Record<string, number>>> {
  const runner = source.createQueryRunner();
  await runner.connect();
  const unfinished = `${file}.unfinished`;
  try {
    await runner.query('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ');
    await runner.query('START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY');
    await pipeline(
      Readable.from(linesOf(runner, migrations)),
      createGzip({ level: 6 }),
      createWriteStream(unfinished, { mode: 0o600 }),
    );
    await runner.query('COMMIT');
    const { rows } = await checkBackup(unfinished);
    await rename(unfinished, file);
    return rows;
  } finally {
    await rm(unfinished, { force: true });
    // Given back clean: the isolation level was for this alone.
    await runner.query('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ').catch(() => undefined);
    await runner.release();
  }
}

export interface BackupReader {
  readonly table?: (table: BackupTable) => Promise<void> | void;
  readonly row?: (row: Row) => Promise<void> | void;
}

/**
 * Reads a backup from end to end and checks that it is whole.
 * @param take is handed tables and rows as they come, before the whole is known to be sound.
 * @throws BackupProblem for what is no backup, is damaged, cut off, or of a newer format.
 */
export async function checkBackup(
  file: string,
  take: BackupReader = {},
): Promise<{ head: BackupHead; rows: Readonly<Record<string, number>> }> {
  const hash = createHash('sha256');
  const counts: Record<string, number> = {};
  let head: BackupHead | undefined;
  let table: string | undefined;
  let end: BackupEnd | undefined;
  const broken = () => new BackupProblem(`${file} is damaged or not a backup of Kivex. Use another.`);
  const unpacked = createReadStream(file)
    .on('error', () => undefined)
    .pipe(createGunzip());
  try {
    for await (const text of createInterface({ input: unpacked, crlfDelay: Infinity })) {
      if (end) throw broken();
      const value = JSON.parse(text) as unknown;
      if (Array.isArray(value)) {
        if (!table) throw broken();
        counts[table] = (counts[table] ?? 0) + 1;
        await take.row?.(value as Row);
      } else if (typeof value === 'object' && value !== null && 'kivexBackup' in value) {
        head = value as BackupHead;
        if (head.kivexBackup > backupFormat)
          throw new BackupProblem(`${file} was made by a newer Kivex. Put it back with that version.`);
      } else if (typeof value === 'object' && value !== null && 'table' in value) {
        table = (value as BackupTable).table;
        counts[table] = 0;
        await take.table?.(value as BackupTable);
      } else end = value as BackupEnd;
      if (!end) hash.update(`${text}\n`);
    }
  } catch (error) {
    if (error instanceof BackupProblem) throw error;
    const { code } = error as { code?: string };
    // The reader's own failures are for whoever reads; those of the file are its.
    if (code === undefined && !(error instanceof SyntaxError)) throw error;
    if (code !== undefined && !code.startsWith('Z_') && code !== 'ENOENT') throw error;
    throw code === 'ENOENT' ? new BackupProblem(`There is no file ${file}.`) : broken();
  }
  if (!head || !end || end.sha256 !== hash.digest('hex')) throw broken();
  if (JSON.stringify(end.rows) !== JSON.stringify(counts)) throw broken();
  return { head, rows: counts };
}
