import type { Response } from 'express';

/** Fires when whoever asked has left before the answer was sent. */
export function goneSignal(response: Response): AbortSignal {
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) gone.abort();
  });
  return gone.signal;
}
