/** Sends bytes as they are, and fetches them, for tests of files. */
import type { Client } from './test-server.js';

export async function upload<T>(
  client: Client,
  path: string,
  bytes: Uint8Array,
): Promise<{ status: number; body: T }> {
  const response = await fetch(client.base + path, {
    method: 'POST',
    headers: { 'x-kivex': '1', cookie: client.cookie, 'content-type': 'application/octet-stream' },
    body: bytes as BodyInit,
  });
  const text = await response.text();
  return { status: response.status, body: (text ? JSON.parse(text) : {}) as T };
}
export async function download(
  client: Client,
  path: string,
): Promise<{ status: number; type: string; bytes: Uint8Array }> {
  const response = await fetch(client.base + path, { headers: { cookie: client.cookie } });
  return {
    status: response.status,
    type: response.headers.get('content-type') ?? '',
    bytes: new Uint8Array(await response.arrayBuffer()),
  };
}
