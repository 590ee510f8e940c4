import { afterEach, describe, expect, test } from '@jest/globals';
import { placeProblem } from './form-problems.js';
import { request, RequestProblem } from './request.js';

const realFetch = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = realFetch;
});
/** Answers the next request so; remembers what was asked. */
function answering(status: number, body: string, asked: RequestInit[] = []): RequestInit[] {
  globalThis.fetch = ((_: string, init: RequestInit) => {
    asked.push(init);
    return Promise.resolve(new Response(status === 204 ? null : body, { status }));
  }) as typeof fetch;
  return asked;
}
const problemOf = async (work: Promise<unknown>): Promise<RequestProblem> => {
  try {
    await work;
  } catch (error) {
    return error as RequestProblem;
  }
  throw new Error('it should have failed');
};

describe('a request', () => {
  test('carries the header that only our own pages can set', async () => {
    const [asked] = answering(200, '{"a":1}');
    expect(asked).toBeUndefined();
    const sent = answering(200, '{"a":1}');
    expect(await request('POST', '/x', { b: 2 })).toEqual({ a: 1 });
    expect(sent[0]).toMatchObject({ method: 'POST', body: '{"b":2}', headers: { 'X-Kivex': '1' } });
  });
  test('an empty answer is none', async () => {
    answering(204, '');
    expect(await request('DELETE', '/x')).toBeUndefined();
  });
  test('a problem keeps its sentence and its fields', async () => {
    answering(422, JSON.stringify({ detail: 'Say why.', errors: [{ field: 'reason', detail: 'Say why.' }] }));
    expect(await problemOf(request('POST', '/x', {}))).toMatchObject({
      status: 422,
      message: 'Say why.',
      fields: [{ field: 'reason' }],
    });
  });
  test('a server that is away, and a page of some proxy, become sentences too', async () => {
    globalThis.fetch = () => Promise.reject(new TypeError('network'));
    expect(await problemOf(request('GET', '/x'))).toMatchObject({ status: 0 });
    answering(502, '<html>bad gateway</html>');
    expect((await problemOf(request('GET', '/x'))).message).toMatch(/cannot be reached/);
  });
});

describe('problems in a form', () => {
  const fields = ['name', 'email'] as const;
  test('go to their fields, the first with the focus; none is left for the top', () => {
    const set: unknown[] = [];
    const error = new RequestProblem(422, 'x', [
      { field: 'email', detail: 'Write one.' },
      { field: 'name', detail: 'Too long.' },
    ]);
    expect(
      placeProblem<{ name: string; email: string }>(error, fields, (...args) => void set.push(args)),
    ).toBeUndefined();
    expect(set).toEqual([
      ['email', { message: 'Write one.' }, { shouldFocus: true }],
      ['name', { message: 'Too long.' }, { shouldFocus: false }],
    ]);
  });
  test('of no field of the form stand above it', () => {
    const error = new RequestProblem(409, 'Somebody else did.', [{ field: 'other', detail: 'x' }]);
    expect(placeProblem<{ name: string; email: string }>(error, fields, () => undefined)).toBe(
      'Somebody else did.',
    );
  });
  test('a fault of our own is not hidden in a form', () => {
    expect(() =>
      placeProblem<{ name: string; email: string }>(new TypeError('bug'), fields, () => undefined),
    ).toThrow('bug');
  });
});
