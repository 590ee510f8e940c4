/** Where the pages are, as the browser that asks sees it. */
import type { Request } from 'express';
import { malformed } from '../problems/problems.js';

/** A name or an address with a port; longer ones are no host's (RFC 1035). */
const host = /^(?:[A-Za-z0-9](?:[A-Za-z0-9.-]{0,250}[A-Za-z0-9])?|\[[0-9A-Fa-f:.]{2,45}\])(?::\d{1,5})?$/;

/** @throws ProblemException 400 for a host that is none. */
export function originOf(request: Request): string {
  const given = request.get('host') ?? 'localhost';
  if (!host.test(given))
    throw malformed('The address of this server as sent is not one. Open Kivex by its usual address.');
  return `${request.protocol}://${given}`;
}
