// Keeps a program running: when it dies it is started again, at once at first, then after ever longer pauses, and that
// is said. A program that has run well for a while is taken to be well again.

const firstPause = 500;
const longestPause = 30_000;
/** Milliseconds after which a program that was started again counts as running well. */
const wellAfter = 60_000;

const wait = (ms) => new Promise((done) => setTimeout(done, ms));

/**
 * Starts a program and keeps it running.
 * @param name what it is called in sentences.
 * @param start starts it: resolves, once it is there, with `{ gone, stop }`, where `gone` resolves when it has died.
 *   It is told how often it has been started before.
 * @param say where sentences go.
 * @param soonWell milliseconds of running after which it counts as well again; shorter where it is killed on purpose.
 * @returns `now` (what `start` last gave), and `stop`, which ends it for good. @throws what the first start throws.
 */
export async function keepRunning(name, start, say, soonWell = wellAfter) {
  let stopping = false;
  let running = await start(0);
  const watch = async () => {
    let pause = firstPause;
    for (let times = 1; ; times++) {
      const since = Date.now();
      const why = await running.gone;
      if (stopping) return;
      if (Date.now() - since > soonWell) pause = firstPause;
      for (;;) {
        say(
          `${name} has ended (${why}); it is started again${pause > firstPause ? ` in ${pause / 1000} s` : ''}. What was acknowledged is safe.`,
        );
        await wait(pause);
        pause = Math.min(longestPause, pause * 2);
        if (stopping) return;
        try {
          running = await start(times);
          break;
        } catch (error) {
          say(error.message);
        }
      }
      if (stopping) {
        await running.stop();
        return;
      }
      say(`${name} is back.`);
    }
  };
  const watching = watch();
  return {
    get now() {
      return running;
    },
    stop: async () => {
      stopping = true;
      await running.stop();
      // A start that was under way when it was to stop is waited for, and stopped.
      await Promise.race([watching, wait(5_000)]);
    },
  };
}

/** Resolves with a reason once `alive` is no longer true, looked at every so often. */
export const goneWhen = async (alive, everyMs, reason) => {
  while (alive()) await wait(everyMs);
  return reason;
};
