// npm test: everything that must hold. Types, format, lint, unit and server tests, browser tests.
import { spawn } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { building, buildingWords, root } from './built.mjs';
import { inLanes } from './in-lanes.mjs';
import { startTestDatabase } from './test-database.mjs';
import { failedInBrowser, failedInUnits, told } from './what-failed.mjs';
import { needChromium, needMariadb, needNode, needPackages, needRedis } from './prerequisites.mjs';

const bin = (path) => join(root, 'node_modules', path);
let mariadb;
const results = [];
/** What the tools write of their tests, to be told at the end. */
const reports = join(root, '.data/reports');
const report = (name) => join(reports, `${name}.json`);
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

/** Runs a tool; what it says comes as it says it, or whole at its end where `held`. */
function check(name, script, args, { env = {}, flags = [], held = false } = {}) {
  if (!held) console.log(`\n── ${name} ──`);
  const began = Date.now();
  const tool = spawn(process.execPath, [...flags, bin(script), ...args], {
    cwd: root,
    stdio: held ? ['ignore', 'pipe', 'pipe'] : 'inherit',
    env: { ...process.env, ...env },
  });
  const said = [];
  for (const stream of held ? [tool.stdout, tool.stderr] : []) stream.on('data', (part) => said.push(part));
  return new Promise((resolve) =>
    tool.on('close', (status) => {
      if (held) process.stdout.write(`\n── ${name} ──\n${Buffer.concat(said)}`);
      results.push({ name, ok: status === 0, seconds: (Date.now() - began) / 1000 });
      resolve();
    }),
  );
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
  mariadb = await startTestDatabase();
  const database = { KIVEX_TEST_DATABASE_URL: mariadb.url, KIVEX_REDIS_PROGRAM: redis };
  const jest = (name, file, args) =>
    check(name, 'jest/bin/jest.js', ['--json', `--outputFile=${report(file)}`, ...args], {
      env: database,
      flags: ['--no-warnings'],
    });
  const build = building();
  if (build) console.log(buildingWords);
  // Each keeps one core busy: building, and what can be looked at meanwhile.
  const part = (name, needs, run) => (wanted(name) ? [{ name, needs, run }] : []);
  const step = (name, ...needs) => (build ? [{ name, needs, run: build[name] }] : []);
  await inLanes([
    ...step('ground'),
    ...part('format', [], () =>
      check('format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.'], { held: true }),
    ),
    ...step('rest', 'ground'),
    ...part('lint', ['ground'], () =>
      check('lint', 'eslint/bin/eslint.js', ['.', '--max-warnings', '0'], { held: true }),
    ),
    ...step('pages', 'ground'),
    ...part('unit', ['ground'], () =>
      jest('unit tests of the core', 'core', ['--selectProjects', 'core', '--maxWorkers', '1']),
    ),
    ...part('floors', ['rest'], () =>
      check(
        'floors',
        'dependency-cruiser/bin/dependency-cruise.mjs',
        [...['--config', '.dependency-cruiser.cjs', '--output-type', 'err'], ...['packages', 'e2e', 'bench']],
        { held: true },
      ),
    ),
  ]);
  build?.done();
  if (wanted('types')) await check('types', 'typescript/bin/tsc', ['-b']);
  if (wanted('unit'))
    await jest('unit and server tests', 'units', ['--selectProjects', 'scripts', 'server', 'web', 'drawn']);
  if (wanted('browser'))
    await check(
      'browser tests',
      '@playwright/test/cli.js',
      ['test', '--config', 'e2e/build/playwright.config.js'],
      { env: { ...database, KIVEX_CHROMIUM: chromium, KIVEX_REPORT: report('browser') } },
    );
  if (wanted('ordeal')) await check('the ordeal, short', '../ordeal/run.mjs', ['--short'], { env: database });

  const failures = [
    ...['core', 'units'].flatMap((file) => told(failedInUnits, report(file))),
    ...told(failedInBrowser, report('browser')),
  ];
  console.log(['', ...failures, ''].join('\n'));
  for (const { name, ok, seconds } of results)
    console.log(`${ok ? 'passed' : 'FAILED'}  ${name} (${seconds.toFixed(0)} s)`);
  const failed = results.filter((r) => !r.ok).length;
  console.log(`\n${results.length - failed} passed, ${failed} failed`);
  await finish(failed ? 1 : 0);
} catch (error) {
  console.error(`\n${error.message}`);
  await finish(1);
}
