// npm run restore -- FILE [--empty]: puts a backup in the place of everything stored; what was there is backed up first.
import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { data, isRunning, openStored } from './stored.mjs';

const given = process.argv.slice(2);
const empty = given.includes('--empty');
const [name, ...more] = given.filter((word) => word !== '--empty');

try {
  if (!name || more.length) throw new Error('Say which backup to put back: npm run restore -- FILE');
  if (isRunning())
    throw new Error(
      'Kivex is running from this folder. Stop it first with Ctrl-C in its window, then put the backup back.',
    );
  const { source, close } = await openStored(empty);
  try {
    const { checkBackup, writeBackup } = await import('../packages/server/dist/backup/backup-file.js');
    const { backupName } = await import('../packages/server/dist/backup/kept-backups.js');
    const { restoreBackup } = await import('../packages/server/dist/backup/restore.js');
    const { migrationsDone } = await import('../packages/server/dist/backup/prepare-database.js');
    const { head } = await checkBackup(resolve(name));
    const done = await migrationsDone(source);
    if (done.length) {
      const folder = join(data, 'backups');
      mkdirSync(folder, { recursive: true, mode: 0o700 });
      const before = join(folder, backupName('before-restore'));
      await writeBackup(source, done, before);
      console.log(`What was stored until now is kept in ${before}`);
    }
    const rows = await restoreBackup(source, resolve(name));
    const count = Object.values(rows).reduce((a, b) => a + b, 0);
    console.log(
      `Put back: ${count} rows as they were on ${new Date(head.at).toLocaleString('en-GB')}. Start Kivex with npm start; devices send again what they still keep.`,
    );
  } finally {
    await close();
  }
} catch (error) {
  console.error(`\n${error.message}`);
  process.exitCode = 1;
}
