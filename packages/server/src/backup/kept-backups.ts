/** Backups made by themselves: named by their moment, the newest kept. */
import { mkdir, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { writeBackup } from './backup-file.js';

export const backupEnding = '.kivex-backup';
const automatic = /^kivex-.*\.kivex-backup$/;

/** A name that sorts by time. */
export const backupName = (why: string, now = new Date()): string =>
  `kivex-${now.toISOString().slice(0, 19).replaceAll(':', '')}-${why}${backupEnding}`;

/** Takes away all but the newest backups of a folder. @returns the names of those taken away. */
export async function keepNewest(folder: string, kept: number): Promise<string[]> {
  const old = (await readdir(folder))
    .filter((name) => automatic.test(name))
    .sort()
    .slice(0, -kept);
  for (const name of old) await rm(join(folder, name));
  return old;
}

/** A backup before the tables change. @returns the file. */
export async function backupBefore(source: DataSource, folder: string, kept: number): Promise<string> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const rows = await source.query<{ name: string }[]>('SELECT name FROM migrations ORDER BY timestamp, id');
  const file = join(folder, backupName('before-upgrade'));
  await writeBackup(
    source,
    rows.map((row) => row.name),
    file,
  );
  await keepNewest(folder, kept);
  return file;
}
