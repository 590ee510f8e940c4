/** Two transactions may stand in each other's way; the database then gives one up, which is simply done again. */

const standoffs: ReadonlySet<unknown> = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD']);

/** Does `work` again, up to `times`, when the database gave it up for another's sake. @throws its last error. */
export async function retried<T>(work: () => Promise<T>, times = 4): Promise<T> {
  for (let left = times; ; left--) {
    try {
      return await work();
    } catch (error) {
      const { code, driverError } = error as { code?: unknown; driverError?: { code?: unknown } };
      if (left <= 1 || !(standoffs.has(code) || standoffs.has(driverError?.code))) throw error;
    }
  }
}
