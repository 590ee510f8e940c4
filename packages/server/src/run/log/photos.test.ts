import { describe, expect, test } from '@jest/globals';
import { readGroup } from '@kivex/core';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { benchOf, entry, saw, send, type Client } from '../../testing/test-server.js';
import { mostPhotoBytes } from './photos.service.js';

const world = ownLesson('ash', 'birch', 'clove');
const jpeg = (size = 400): Buffer => {
  const bytes = Buffer.alloc(size, 1);
  bytes.writeUInt16BE(0xffd8, 0);
  bytes[2] = 0xff;
  bytes.writeUInt16BE(0xffd9, size - 2);
  return bytes;
};
const put = (client: Client, id: string, body: Buffer) =>
  fetch(`${client.base}/api/bench/photos/${id}`, {
    method: 'PUT',
    headers: { 'x-kivex': '1', cookie: client.cookie, 'content-type': 'application/octet-stream' },
    body: new Uint8Array(body),
  });
const get = (client: Client, path: string) =>
  fetch(client.base + path, { headers: { cookie: client.cookie } });

describe('a picture from a bench', () => {
  test('is kept once, seen by its group and the teacher, and by nobody else', async () => {
    const id = uuidv7();
    expect((await put(world.ash, id, jpeg())).status).toBe(204);
    expect((await put(world.ash, id, jpeg(500))).status).toBe(204);
    for (const [who, path, status] of [
      [world.birch, `/api/bench/photos/${id}`, 200],
      [world.clove, `/api/bench/photos/${id}`, 404],
      [world.teacher, `/api/lessons/${world.lesson.id}/photos/${id}`, 200],
    ] as const)
      expect([path, (await get(who, path)).status]).toEqual([path, status]);
    const shown = await get(world.teacher, `/api/lessons/${world.lesson.id}/photos/${id}`);
    expect([shown.headers.get('content-type'), shown.headers.get('content-security-policy')]).toEqual([
      'image/jpeg',
      expect.stringContaining('sandbox'),
    ]);
    // The first that came stays.
    expect(Buffer.from(await shown.arrayBuffer())).toEqual(jpeg());
    expect((await put(world.clove, id, jpeg())).status).toBe(409);
  });
  test('is named by its entry, whichever of the two comes first', async () => {
    const id = uuidv7();
    const { accepted } = (await send(world.ash, [entry(saw(world.known, 'crimson', { photo: id }))])).body;
    expect(accepted).toHaveLength(1);
    expect(readGroup((await benchOf(world.birch)).events).observations[0]!.body.photo).toBe(id);
    expect((await get(world.birch, `/api/bench/photos/${id}`)).status).toBe(404);
    await put(world.ash, id, jpeg());
    expect((await get(world.birch, `/api/bench/photos/${id}`)).status).toBe(200);
  });
  test('that is none, empty or too large is refused with a sentence, and the bench goes on', async () => {
    for (const body of [
      Buffer.from('<svg onload=alert(1)>'.repeat(20)),
      Buffer.alloc(0),
      jpeg(mostPhotoBytes + 1),
    ]) {
      const reply = await put(world.ash, uuidv7(), body);
      expect([reply.status, await reply.text()]).toEqual([422, expect.stringMatching(/picture/)]);
    }
    expect((await put(world.ash, uuidv7(), jpeg(400_000))).status).toBe(413);
    expect((await put(world.ash, 'not-an-id', jpeg())).status).toBeGreaterThanOrEqual(400);
  });
});
