// Builds what has changed and nothing else: a stamp of every source file's size and time is kept beside the build.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { spawn, spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const skipped = new Set(['node_modules', 'dist', 'build', '.data', 'test-results']);

function* filesBelow(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (skipped.has(entry.name)) continue;
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesBelow(path);
    else if (!entry.name.endsWith('.tsbuildinfo')) yield path;
  }
}

/** A stamp of folders and files below the root: changes when any of them does. */
export function stampOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths) {
    const full = join(root, path);
    if (!existsSync(full)) continue;
    const files = statSync(full).isDirectory() ? [...filesBelow(full)].sort() : [full];
    for (const file of files) {
      const { size, mtimeMs } = statSync(file);
      hash.update(`${file} ${size} ${mtimeMs}\n`);
    }
  }
  return hash.digest('hex');
}

const stampFile = (name) => join(root, '.data', 'stamps', name);

/** Has `name` been done for this stamp? */
export const isDone = (name, stamp) =>
  existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === stamp;

export function markDone(name, stamp) {
  mkdirSync(dirname(stampFile(name)), { recursive: true });
  writeFileSync(stampFile(name), stamp);
}

/** Runs a program; its output goes where `stdio` says. Throws with `sentence` when it fails. */
export function run(command, args, sentence, { stdio = 'inherit', cwd = root, env = process.env } = {}) {
  const done = spawnSync(command, args, { cwd, stdio, env });
  if (done.status !== 0) throw new Error(sentence);
}

const tsc = join(root, 'node_modules', 'typescript', 'bin', 'tsc');
const settings = ['tsconfig.base.json', 'tsconfig.json'];

/** Builds the core alone; quiet, for the headless verbs. */
export function buildCore() {
  const stamp = stampOf([...settings, 'packages/core']);
  if (isDone('core', stamp) && existsSync(join(root, 'packages/core/dist/index.js'))) return;
  run(
    process.execPath,
    [tsc, '-b', 'packages/core'],
    'The core could not be built; the messages above say where.',
    { stdio: ['ignore', 2, 2] },
  );
  markDone('core', stamp);
}

/** As `run`, while others run beside it. */
const runBeside = (args, sentence, { cwd = root } = {}) =>
  new Promise((done, failed) =>
    spawn(process.execPath, args, { cwd, stdio: 'inherit' }).on('close', (status) =>
      status === 0 ? done() : failed(new Error(sentence)),
    ),
  );

const packages = (...which) =>
  runBeside([tsc, '-b', ...which], 'Kivex could not be built; the messages above say where.');

/**
 * What there is to be done until every package and the web pages are built; undefined when nothing has changed.
 * `ground` comes first; `rest` and `pages` stand on it and know nothing of each other; then it is `done`.
 */
export function building() {
  const stamp = stampOf([...settings, 'packages', 'e2e', 'package-lock.json']);
  if (isDone('all', stamp) && existsSync(join(root, 'packages/web/dist/index.html'))) return undefined;
  return {
    ground: () => packages('packages/core', 'packages/contract'),
    rest: () => packages(),
    pages: () =>
      runBeside(
        [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
        'The pages could not be built; the messages above say where.',
        { cwd: join(root, 'packages/web') },
      ),
    done() {
      markDone('core', stampOf([...settings, 'packages/core']));
      markDone('all', stamp);
    },
  };
}
export const buildingWords = 'Building Kivex (about half a minute) …';

/** Builds what has changed. Resolves to whether anything had. */
export async function buildAll(say) {
  const build = building();
  if (!build) return false;
  say(buildingWords);
  await build.ground();
  const both = await Promise.allSettled([build.rest(), build.pages()]);
  for (const { reason } of both) if (reason) throw reason;
  build.done();
  return true;
}
