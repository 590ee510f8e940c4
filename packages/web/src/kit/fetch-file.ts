/** Fetches a file that takes a while to make, and hands it to the browser to keep; stopped when nobody waits any more. */
import type { Problem } from '@kivex/contract';
import { RequestProblem } from './request/request.js';

/** The name a server gives a file (RFC 6266), or what stands in for it. */
export function nameIn(disposition: string | null, otherwise: string): string {
  const encoded = /filename\*=UTF-8''([^;]+)/i.exec(disposition ?? '')?.[1];
  try {
    if (encoded) return decodeURIComponent(encoded);
  } catch {
    // Not rightly encoded: the plain name serves.
  }
  return /filename="([^"]*)"/i.exec(disposition ?? '')?.[1] ?? otherwise;
}

/** @throws RequestProblem with the server's sentence; DOMException `AbortError` when it was stopped. */
export async function fetchFile(path: string, signal: AbortSignal): Promise<{ name: string; bytes: Blob }> {
  let response: Response;
  try {
    response = await fetch(path, { credentials: 'same-origin', headers: { 'X-Kivex': '1' }, signal });
  } catch (error) {
    if (signal.aborted) throw error;
    throw new RequestProblem(0, 'Kivex cannot be reached just now. Check the network and try again.');
  }
  if (!response.ok) {
    const problem = (await response.json().catch(() => ({}))) as Partial<Problem>;
    throw new RequestProblem(response.status, problem.detail ?? 'This file could not be made. Try again.');
  }
  return { name: nameIn(response.headers.get('content-disposition'), 'kivex'), bytes: await response.blob() };
}
