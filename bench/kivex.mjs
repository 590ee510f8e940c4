// A Kivex of its own for the benches: a server process with the demo school, and people who sign in and join.
import { io } from 'socket.io-client';
import { v7 as uuidv7 } from 'uuid';
import { startServer } from '../scripts/serve.mjs';
import { freePort } from '../scripts/prerequisites.mjs';

export const once = (emitter, event) => new Promise((resolve) => emitter.once(event, resolve));
export const quantile = (xs, q) =>
  [...xs].sort((a, b) => a - b)[Math.min(xs.length - 1, Math.floor(xs.length * q))];
export const median = (xs) => quantile(xs, 0.5);
const demo = { password: 'lamp-room-demo' };

export async function openKivex(url) {
  const port = await freePort();
  const server = await startServer({
    KIVEX_DATABASE_URL: url,
    KIVEX_PORT: String(port),
    KIVEX_DEMO: '1',
    KIVEX_LOG: 'error',
  });
  const base = `http://127.0.0.1:${port}`;
  const send = async (method, path, body, cookie = '') => {
    const response = await fetch(base + path, {
      method,
      headers: { 'content-type': 'application/json', 'x-kivex': '1', cookie },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
    return response;
  };
  const json = async (path, cookie) => (await send('GET', path, undefined, cookie)).json();
  /** The first cookie of an answer: who signed in or joined. */
  const cookieOf = (response) => response.headers.getSetCookie()[0].split(';')[0];
  const signIn = async (who) =>
    cookieOf(await send('POST', '/api/staff/sign-in', { email: `${who}@skerrin.example`, ...demo }));
  const socket = (space, cookie, auth = {}) =>
    io(base + space, {
      path: '/live',
      transports: ['websocket'],
      forceNew: true,
      auth,
      extraHeaders: { cookie },
    });
  /** A student at a bench of a lesson, with a wire. */
  const student = async (joinCode, id, pin) => {
    const cookie = cookieOf(await send('POST', '/api/join', { code: joinCode, student: id, pin }));
    const bench = await json('/api/bench', cookie);
    const wire = socket('/bench', cookie);
    await once(wire, 'ready');
    const whose = { lesson: bench.lesson.id, group: bench.group.id, student: bench.me.id };
    return {
      wire,
      bench,
      entry: () => ({
        id: uuidv7(),
        at: new Date().toISOString(),
        body: {
          type: 'observation',
          sample: bench.samples[0].id,
          test: 'flame',
          variant: 'wire',
          seen: { colour: 'crimson' },
        },
      }),
      log: async (...events) => {
        const reply = await wire.emitWithAck('log', { ...whose, sent: new Date().toISOString(), events });
        if (reply.receipt?.accepted.length !== events.length)
          throw new Error(`not taken: ${JSON.stringify(reply)}`);
      },
    };
  };
  const staff = await signIn('orla.thresh');
  return { server, base, send, json, signIn, socket, student, staff, stop: () => server.stop() };
}

/** A lesson of a new class, begun, with everybody at their bench. @param groups of two students each. */
export async function fullLesson(kivex, name, groups, atBench = groups * 2, title = /^Flame colours/) {
  const { staff, send, json } = kivex;
  const made = await (await send('POST', '/api/classes', { name }, staff)).json();
  const names = Array.from({ length: groups * 2 }, (_, i) => `Student ${name} ${i + 1}`);
  const roster = await (
    await send('POST', `/api/classes/${made.id}/roster`, { text: `Name\n${names.join('\n')}` }, staff)
  ).json();
  const ids = roster.students.map((s) => s.id);
  const cards = await (await send('POST', `/api/classes/${made.id}/pins`, { students: ids }, staff)).json();
  const practical = (await json('/api/practicals', staff)).find((p) => title.test(p.title));
  const lesson = await (
    await send(
      'POST',
      '/api/lessons',
      {
        practical: practical.id,
        class: made.id,
        startsAt: '2026-11-25T09:00:00.000Z',
        room: 'Lab 9',
        groups: Array.from({ length: groups }, (_, g) => ({
          row: Math.floor(g / 4),
          column: g % 4,
          students: ids.slice(g * 2, g * 2 + 2),
        })),
      },
      staff,
    )
  ).json();
  await send('PUT', `/api/lessons/${lesson.id}/state`, { state: 'running' }, staff);
  const wanted = Array.from({ length: atBench }, (_, i) => cards[Math.floor((i * cards.length) / atBench)]);
  const students = [];
  for (const card of wanted) students.push(await kivex.student(lesson.joinCode, card.student, card.pin));
  return { lesson, students };
}
