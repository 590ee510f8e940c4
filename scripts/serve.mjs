// Starts the server as a child process and resolves when it listens.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { root } from './built.mjs';

/** Starts the server with these settings; `stop` ends it cleanly, `gone` resolves with its exit code. */
export async function startServer(settings, { quiet = false } = {}) {
  const child = fork(join(root, 'packages/server/dist/main.js'), [], {
    // A heap that is collected early keeps the server small on a school's old machine; a whole lesson needs about 40 MB.
    execArgv: ['--enable-source-maps', '--max-semi-space-size=8', '--max-old-space-size=160'],
    // Hashing passwords fills several arenas of memory for a moment; with few, little of it stays.
    env: { ...process.env, MALLOC_ARENA_MAX: '2', ...settings },
    stdio: ['ignore', 'inherit', quiet ? 'ignore' : 'inherit', 'ipc'],
    // Ctrl-C reaches the start command alone, which stops things in order.
    detached: true,
  });
  const gone = new Promise((resolve) => child.once('exit', (code, signal) => resolve(code ?? signal)));
  const ready = await Promise.race([
    new Promise((resolve) => child.once('message', resolve)),
    gone.then(() => undefined),
  ]);
  if (!ready) throw new Error('The Kivex server did not start; the lines above say why.');
  const stop = async () => {
    child.kill('SIGTERM');
    await gone;
  };
  return { child, ready, gone, stop };
}
