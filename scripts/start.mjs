// npm start: everything from a fresh checkout to a running Kivex.  --empty: no demo data.  --lan: let the room's devices join.
import { randomInt } from 'node:crypto';
import { networkInterfaces } from 'node:os';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, root } from './built.mjs';
import { needFreePort, needNode, needPackages } from './prerequisites.mjs';
import { supervisedMariadb, supervisedServer } from './supervised.mjs';

const options = new Set(process.argv.slice(2));
const known = ['--empty', '--lan'];
const began = Date.now();

// Everything Kivex keeps on this machine.
const data = process.env.KIVEX_DATA || join(root, '.data');
const lock = join(data, 'start.pid');
const say = (text) => console.error(`${new Date().toISOString().slice(11, 19)} ${text}`);
let locked = false;
let mariadb;
let server;
let stopping = false;
async function stop(code) {
  if (stopping) return;
  stopping = true;
  await server?.stop();
  await mariadb?.stop();
  if (locked) rmSync(lock, { force: true });
  process.exit(code);
}
/** One start at a time in a checkout: two would share a database and stop it under each other. */
function takeLock() {
  const pid = existsSync(lock) ? Number(readFileSync(lock, 'utf8')) : 0;
  const command =
    pid && existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, 'utf8') : '';
  if (pid !== process.pid && command.includes('start.mjs')) {
    throw new Error(
      `Kivex is running or starting from this folder already (process ${pid}). Use that one, or stop it first with Ctrl-C in its window.`,
    );
  }
  mkdirSync(data, { recursive: true });
  writeFileSync(lock, String(process.pid));
  locked = true;
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => {
    console.log('\nStopping Kivex …');
    void stop(0);
  });
}

try {
  const stranger = [...options].find((option) => !known.includes(option));
  if (stranger) throw new Error(`npm start does not know ${stranger}; it knows ${known.join(' and ')}.`);
  needNode();
  takeLock();
  const port = Number(process.env.KIVEX_PORT || 4180);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error('KIVEX_PORT must be a whole number from 1 to 65535, such as 4180.');
  const host = process.env.KIVEX_HOST || (options.has('--lan') ? '0.0.0.0' : '127.0.0.1');
  await needFreePort(port, host, 'KIVEX_PORT');
  needPackages();
  await buildAll(console.log);
  let url = process.env.KIVEX_DATABASE_URL;
  if (!url) {
    mariadb = await supervisedMariadb(
      join(data, options.has('--empty') ? 'database-empty' : 'database'),
      say,
    );
    url = mariadb.now.url;
  }
  if (!stopping) {
    const setUpCode = String(randomInt(10_000_000, 100_000_000));
    server = await supervisedServer(
      {
        KIVEX_SET_UP_CODE: setUpCode,
        KIVEX_DATABASE_URL: url,
        KIVEX_PORT: String(port),
        KIVEX_HOST: host,
        KIVEX_DEMO: options.has('--empty') ? '' : '1',
        KIVEX_LOG: process.env.KIVEX_LOG || 'warn',
        KIVEX_BACKUP_FOLDER: process.env.KIVEX_BACKUP_FOLDER || join(data, 'backups'),
      },
      say,
    );
    const lan =
      host === '0.0.0.0'
        ? Object.values(networkInterfaces())
            .flat()
            .filter((a) => a && a.family === 'IPv4' && !a.internal)
            .map((a) => `http://${a.address}:${port}`)
        : [];
    console.log(
      `\nKivex is ready at http://localhost:${port}  (after ${((Date.now() - began) / 1000).toFixed(1)} s)`,
    );
    for (const address of lan) console.log(`  in the room: ${address}`);
    if (!lan.length)
      console.log("  Only this machine can reach it; npm start -- --lan lets the room's devices join.");
    for (const line of server.now.ready.logins) console.log(`  ${line}`);
    if (options.has('--empty'))
      console.log(`  If there is no school yet, make one in the browser with the set-up code ${setUpCode}`);
    console.log('Ctrl-C stops it.');
  }
} catch (error) {
  if (!stopping) {
    console.error(`\n${error.message}`);
    await stop(1);
  }
}
