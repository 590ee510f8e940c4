/** Lists in pages: the answer stays a plain list, and the header `Link` says where it goes on (RFC 8288). */
import type { Response } from 'express';
import { malformed } from '../problems/problems.js';

/** Says at which address the list goes on. */
export const sayNext = (response: Response, path: string): void => {
  response.setHeader('Link', `<${path}>; rel="next"`);
};

/** How many are wanted, `most` at most and where nothing is said. @throws 400 */
export function pageSize(text: string | undefined, most: number): number {
  if (text === undefined) return most;
  if (!/^[1-9]\d{0,5}$/.test(text))
    throw malformed('How many are wanted is a whole number, 1 or more.', 'limit');
  return Math.min(most, Number(text));
}

/** A place in a log, 0 where none is said. @throws 400 */
export function placeAfter(text: string | undefined): number {
  if (text === undefined) return 0;
  if (!/^\d{1,15}$/.test(text)) throw malformed('A place in the log is a whole number.', 'after');
  return Number(text);
}
