// npm test: everything that must hold. Types, format, lint, unit and server tests, browser tests.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { buildAll, root } from './built.mjs';
import { startTestDatabase } from './test-database.mjs';
import { needChromium, needMariadb, needNode, needPackages, needRedis } from './prerequisites.mjs';

const bin = (path) => join(root, 'node_modules', path);
let mariadb;
const results = [];

function check(name, script, args, env = {}) {
  console.log(`\n── ${name} ──`);
  const began = Date.now();
  const { status } = spawnSync(process.execPath, [...(env.NODE_FLAGS ?? []), bin(script), ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env, NODE_FLAGS: undefined },
  });
  results.push({ name, ok: status === 0, seconds: (Date.now() - began) / 1000 });
}

async function finish(code) {
  await mariadb?.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void finish(130));

try {
  needNode();
  needMariadb();
  const chromium = needChromium();
  const redis = needRedis();
  needPackages();
  const only = process.argv[2];
  const wanted = (name) => !only || only === name;
  buildAll(console.log);
  mariadb = await startTestDatabase();
  const database = { KIVEX_TEST_DATABASE_URL: mariadb.url, KIVEX_REDIS_PROGRAM: redis };
  if (wanted('types')) check('types', 'typescript/bin/tsc', ['-b']);
  if (wanted('format')) check('format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']);
  if (wanted('lint')) check('lint', 'eslint/bin/eslint.js', ['.', '--max-warnings', '0']);
  if (wanted('floors'))
    check('floors', 'dependency-cruiser/bin/dependency-cruise.mjs', [
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'err',
      'packages',
      'e2e',
      'bench',
    ]);
  if (wanted('unit'))
    check('unit and server tests', 'jest/bin/jest.js', [], {
      ...database,
      NODE_FLAGS: ['--experimental-vm-modules', '--no-warnings'],
    });
  if (wanted('browser'))
    check(
      'browser tests',
      '@playwright/test/cli.js',
      ['test', '--config', 'e2e/build/playwright.config.js'],
      { ...database, KIVEX_CHROMIUM: chromium },
    );
  if (wanted('ordeal')) check('the ordeal, short', '../ordeal/run.mjs', ['--short'], { ...database });

  console.log('');
  for (const { name, ok, seconds } of results)
    console.log(`${ok ? 'passed' : 'FAILED'}  ${name} (${seconds.toFixed(0)} s)`);
  const failed = results.filter((r) => !r.ok).length;
  console.log(`\n${results.length - failed} passed, ${failed} failed`);
  await finish(failed ? 1 : 0);
} catch (error) {
  console.error(`\n${error.message}`);
  await finish(1);
}
