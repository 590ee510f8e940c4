// What the pages stand on, put together once for the tests of components: reading thousands of small modules took most of
// the time of a short one.
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'rolldown';
import { isDone, markDone, root, stampOf } from '../built.mjs';
import { bundled, bundledFolder } from './bundled.mjs';

export default async function bundle() {
  const stamp = stampOf(['package-lock.json', 'scripts/unit-tests']);
  if (isDone('bundled', stamp) && existsSync(bundledFolder)) return;
  rmSync(bundledFolder, { recursive: true, force: true });
  await build({
    cwd: join(root, 'packages/web'),
    input: Object.fromEntries(Object.entries(bundled).map(([name, file]) => [file, name])),
    // Of React there must be one.
    external: [/^react(-dom)?(\/|$)/],
    platform: 'node',
    resolve: { mainFields: ['module', 'main'], conditionNames: ['browser', 'import', 'module', 'default'] },
    output: {
      dir: bundledFolder,
      format: 'esm',
      entryFileNames: '[name].js',
      chunkFileNames: 'shared-[hash].js',
    },
    // What goes wrong is thrown; that some modules are marked for a server of React is no news.
    logLevel: 'silent',
  });
  markDone('bundled', stamp);
}
