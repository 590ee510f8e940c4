/**
 * JSON bodies within reason: what is nested deeper than any form is refused before it is read, because what walks it
 * afterwards (checks, comparisons) would run out of stack.
 */
import express, { type RequestHandler } from 'express';
import { malformed } from '../problems/problems.js';

const deepest = 40;
/** Documents and lists of entries; sheets come another way. */
const largest = '250kb';

/** How deep brackets are nested in JSON text; those in texts do not count. */
export function depthOf(json: Uint8Array): number {
  let depth = 0;
  let most = 0;
  let inText = false;
  for (let i = 0; i < json.length; i++) {
    const sign = json[i]!;
    if (inText) {
      if (sign === 0x5c) i++;
      else if (sign === 0x22) inText = false;
    } else if (sign === 0x22) inText = true;
    else if (sign === 0x7b || sign === 0x5b) most = Math.max(most, ++depth);
    else if (sign === 0x7d || sign === 0x5d) depth--;
  }
  return most;
}

export const jsonBody = (): RequestHandler =>
  express.json({
    limit: largest,
    // Half a letter, which JSON can say and nothing else can: what checks or stores a text would stumble over it.
    reviver: (_key, value: unknown) =>
      typeof value === 'string' ? value.replace(/\p{Surrogate}/gu, '\uFFFD') : value,
    verify: (_request, _response, bytes) => {
      if (depthOf(bytes) > deepest)
        throw malformed('This is nested too deeply to be a form of Kivex. Load the page again and retry.');
    },
  });
