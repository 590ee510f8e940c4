/** Talks to the server: JSON in, JSON out, every error a `RequestProblem` with a sentence and the fields at fault. */
import type { Problem } from '@kivex/contract';

export class RequestProblem extends Error {
  override readonly name = 'RequestProblem';
  constructor(
    /** HTTP status, or 0 when the server could not be reached. */
    readonly status: number,
    detail: string,
    readonly fields: readonly { readonly field: string; readonly detail: string }[] = [],
    /** Seconds after which it is worth trying again. */
    readonly retryAfter?: number,
  ) {
    super(detail);
  }
}

const unreachable = 'Kivex cannot be reached just now. Check the network; what you entered is still here.';

/**
 * Sends a request.
 * @throws RequestProblem always, whatever went wrong.
 */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
  headers: Readonly<Record<string, string>> = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        'X-Kivex': '1',
        ...headers,
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(20_000),
    });
  } catch {
    throw new RequestProblem(0, unreachable);
  }
  const text = await response.text();
  if (!response.ok) {
    let problem: Partial<Problem> = {};
    try {
      problem = JSON.parse(text) as Partial<Problem>;
    } catch {
      // Not from Kivex itself: a proxy's page, say.
    }
    throw new RequestProblem(
      response.status,
      problem.detail ??
        (response.status >= 500 ? unreachable : 'That did not work. Load the page again and retry.'),
      problem.errors ?? [],
      Number(response.headers.get('retry-after')) || undefined,
    );
  }
  return (text ? JSON.parse(text) : undefined) as T;
}
