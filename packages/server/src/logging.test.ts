import { describe, expect, test } from '@jest/globals';
import { pino } from 'pino';
import { Writable } from 'node:stream';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { requestLog } from './logging.js';

/** Runs one request through the log and returns its lines. */
async function logged(path: string, status: number, headers: Record<string, string> = {}): Promise<string> {
  let lines = '';
  const sink = new Writable({
    write: (chunk: Buffer, _encoding, done) => {
      lines += chunk.toString();
      done();
    },
  });
  const log = requestLog(pino({ level: 'debug' }, sink));
  const server = createServer((request, response) => {
    log(request, response);
    response.statusCode = status;
    response.end('answer of a student');
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  await (
    await fetch(`http://127.0.0.1:${port}${path}`, { method: 'POST', body: 'name=Ada Moor', headers })
  ).text();
  await new Promise((resolve) => server.close(resolve));
  return lines;
}

describe('the request log', () => {
  test('says method, path, status and time', async () => {
    expect(JSON.parse(await logged('/api/bench/events', 200))).toMatchObject({
      req: { method: 'POST', path: '/api/bench/events' },
      res: { status: 200 },
    });
  });
  test('holds no query, body, answer, cookie or address', async () => {
    const lines = await logged('/api/classes?name=Ada', 422, {
      cookie: 'kivex_staff=secret',
      authorization: 'secret',
    });
    expect(lines).not.toMatch(/Ada|secret|answer|127\.0\.0\.1|user-agent/i);
  });
  test('leaves health checks and pages out', async () => {
    expect(await logged('/api/health/live', 200)).toBe('');
    expect(await logged('/lessons', 200)).toBe('');
  });
  test('marks faults of the server as errors', async () => {
    expect((JSON.parse(await logged('/api/lessons', 500)) as { level: number }).level).toBe(50);
  });
});
