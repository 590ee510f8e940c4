import { afterEach, describe, expect, test } from '@jest/globals';
import { fetchFile, nameIn } from './fetch-file.js';

const realFetch = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = realFetch;
});
const answering = (make: () => Promise<Response>) => {
  globalThis.fetch = make as typeof fetch;
};
const never = new AbortController().signal;

describe('a file that is made when it is asked for', () => {
  test.each([
    [`attachment; filename="kivex.pdf"; filename*=UTF-8''%C5%81%C3%B3d%C5%BA.pdf`, 'Łódź.pdf'],
    ['attachment; filename="kivex-marks.csv"', 'kivex-marks.csv'],
    [`attachment; filename="plain.pdf"; filename*=UTF-8''%E0%A4%A`, 'plain.pdf'],
    [null, 'otherwise'],
  ])('is named as the server says: %s', (header, name) => expect(nameIn(header, 'otherwise')).toBe(name));
  test('comes with its bytes', async () => {
    answering(() =>
      Promise.resolve(new Response('abc', { headers: { 'content-disposition': 'filename="a.txt"' } })),
    );
    const { name, bytes } = await fetchFile('/x', never);
    expect([name, await bytes.text()]).toEqual(['a.txt', 'abc']);
  });
  test('that cannot be made says why in the server’s sentence', async () => {
    answering(() =>
      Promise.resolve(new Response('{"detail":"Choose at least one label."}', { status: 422 })),
    );
    await expect(fetchFile('/x', never)).rejects.toThrow('Choose at least one label.');
  });
  test('without a network says what to do; stopped, it is no fault', async () => {
    answering(() => Promise.reject(new TypeError('network')));
    await expect(fetchFile('/x', never)).rejects.toThrow(/cannot be reached/);
    const stop = new AbortController();
    answering(() => {
      stop.abort();
      return Promise.reject(new DOMException('stopped', 'AbortError'));
    });
    await expect(fetchFile('/x', stop.signal)).rejects.toThrow('stopped');
  });
});
