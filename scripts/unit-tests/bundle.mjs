// What the pages stand on, put together once for the tests of components: each of their files loads it anew, and reading
// thousands of small modules took most of the time of a short one.
import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'rolldown';
import { isDone, markDone, root, stampOf } from '../built.mjs';

const folder = join(root, 'packages/web/build/bundled');
/** Libraries of many small modules, by the file that takes their place. They share what they have in common. */
export const bundled = {
  '@chakra-ui/react': 'chakra',
  '@chakra-ui/react/anatomy': 'chakra-anatomy',
  '@emotion/react': 'emotion',
  'lucide-react': 'icons',
  'react-router': 'router',
  'react-hook-form': 'forms',
  '@tanstack/react-query': 'query',
  '@testing-library/react': 'drawing',
  '@testing-library/user-event': 'hands',
};

export default async function bundle() {
  const stamp = stampOf(['package-lock.json', 'scripts/unit-tests']);
  if (isDone('bundled', stamp) && existsSync(folder)) return;
  rmSync(folder, { recursive: true, force: true });
  await build({
    cwd: join(root, 'packages/web'),
    input: Object.fromEntries(Object.entries(bundled).map(([name, file]) => [file, name])),
    // Of React there must be one.
    external: [/^react(-dom)?(\/|$)/],
    platform: 'node',
    resolve: { mainFields: ['module', 'main'], conditionNames: ['browser', 'import', 'module', 'default'] },
    output: { dir: folder, format: 'esm', entryFileNames: '[name].js', chunkFileNames: 'shared-[hash].js' },
    // What goes wrong is thrown; that some modules are marked for a server of React is no news.
    logLevel: 'silent',
  });
  markDone('bundled', stamp);
}
