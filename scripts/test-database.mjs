// Where the database of the tests lies.
import { createHash } from 'node:crypto';
import { existsSync, rmSync, statfsSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './built.mjs';
import { startMariadb } from './mariadb.mjs';

const memory = '/dev/shm';
/** All the tests' schools together take a few hundred megabytes. */
const roomWanted = 2 * 1024 ** 3;

function inMemory() {
  if (!existsSync(memory)) return false;
  const { bavail, bsize } = statfsSync(memory);
  return bavail * bsize >= roomWanted;
}

/**
 * Starts the tests' MariaDB: in memory where there is room, since nothing of it is to outlive the machine and making
 * tables there takes half the time; else in the checkout. Each checkout has its own.
 * @returns as `startMariadb`; `stop` takes what lay in memory away.
 */
export async function startTestDatabase() {
  if (!inMemory()) return startMariadb(join(root, '.data', 'test-database'));
  const own = createHash('sha256').update(root).digest('hex').slice(0, 12);
  const folder = join(memory, `kivex-test-${process.getuid?.() ?? 0}-${own}`);
  const mariadb = await startMariadb(folder);
  return {
    ...mariadb,
    stop: async () => {
      await mariadb.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
