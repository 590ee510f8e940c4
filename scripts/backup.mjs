// npm run backup [-- FILE] [-- --empty]: one consistent file of everything stored, while Kivex runs or not; checked before it gets its name.
import { mkdirSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { data, openStored } from './stored.mjs';

const given = process.argv.slice(2);
const empty = given.includes('--empty');
const names = given.filter((word) => word !== '--empty');

try {
  if (names.length > 1) throw new Error('Say one file, or none: npm run backup -- FILE');
  const { source, close } = await openStored(empty);
  try {
    const { writeBackup } = await import('../packages/server/dist/backup/backup-file.js');
    const { backupName, keepNewest } = await import('../packages/server/dist/backup/kept-backups.js');
    const { migrationsDone } = await import('../packages/server/dist/backup/prepare-database.js');
    const file = names[0] ? resolve(names[0]) : join(data, 'backups', backupName(empty ? 'empty' : 'all'));
    mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
    const rows = await writeBackup(source, await migrationsDone(source), file);
    const count = Object.values(rows).reduce((a, b) => a + b, 0);
    console.log(
      `${file}\n  ${count} rows of ${Object.keys(rows).length} tables, ${(statSync(file).size / 1000).toFixed(0)} kB, read back and found whole`,
    );
    if (!names[0]) {
      const old = await keepNewest(dirname(file), Number(process.env.KIVEX_BACKUPS_KEPT) || 10);
      if (old.length) console.log(`  older ones taken away: ${old.join(', ')}`);
    }
  } finally {
    await close();
  }
} catch (error) {
  console.error(`\n${error.message}`);
  process.exitCode = 1;
}
