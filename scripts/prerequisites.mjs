// What the machine must have: Node, Debian's MariaDB, Debian's Chromium (for tests), and the npm packages.
import { accessSync, constants, existsSync, readFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { delimiter, join } from 'node:path';
import { isDone, markDone, root, run } from './built.mjs';

/** The full path of a program, or undefined. Debian keeps servers in sbin, which users' PATH leaves out. */
export function programPath(...names) {
  const folders = [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/local/sbin', '/usr/bin'];
  for (const name of names) {
    for (const folder of folders) {
      const path = join(folder, name);
      try {
        accessSync(path, constants.X_OK);
        return path;
      } catch {
        // not here; look on
      }
    }
  }
  return undefined;
}

/** Stops with a sentence unless Node is new enough. */
export function needNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 11)) {
    throw new Error(
      `Kivex needs Node 20.11 or newer; this is ${process.version}. Install a newer Node and start again.`,
    );
  }
}

function aptInstall(packages, what) {
  const byHand = `Install it by hand: sudo apt-get install ${packages.join(' ')}`;
  if (!programPath('apt-get'))
    throw new Error(
      `${what} is missing and this machine has no apt-get. Install ${what} your system's way and start again.`,
    );
  const asRoot = process.getuid?.() === 0;
  const sudo = programPath('sudo');
  if (!asRoot && !sudo)
    throw new Error(`${what} is missing, and installing it needs root or sudo. ${byHand}`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (args) =>
    spawnSync(
      asRoot ? 'apt-get' : 'sudo',
      asRoot ? args : ['DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args],
      { stdio: ['inherit', 'ignore', 'inherit'], env },
    ).status === 0;
  console.log(`Installing ${what} from Debian's packages (${packages.join(', ')}) …`);
  const install = ['install', '-y', '-qq', '--no-install-recommends', ...packages];
  // The list of packages may be old or empty: refresh it, then try; try anyway where refreshing fails.
  apt(['update', '-qq']);
  if (!apt(install)) {
    throw new Error(
      `${what} could not be installed: Debian's packages cannot be reached, or you may not install them (see above). Check the network and that you may use sudo. ${byHand}`,
    );
  }
}

/** MariaDB's server program, installing Debian's package when absent. */
export function needMariadb() {
  // The core packages are the server and its set-up tool without a system service, which Kivex does not want running.
  if (!programPath('mariadbd') || !programPath('mariadb-install-db') || !programPath('my_print_defaults')) {
    aptInstall(['mariadb-server-core', 'mariadb-client-core'], 'MariaDB');
  }
  const server = programPath('mariadbd');
  const install = programPath('mariadb-install-db');
  if (!server || !install)
    throw new Error(
      "MariaDB was installed but its programs mariadbd and mariadb-install-db are not to be found. Install Debian's mariadb-server and start again.",
    );
  return { server, install };
}

/** Debian's Chromium, for the browser tests. */
export function needChromium() {
  if (!programPath('chromium')) aptInstall(['chromium'], 'Chromium');
  const path = programPath('chromium');
  if (!path)
    throw new Error(
      "Chromium was installed but is not to be found. Install Debian's chromium and start again.",
    );
  return path;
}

/**
 * A Redis server program, for the tests of several processes. Debian's redis-tools hold the server itself, under the
 * name of one of its tools, without a system service; it is a server when it is called redis-server.
 */
export function needRedis() {
  const find = () => programPath('redis-server', 'redis-check-rdb');
  if (!find()) aptInstall(['redis-tools'], 'Redis');
  const path = find();
  if (!path)
    throw new Error(
      "Redis was installed but is not to be found. Install Debian's redis-server and start again.",
    );
  return path;
}

/** The npm packages, exactly as locked; nothing is done when they are there already. */
export function needPackages() {
  const lock = readFileSync(join(root, 'package-lock.json'), 'utf8');
  if (isDone('packages', lock) && existsSync(join(root, 'node_modules/typescript'))) return;
  console.log('Installing the npm packages (a minute or two, once) …');
  run(
    'npm',
    ['ci', '--loglevel=error'],
    'The npm packages could not be installed: check that the npm registry can be reached and that the disk is not full, then start again.',
  );
  markDone('packages', lock);
}

/** Resolves when a port is free on an address; else throws a sentence that says what to do. */
export async function needFreePort(port, host, name) {
  await new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error) =>
      reject(
        new Error(
          error.code === 'EADDRINUSE'
            ? `Port ${port} is taken by another program (perhaps Kivex is running already). Stop it, or choose another port: ${name}=${port + 1} npm start`
            : `Port ${port} cannot be used: ${error.message}. Choose another: ${name}=${port + 1} npm start`,
        ),
      ),
    );
    probe.listen(port, host, () => probe.close(resolve));
  });
}

/** A port nobody uses on loopback at this moment. */
export const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
