/** A Kivex of its own for the browser tests: its own database, its own port; it can be killed and brought back. */
import { fork, type ChildProcess } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import mysql from 'mysql2/promise';

const main = fileURLToPath(new URL('../../packages/server/dist/main.js', import.meta.url));

const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

export class KivexServer {
  private child: ChildProcess | undefined;
  private constructor(
    readonly base: string,
    private readonly settings: Record<string, string>,
    private readonly drop: () => Promise<void>,
  ) {}

  /** A server on an empty database; with `demo`, filled with the demo school. */
  static async start({ demo = false, port }: { demo?: boolean; port?: number } = {}): Promise<KivexServer> {
    const admin = process.env['KIVEX_TEST_DATABASE_URL'];
    if (!admin) throw new Error('Run the browser tests with npm test: it starts a database for them.');
    const at = port ?? (await freePort());
    const name = `kivex_e2e_${process.pid}_${at}`;
    const run = async (sql: string) => {
      const connection = await mysql.createConnection(admin.replace(/^mariadb:/, 'mysql:'));
      await connection.query(sql);
      await connection.end();
    };
    await run(`DROP DATABASE IF EXISTS ${name}`);
    await run(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
    const server = new KivexServer(
      `http://localhost:${at}`,
      {
        KIVEX_DATABASE_URL: admin.replace(/\/[^/]*$/, `/${name}`),
        KIVEX_PORT: String(at),
        KIVEX_LOG: 'warn',
        KIVEX_SET_UP_CODE: '12345678',
        KIVEX_HASH_ROUNDS: '1',
        ...(demo ? { KIVEX_DEMO: '1' } : {}),
      },
      () => run(`DROP DATABASE IF EXISTS ${name}`),
    );
    await server.up();
    return server;
  }

  /** Brings the server up (again) on the same database and port. */
  async up(): Promise<void> {
    const child = fork(main, [], {
      env: { ...process.env, ...this.settings },
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    });
    await new Promise<void>((resolve, reject) => {
      child.once('message', () => resolve());
      child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    });
    this.child = child;
  }

  /** Kills the server outright, as a power cut would. */
  async kill(): Promise<void> {
    const { child } = this;
    if (!child) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGKILL');
    await gone;
    this.child = undefined;
  }

  async stop(): Promise<void> {
    await this.kill();
    await this.drop();
  }
}
