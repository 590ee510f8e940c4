/**
 * Sees to it that the shell is on the device, so that a bench reloaded without a network opens. A first try may fail (a
 * crowded network, a server that has just begun), and no browser asks again before the page is loaded anew.
 */

/** Milliseconds until the next try; twice as long each time, up to a minute. */
const firstPause = 2000;
const longestPause = 60_000;

/** What becomes of a worker that is being installed: does it take over? */
function takesOver(worker: ServiceWorker): Promise<boolean> {
  return new Promise((done) => {
    const look = () => {
      if (worker.state === 'activated') done(true);
      else if (worker.state === 'redundant') done(false);
    };
    worker.addEventListener('statechange', look);
    look();
  });
}

/** Tries until a worker is in force. @param pause waits so many milliseconds. */
export async function keepShell(
  workers: Pick<ServiceWorkerContainer, 'register'>,
  pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms)),
): Promise<void> {
  for (let wait = firstPause; ; wait = Math.min(2 * wait, longestPause)) {
    try {
      const registration = await workers.register('/sw.js');
      const coming = registration.installing ?? registration.waiting;
      if (registration.active || (coming && (await takesOver(coming)))) return;
    } catch {
      // Not reached: the next try tells.
    }
    await pause(wait);
  }
}
