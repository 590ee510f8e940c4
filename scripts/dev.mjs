// npm run dev: rebuilds and reloads as sources change. Pages at http://localhost:4181, the server behind them.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { buildAll, root } from './built.mjs';
import { startMariadb } from './mariadb.mjs';
import { needFreePort, needNode, needPackages } from './prerequisites.mjs';

const port = process.env.KIVEX_PORT || '4180';
const children = [];
let mariadb;
let stopping = false;
async function stop(code) {
  if (stopping) return;
  stopping = true;
  for (const child of children) child.kill('SIGTERM');
  await mariadb?.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void stop(0));

const start = (script, args, options = {}) => {
  const child = spawn(process.execPath, [script, ...args], { cwd: root, stdio: 'inherit', ...options });
  children.push(child);
  child.once('exit', (code) => {
    if (!stopping && code) void stop(code);
  });
};

try {
  needNode();
  await needFreePort(Number(port), '127.0.0.1', 'KIVEX_PORT');
  needPackages();
  await buildAll(console.log);
  mariadb = await startMariadb(join(root, '.data', 'dev-database'));
  const env = {
    ...process.env,
    KIVEX_DATABASE_URL: mariadb.url,
    KIVEX_PORT: port,
    KIVEX_DEMO: '1',
    KIVEX_LOG: process.env.KIVEX_LOG || 'info',
  };
  start(join(root, 'node_modules/typescript/bin/tsc'), ['-b', '--watch', '--preserveWatchOutput']);
  start(
    '--enable-source-maps',
    [
      '--watch-path=packages/server/dist',
      '--watch-path=packages/core/dist',
      '--watch-path=packages/contract/dist',
      join(root, 'packages/server/dist/main.js'),
    ],
    { env },
  );
  start(join(root, 'node_modules/vite/bin/vite.js'), [], { cwd: join(root, 'packages/web'), env });
} catch (error) {
  console.error(`\n${error.message}`);
  await stop(1);
}
