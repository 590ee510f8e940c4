// How long from a tap's entry leaving a device until it stands on the board, against a bare Socket.IO relay
// that commits one row to the same MariaDB with the same durability. Both in one run, turn about.
import { fork } from 'node:child_process';
import { io } from 'socket.io-client';
import { v7 as uuidv7 } from 'uuid';
import { startServer } from '../scripts/serve.mjs';
import { freePort } from '../scripts/prerequisites.mjs';

const rounds = 400;
const warmUp = 60;
const median = (xs) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)];
const quantile = (xs, q) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length * q)];
const once = (emitter, event) => new Promise((resolve) => emitter.once(event, resolve));

/** The bare relay, in a process of its own as Kivex is. */
async function bareRelay(url) {
  const relay = fork(new URL('bare-relay.mjs', import.meta.url), [], {
    env: { ...process.env, BARE_RELAY_DATABASE: url },
  });
  const { port } = await once(relay, 'message');
  const base = `http://127.0.0.1:${port}`;
  const options = { transports: ['websocket'], forceNew: true };
  const [device, board] = [io(base, options), io(base, options)];
  await Promise.all([once(device, 'connect'), once(board, 'connect')]);
  await board.emitWithAck('watch');
  return {
    tap: async () => {
      const id = uuidv7();
      const arrived = new Promise((resolve) =>
        board.on('event', function seen(e) {
          if (e.id === id) {
            board.off('event', seen);
            resolve();
          }
        }),
      );
      const began = performance.now();
      device.emit('tap', { id, body: { type: 'observation', seen: { colour: 'lilac' } } });
      await arrived;
      return performance.now() - began;
    },
    close: async () => {
      device.disconnect();
      board.disconnect();
      relay.kill();
    },
  };
}

/** Kivex itself with its demo lesson: session, checks, log, marks and all. */
async function kivex(url) {
  const port = await freePort();
  const server = await startServer({
    KIVEX_DATABASE_URL: url,
    KIVEX_PORT: String(port),
    KIVEX_DEMO: '1',
    KIVEX_LOG: 'error',
  });
  const base = `http://127.0.0.1:${port}`;
  const post = async (path, body, cookie = '') => {
    const response = await fetch(base + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'x-kivex': '1', cookie },
      body: JSON.stringify(body),
    });
    if (!response.ok) throw new Error(await response.text());
    return response;
  };
  const cookieOf = (response) => response.headers.getSetCookie()[0].split(';')[0];
  const staff = cookieOf(
    await post('/api/staff/sign-in', { email: 'orla.thresh@skerrin.example', password: 'lamp-room-demo' }),
  );
  const lessons = await (await fetch(`${base}/api/lessons`, { headers: { cookie: staff } })).json();
  const lesson = lessons.find((l) => l.state === 'running');
  const { names } = await (await post('/api/join/names', { code: lesson.joinCode })).json();
  const student = cookieOf(
    await post('/api/join', {
      code: lesson.joinCode,
      student: names.find((n) => n.name === 'Aino Farrow').id,
      pin: '2401',
    }),
  );
  const bench = await (await fetch(`${base}/api/bench`, { headers: { cookie: student } })).json();
  const board = io(`${base}/board`, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    auth: { lesson: lesson.id },
    extraHeaders: { cookie: staff },
  });
  await once(board, 'ready');
  const device = io(`${base}/bench`, {
    path: '/live',
    transports: ['websocket'],
    forceNew: true,
    extraHeaders: { cookie: student },
  });
  await once(device, 'ready');
  return {
    tap: async () => {
      const id = uuidv7();
      const arrived = new Promise((resolve) =>
        board.on('lesson-event', function seen(e) {
          if (e.id === id) {
            board.off('lesson-event', seen);
            resolve();
          }
        }),
      );
      const body = {
        type: 'observation',
        sample: bench.samples[0].id,
        test: 'flame',
        variant: 'wire',
        seen: { colour: 'crimson' },
      };
      const began = performance.now();
      const acknowledged = device.emitWithAck('log', [{ id, at: new Date().toISOString(), body }]);
      await arrived;
      const ms = performance.now() - began;
      const { receipt } = await acknowledged;
      if (!receipt?.accepted.includes(id)) throw new Error('a tap was not taken');
      return ms;
    },
    close: async () => {
      board.disconnect();
      device.disconnect();
      await server.stop();
    },
  };
}

/** Runs the comparison on a database of its own; returns lines to print. */
export async function tapToBoard(url) {
  const [bare, ours] = [await bareRelay(url), await kivex(url)];
  const times = { bare: [], ours: [] };
  for (let i = 0; i < rounds + warmUp; i++) {
    const a = await bare.tap();
    const b = await ours.tap();
    if (i >= warmUp) {
      times.bare.push(a);
      times.ours.push(b);
    }
  }
  await bare.close();
  await ours.close();
  const ratio = median(times.ours) / median(times.bare);
  return [
    `tap to board, ${rounds} taps each, turn about`,
    `  bare relay, one commit: median ${median(times.bare).toFixed(2)} ms, 95 % ${quantile(times.bare, 0.95).toFixed(2)} ms`,
    `  Kivex:                  median ${median(times.ours).toFixed(2)} ms, 95 % ${quantile(times.ours, 0.95).toFixed(2)} ms`,
    `  ratio of medians ${ratio.toFixed(2)} (aim: 1.5 or less)`,
  ];
}
