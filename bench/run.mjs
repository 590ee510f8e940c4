// npm run bench: every benchmark, each against its baseline in the same run. Figures depend on the machine; ratios less so.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, root } from '../scripts/built.mjs';
import { startMariadb } from '../scripts/mariadb.mjs';
import { coreSize } from './core-size.mjs';
import { memory } from './memory.mjs';
import { tapToBoard } from './tap-to-board.mjs';

buildAll(console.log);
await import('./core.mjs');
const size = await coreSize(root);
console.log(
  `core on the bench page (log, name, identify): ${(size.bench / 1000).toFixed(1)} kB gzipped, aim 60 kB; baseline, the whole core: ${(size.whole / 1000).toFixed(1)} kB`,
);
const folder = join(root, '.data', 'bench-database');
rmSync(folder, { recursive: true, force: true });
const mariadb = await startMariadb(folder);
try {
  for (const line of await memory(mariadb.url, mariadb.pid)) console.log(line);
  for (const line of await tapToBoard(mariadb.url)) console.log(line);
} finally {
  await mariadb.stop();
}
