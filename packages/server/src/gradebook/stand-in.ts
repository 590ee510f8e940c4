/**
 * A gradebook of no school's, to try sending with: it keeps results in memory, by their ids, and answers, is slow, refuses
 * some or is down as it is told. Its paths and fields are those of the tables schools exchange (docs/marks.md).
 */
import type { StandInMode } from '@kivex/contract';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';

export interface StandInResult {
  readonly sourcedId: string;
  readonly lineItemSourcedId: string;
  readonly studentSourcedId: string;
  readonly score: number;
  readonly scoreDate: string;
  readonly comment: string;
}
export interface StandIn {
  readonly url: string;
  mode: StandInMode;
  /** What it holds, by the results' ids. */
  readonly results: ReadonlyMap<string, StandInResult>;
  /** How often each id was put: more than once with the same is nothing new. */
  readonly puts: ReadonlyMap<string, number>;
  /** Somebody changes a result in the gradebook itself. */
  change: (sourcedId: string, score: number) => void;
  close: () => Promise<void>;
}

/** Bytes of a request at most. */
const longest = 20_000;
/** Milliseconds it takes where it is slow. */
const slowly = 1_500;
/** Where it refuses, every so manieth student. */
const everyNth = 4;

async function bodyOf(request: IncomingMessage): Promise<unknown> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of request as AsyncIterable<Buffer>) {
    size += part.length;
    if (size > longest) throw new RangeError('too long');
    parts.push(part);
  }
  return JSON.parse(Buffer.concat(parts).toString('utf8') || 'null');
}

/** Starts it. @param port 0 takes any that is free; loopback only. */
export async function startStandIn(port = 0): Promise<StandIn> {
  const results = new Map<string, StandInResult>();
  const maxima = new Map<string, number>();
  const puts = new Map<string, number>();
  const answer = (response: ServerResponse, status: number, body: unknown) => {
    response.writeHead(status, { 'content-type': 'application/json' });
    response.end(JSON.stringify(body));
  };
  const handle = async (request: IncomingMessage, response: ServerResponse) => {
    if (standIn.mode === 'down') {
      request.socket.destroy();
      return;
    }
    if (standIn.mode === 'slow') await wait(slowly);
    const { pathname, searchParams } = new URL(request.url ?? '/', 'http://gradebook');
    const [, table, id] = pathname.split('/').map(decodeURIComponent);
    if (request.method === 'GET' && table === 'results') {
      const of = searchParams.get('lineItemSourcedId');
      answer(response, 200, { results: [...results.values()].filter((r) => r.lineItemSourcedId === of) });
      return;
    }
    if (request.method !== 'PUT' || !id) {
      answer(response, 404, { reason: 'There is nothing here.' });
      return;
    }
    const body = (await bodyOf(request)) as Record<string, unknown>;
    if (table === 'lineItems') {
      maxima.set(id, Number(body.resultValueMax));
      answer(response, 200, {});
      return;
    }
    const result = body as unknown as StandInResult;
    const max = maxima.get(result.lineItemSourcedId);
    if (table !== 'results' || max === undefined)
      answer(response, 422, { reason: 'This result belongs to no line item.' });
    else if (result.score > max)
      answer(response, 422, { reason: `The line item has ${max} points at most.` });
    else if (standIn.mode === 'refuses' && !results.has(id) && (puts.size + 1) % everyNth === 0) {
      puts.set(id, (puts.get(id) ?? 0) + 1);
      answer(response, 422, { reason: 'This student is not in the class there.' });
    } else {
      puts.set(id, (puts.get(id) ?? 0) + 1);
      const known = results.has(id);
      results.set(id, result);
      answer(response, known ? 200 : 201, {});
    }
  };
  const server = createServer((request, response) => {
    handle(request, response).catch(() => {
      if (!response.headersSent) answer(response, 400, { reason: 'This cannot be read.' });
    });
  });
  await new Promise<void>((ready, failed) => {
    server.once('error', failed);
    server.listen(port, '127.0.0.1', ready);
  });
  server.unref();
  const standIn: StandIn = {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    mode: 'answers',
    results,
    puts,
    change: (id, score) => {
      const known = results.get(id);
      if (known) results.set(id, { ...known, score });
    },
    close: () =>
      new Promise((done) => {
        server.closeAllConnections();
        server.close(() => done());
      }),
  };
  return standIn;
}
