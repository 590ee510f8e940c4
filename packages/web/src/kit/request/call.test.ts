import { afterEach, describe, expect, test } from '@jest/globals';
import { address, call } from './call.js';
import { sendFile } from './send-file.js';

const realFetch = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = realFetch;
});

describe('a call by a route of the contract', () => {
  test('fills the names into the path, safely, and sends the body as JSON', async () => {
    const asked: [string, RequestInit][] = [];
    globalThis.fetch = ((path: string, init: RequestInit) => {
      asked.push([path, init]);
      return Promise.resolve(new Response(null, { status: 204 }));
    }) as typeof fetch;
    await call('PUT /api/lessons/:lesson/seats/:student', {
      lesson: 'a/b',
      student: 's?1',
      body: { group: 'g' },
    });
    await call('POST /api/staff/sign-out');
    const sheet = new Blob(['Name\nAsh']);
    await sendFile('POST /api/store/sheet', {}, sheet);
    expect(asked.map(([path, { method }]) => `${method} ${path}`)).toEqual([
      'PUT /api/lessons/a%2Fb/seats/s%3F1',
      'POST /api/staff/sign-out',
      'POST /api/store/sheet',
    ]);
    expect(asked[0]![1].body).toBe('{"group":"g"}');
    expect(asked[1]![1].body).toBeUndefined();
    // A file goes as it is, not as JSON.
    expect(asked[2]![1].body).toBe(sheet);
    expect(asked[2]![1].headers).toMatchObject({ 'Content-Type': 'application/octet-stream' });
  });
  test('an address asks for each of a list, and for nothing where nothing is asked', () => {
    const names = { lesson: 'l' };
    expect(address('GET /api/lessons/:lesson/preparation/labels.pdf', names)).toBe(
      '/api/lessons/l/preparation/labels.pdf',
    );
    expect(
      address('GET /api/lessons/:lesson/preparation/labels.pdf', names, { skip: 2, only: ['a b', 'c'] }),
    ).toBe('/api/lessons/l/preparation/labels.pdf?skip=2&only=a+b&only=c');
  });
});
