/** A Kivex of its own for the browser tests: its own database, its own port; it can be killed and brought back. */
import { fork, type ChildProcess } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { adminUrl, asAdmin, copyDatabase, newDatabase } from './databases.js';

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

const demoDatabase = 'kivex_e2e_demo';

export class KivexServer {
  private child: ChildProcess | undefined;
  private constructor(
    readonly base: string,
    private readonly settings: Record<string, string>,
    private readonly drop: () => Promise<unknown>,
  ) {}

  /** A server on an empty database; with `demo`, on a copy of the demo school as it was made once before all tests. */
  static async start({ demo = false, port }: { demo?: boolean; port?: number } = {}): Promise<KivexServer> {
    const at = port ?? (await freePort());
    const name = `kivex_e2e_${process.pid}_${at}`;
    await asAdmin(async (connection) => {
      await newDatabase(connection, name);
      if (demo) await copyDatabase(connection, demoDatabase, name);
    });
    return KivexServer.on(name, at, demo);
  }

  /** Makes the demo school that `start` copies. Left where it is: the database of the tests goes with them. */
  static async makeDemo(): Promise<void> {
    await asAdmin((connection) => newDatabase(connection, demoDatabase));
    const server = await KivexServer.on(demoDatabase, await freePort(), true);
    await server.kill();
  }

  private static async on(name: string, port: number, demo: boolean): Promise<KivexServer> {
    const server = new KivexServer(
      `http://localhost:${port}`,
      {
        KIVEX_DATABASE_URL: adminUrl().replace(/\/[^/]*$/, `/${name}`),
        KIVEX_PORT: String(port),
        KIVEX_LOG: 'warn',
        KIVEX_SET_UP_CODE: '12345678',
        KIVEX_HASH_ROUNDS: '1',
        ...(demo ? { KIVEX_DEMO: '1' } : {}),
      },
      () => asAdmin((connection) => connection.query(`DROP DATABASE IF EXISTS ${name}`)),
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
