// Everything a school would run: MariaDB and two server processes, each kept running as npm start keeps them, and a Redis
// through which they meet. Each of them can be killed.
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../scripts/built.mjs';
import { freePort, needRedis } from '../scripts/prerequisites.mjs';
import { supervisedMariadb, supervisedServer } from '../scripts/supervised.mjs';

/** What is killed here every few seconds is not ill: it is started again at once. */
const soonWell = 500;

export const pause = (ms) => new Promise((done) => setTimeout(done, ms));

export async function openWorld(say) {
  const folder = join(root, '.data', 'ordeal-database');
  rmSync(folder, { recursive: true, force: true });
  const mariadb = await supervisedMariadb(folder, say, soonWell);
  const redisPort = await freePort();
  const program = needRedis();
  let redis;
  const startRedis = () => {
    redis = spawn(
      program,
      ['--port', String(redisPort), '--bind', '127.0.0.1', '--save', '', '--appendonly', 'no'],
      {
        argv0: 'redis-server',
        stdio: 'ignore',
      },
    );
  };
  startRedis();
  const servers = [];
  for (let i = 0; i < 2; i++)
    servers.push({
      port: await freePort(),
      kept: undefined,
    });
  for (const server of servers)
    server.kept = await supervisedServer(
      {
        KIVEX_DATABASE_URL: mariadb.now.url,
        KIVEX_REDIS_URL: `redis://127.0.0.1:${redisPort}`,
        KIVEX_PORT: String(server.port),
        KIVEX_SET_UP_CODE: '12345678',
        KIVEX_HASH_ROUNDS: '1',
        KIVEX_JOINS_PER_MINUTE: '100000',
        KIVEX_LOG: 'fatal',
      },
      say,
      soonWell,
    );
  const pidOf = (i) => servers[i].kept.now.child.pid;
  return {
    ports: servers.map((s) => s.port),
    pidOf,
    killServer: (i) => process.kill(pidOf(i), 'SIGKILL'),
    /** A process that stands still for a while, as on a machine that is out of breath. */
    holdServer: async (i, ms) => {
      const pid = pidOf(i);
      process.kill(pid, 'SIGSTOP');
      await pause(ms);
      process.kill(pid, 'SIGCONT');
    },
    killMariadb: () => process.kill(mariadb.now.pid, 'SIGKILL'),
    restartRedis: async (ms) => {
      redis.kill('SIGKILL');
      await pause(ms);
      startRedis();
    },
    /** Resolves once both servers and the database answer, and its keeper knows it by its new process. */
    well: async () => {
      while (!mariadb.now.alive()) await pause(50);
      for (const { port } of servers)
        for (;;) {
          const ready = await fetch(`http://127.0.0.1:${port}/api/health/ready`, {
            signal: AbortSignal.timeout(3_000),
          }).then(
            (r) => r.ok,
            () => false,
          );
          if (ready) break;
          await pause(200);
        }
    },
    close: async () => {
      await Promise.all(servers.map((s) => s.kept.stop()));
      await mariadb.stop();
      redis.kill('SIGKILL');
    },
  };
}
