// npm run bench: every benchmark, each against its baseline in the same run. Figures depend on the machine; ratios less so.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, root } from '../scripts/built.mjs';
import { startMariadb } from '../scripts/mariadb.mjs';
import { besideHeavyWork } from './beside-heavy-work.mjs';
import { boardRedraw } from './board-redraw.mjs';
import { coreSize } from './core-size.mjs';
import { durableInserts } from './durable-inserts.mjs';
import { firstLoad } from './first-load.mjs';
import { manyLessons } from './many-lessons.mjs';
import { markingDesk } from './marking-desk.mjs';
import { memory } from './memory.mjs';
import { hardRotas } from './rota.mjs';
import { schoolReview } from './school-review.mjs';
import { screenFrames } from './screen-frames.mjs';
import { tapToBoard } from './tap-to-board.mjs';

await buildAll(console.log);
/** npm run bench -- inserts: one of the server's benches alone. */
const only = process.argv[2];
const served = {
  memory: (mariadb) => memory(mariadb.url, mariadb.pid),
  tap: (mariadb) => tapToBoard(mariadb.url),
  inserts: (mariadb) => durableInserts(mariadb.url),
  heavy: (mariadb) => besideHeavyWork(mariadb.url),
  lessons: (mariadb) => manyLessons(mariadb.url),
  first: (mariadb) => firstLoad(mariadb.url),
  board: (mariadb) => boardRedraw(mariadb.url),
  review: (mariadb) => schoolReview(mariadb.url),
  desk: (mariadb) => markingDesk(mariadb.url),
  screen: (mariadb) => screenFrames(mariadb.url),
};
if (only && !(only in served) && only !== 'core' && only !== 'rota' && only !== 'changed')
  throw new Error(
    `There is no bench ${only}; there are core, rota, changed, ${Object.keys(served).join(', ')}.`,
  );
if (!only || only === 'core') {
  await import('./core.mjs');
  const size = await coreSize(root);
  console.log(
    `core on the bench page (log, name, identify): ${(size.bench / 1000).toFixed(1)} kB gzipped, aim 60 kB; baseline, the whole core: ${(size.whole / 1000).toFixed(1)} kB`,
  );
}
if (!only || only === 'changed') await import('./changed-answers.mjs');
if (!only || only === 'rota') for (const line of await hardRotas()) console.log(line);
/** Minutes a bench may take: a browser that has gone is waited for without end otherwise. */
const patience = 10;
const within = (work, name) => {
  let timer;
  const late = new Promise((_, reject) => {
    timer = setTimeout(
      () =>
        reject(new Error(`The bench ${name} took more than ${patience} minutes; run it again by itself.`)),
      patience * 60_000,
    );
  });
  return Promise.race([work, late]).finally(() => clearTimeout(timer));
};
const folder = join(root, '.data', 'bench-database');
rmSync(folder, { recursive: true, force: true });
const mariadb = await startMariadb(folder);
try {
  for (const [name, bench] of Object.entries(served))
    if (!only || only === name) for (const line of await within(bench(mariadb), name)) console.log(line);
} finally {
  await mariadb.stop();
}
