import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Bench } from '@kivex/contract';
import { benchSpace } from '@kivex/contract';
import { io, type Socket } from 'socket.io-client';
import { v7 as uuidv7 } from 'uuid';
import { ownLesson } from '../../testing/own-school.js';
import { benchOf, Client, entry, join, pins, saw, send } from '../../testing/test-server.js';

const world = ownLesson('ash', 'birch', 'clove');
const as = (id: string) => ({ 'x-kivex': '1', 'x-kivex-student': id });
let ash: string;
let birch: string;
beforeEach(() => {
  [ash, birch] = world.school.students as [string, string];
});
/** Ash’s tablet, at which Birch has joined too. */
const tablet = async (): Promise<Client> => {
  const device = await join(world.server, world.school, world.lesson, 0);
  const reply = await device.post('/api/bench/mates', { student: birch, pin: pins[1] });
  expect(reply.status).toBe(204);
  return device;
};
const bench = async (device: Client, of: string) =>
  (await device.send<Bench>('GET', '/api/bench', undefined, as(of))).body;
const unknownOf = ({ samples }: Bench) => samples.find((s) => s.role === 'unknown')!.id;
const names = (sample: string, answer: string) => entry({ type: 'naming', sample, answer, evidence: [] });
const logAs = async (device: Client, of: string, ...events: object[]) => {
  const { lesson, group } = await bench(device, of);
  const batch = { lesson: lesson.id, group: group.id, student: of, events };
  return device.send('POST', '/api/bench/events', batch, as(of));
};

describe('one tablet for a group', () => {
  test('writes as each who has joined there, and is told who has', async () => {
    const device = await tablet();
    const [first, second] = [await bench(device, ash), await bench(device, birch)];
    expect([first.me.id, second.me.id]).toEqual([ash, birch]);
    expect([...first.here].sort()).toEqual([ash, birch].sort());
    const seen = entry(saw(world.known, 'crimson'));
    expect((await logAs(device, birch, seen)).status).toBe(200);
    expect((await bench(device, ash)).events.find((e) => e.id === seen.id)?.by).toBe(birch);
  });
  test('lets nobody in without their PIN, nobody of another group, and nobody who has not joined there', async () => {
    const device = await join(world.server, world.school, world.lesson, 0);
    const wrong = await device.post('/api/bench/mates', { student: birch, pin: '0000' });
    expect([wrong.status, JSON.stringify(wrong.body)]).toEqual([422, expect.stringMatching(/not the PIN/)]);
    const other = await device.post('/api/bench/mates', { student: world.school.students[2], pin: pins[2] });
    expect([other.status, other.text]).toEqual([422, expect.stringMatching(/nobody of your group/)]);
    expect((await device.send('GET', '/api/bench', undefined, as(birch))).status).toBe(401);
  });
  test('who leaves is gone from it; the others work on', async () => {
    const device = await tablet();
    await device.send('POST', '/api/join/leave', {}, as(birch));
    expect((await device.send('GET', '/api/bench', undefined, as(birch))).status).toBe(401);
    expect((await bench(device, ash)).here).toEqual([ash]);
  });
  test('a student of another group who joins there has it to themselves', async () => {
    const device = await tablet();
    await join(world.server, world.school, world.lesson, 2, device);
    expect((await device.send('GET', '/api/bench', undefined, as(ash))).status).toBe(401);
    expect((await benchOf(device)).here).toEqual([world.school.students[2]]);
  });
});

describe('answers of one’s own', () => {
  test('are shown to nobody else of the group, on any device', async () => {
    const sample = unknownOf(await benchOf(world.ash));
    await send(world.ash, [names(sample, 'potassium-of-ash')]);
    const device = await tablet();
    expect((await world.birch.get('/api/bench')).text).not.toContain('potassium-of-ash');
    expect(JSON.stringify(await bench(device, birch))).not.toContain('potassium-of-ash');
    expect(JSON.stringify(await bench(device, ash))).toContain('potassium-of-ash');
  });
  test('are shut at a shared tablet until the PIN is typed; what the group saw stays open', async () => {
    const device = await tablet();
    const sample = unknownOf(await bench(device, ash));
    const seen = entry(saw(sample, 'lilac'));
    await logAs(device, ash, seen, names(sample, 'rubidium-of-ash'));
    await device.send('POST', '/api/bench/lock', {}, as(ash));
    const shut = await bench(device, ash);
    expect([shut.locked, shut.events.map((e) => e.id)]).toEqual([true, [seen.id]]);
    expect((await device.send('GET', '/api/bench/feedback', undefined, as(ash))).status).toBe(409);
    expect((await device.send('POST', '/api/bench/unlock', { pin: '9999' }, as(ash))).status).toBe(422);
    await device.send('POST', '/api/bench/unlock', { pin: pins[0] }, as(ash));
    expect(JSON.stringify(await bench(device, ash))).toContain('rubidium-of-ash');
  });
  test('are told over the wire to their own devices alone', async () => {
    const listen = (client: Client, student?: string): Promise<{ socket: Socket; heard: string[] }> => {
      const socket = io(`${world.server.base}${benchSpace}`, {
        path: '/live',
        extraHeaders: { cookie: client.cookie },
        forceNew: true,
        ...(student ? { auth: { student } } : {}),
      });
      world.sockets.push(socket);
      const heard: string[] = [];
      socket.on('lesson-event', (event: { body: { type: string } }) => heard.push(event.body.type));
      return new Promise((resolve) => socket.on('ready', () => resolve({ socket, heard })));
    };
    const own = await listen(world.ash);
    const mate = await listen(world.birch);
    const sample = unknownOf(await benchOf(world.ash));
    await send(world.ash, [names(sample, 'caesium'), entry(saw(sample, 'lilac'))]);
    const told = () => own.heard.length >= 2 && mate.heard.includes('observation');
    for (let i = 0; i < 250 && !told(); i += 1) await new Promise((r) => setTimeout(r, 20));
    expect(own.heard.sort()).toEqual(['naming', 'observation']);
    expect(mate.heard).toEqual(['observation']);
  });
});

test('a bench that says who is writing by nonsense is taken as who joined last', async () => {
  const device = await tablet();
  const reply = await device.send<Bench>('GET', '/api/bench', undefined, as(`${uuidv7()}; drop`));
  expect(reply.body.me.id).toBe(birch);
});
