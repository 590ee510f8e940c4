// Kivex's two programs, kept running: its MariaDB and its server. A server that is there but answers nobody is ended.
import { goneWhen, keepRunning } from './keep-running.mjs';
import { startMariadb } from './mariadb.mjs';
import { startServer } from './serve.mjs';

const lookEvery = 500;
/** Milliseconds between looks whether the server answers, for an answer, and silent looks before it is ended. */
const askEvery = 5_000;
const patience = 4_000;
const mostSilent = 4;

/** A MariaDB of a folder's own, kept running at one port. */
export async function supervisedMariadb(folder, say, soonWell) {
  let port;
  return keepRunning(
    'The database',
    async () => {
      const mariadb = await startMariadb(folder, port);
      port = mariadb.port;
      return { ...mariadb, gone: goneWhen(mariadb.alive, lookEvery, 'it was ended from outside') };
    },
    say,
    soonWell,
  );
}

/** The server with these settings, kept running. */
export function supervisedServer(settings, say, soonWell) {
  return keepRunning(
    'The Kivex server',
    async () => {
      const server = await startServer(settings);
      const asking = watchAnswers(server, settings, say);
      server.gone.then(() => clearInterval(asking));
      return server;
    },
    say,
    soonWell,
  );
}

/** Ends a server that has been silent for too long; whoever keeps it running starts it again. */
function watchAnswers(server, { KIVEX_PORT: port, KIVEX_HOST: host }, say) {
  let silent = 0;
  const address = `http://${!host || host === '0.0.0.0' ? '127.0.0.1' : host}:${port}/api/health/live`;
  const timer = setInterval(() => {
    fetch(address, { signal: AbortSignal.timeout(patience) }).then(
      (response) => {
        void response.body?.cancel();
        silent = 0;
      },
      () => {
        silent++;
        if (silent < mostSilent) return;
        say('The Kivex server has not answered for a while; it is ended and started again.');
        server.child.kill('SIGKILL');
      },
    );
  }, askEvery);
  timer.unref();
  return timer;
}
