// The database that `npm start` uses in this folder, for commands that work on it while Kivex runs or is stopped.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, root } from './built.mjs';
import { startMariadb } from './mariadb.mjs';
import { needNode, needPackages } from './prerequisites.mjs';

export const data = process.env.KIVEX_DATA || join(root, '.data');

/** Is Kivex started from this folder now? */
export function isRunning() {
  const lock = join(data, 'start.pid');
  const pid = existsSync(lock) ? Number(readFileSync(lock, 'utf8')) : 0;
  const command =
    pid && existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, 'utf8') : '';
  return command.includes('start.mjs');
}

/**
 * Opens the database; a MariaDB that was not running is stopped again afterwards.
 * @param empty the one of `npm start -- --empty`. @returns the data source and `close`.
 */
export async function openStored(empty) {
  needNode();
  needPackages();
  await buildAll((text) => console.error(text));
  const { dataSourceFor } = await import('../packages/server/dist/database/data-source.js');
  let url = process.env.KIVEX_DATABASE_URL;
  let stop = async () => undefined;
  if (!url) {
    const folder = join(data, empty ? 'database-empty' : 'database');
    if (!existsSync(join(folder, 'installed')))
      throw new Error(`There is no database in ${folder} yet. Start Kivex once with npm start.`);
    const wasRunning = isRunning();
    const mariadb = await startMariadb(folder);
    url = mariadb.url;
    if (!wasRunning) stop = mariadb.stop;
  }
  const source = await dataSourceFor(url).initialize();
  return {
    source,
    close: async () => {
      await source.destroy();
      await stop();
    },
  };
}
