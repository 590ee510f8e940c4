/** Sends a file's bytes as they are; errors as for any request. */
import type { BodyOf, Bytes, Problem, ReplyOf, RouteName } from '@kivex/contract';
import { address, type Names } from './call.js';
import { RequestProblem } from './request.js';

/** The routes that take the bytes of a file. */
type FileRoute = { [R in RouteName]: BodyOf<R> extends Bytes ? R : never }[RouteName];

/** @param as whom a bench calls that several write at. @throws RequestProblem */
export async function sendFile<R extends FileRoute>(
  route: R,
  names: Names<R>,
  file: Blob,
  as?: string,
): Promise<ReplyOf<R>> {
  const path = address(route, names);
  const [method] = route.split(' ') as [string];
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        'X-Kivex': '1',
        'Content-Type': 'application/octet-stream',
        ...(as ? { 'X-Kivex-Student': as } : {}),
      },
      body: file,
    });
  } catch {
    throw new RequestProblem(
      0,
      'Kivex cannot be reached just now. Check the network and choose the file again.',
    );
  }
  const text = await response.text();
  if (response.ok) return (text ? JSON.parse(text) : undefined) as ReplyOf<R>;
  try {
    const problem = JSON.parse(text) as Problem;
    throw new RequestProblem(response.status, problem.detail, problem.errors ?? []);
  } catch (error) {
    if (error instanceof RequestProblem) throw error;
    throw new RequestProblem(response.status, 'This file could not be taken. Try another.');
  }
}
