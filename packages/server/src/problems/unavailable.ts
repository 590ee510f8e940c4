/** Is an error the database's absence rather than a fault? Then it is said, waited for and recovered from. */

const away: ReadonlySet<string> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'ENOTFOUND',
  'EHOSTUNREACH',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'ER_SERVER_SHUTDOWN',
  'ER_NORMAL_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ER_CONNECTION_KILLED',
  'ER_OUT_OF_RESOURCES',
  'POOL_CLOSED',
  'POOL_NOCONNECTIONS',
  'POOL_ENQUEUELIMIT',
]);

/** Does this error say that the database cannot be reached now? */
export function isDatabaseAway(error: unknown): boolean {
  if (typeof error !== 'object' || error === null) return false;
  const { code, driverError, message } = error as {
    code?: unknown;
    driverError?: unknown;
    message?: unknown;
  };
  if (typeof code === 'string' && away.has(code)) return true;
  if (/closed state|Pool is closed|Queue limit reached|Server shutdown/.test(String(message))) return true;
  return driverError !== undefined && driverError !== error && isDatabaseAway(driverError);
}
