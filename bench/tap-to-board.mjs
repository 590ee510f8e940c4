// How long from a tap's entry leaving a device until it stands on the board, against a bare Socket.IO relay
// that commits one row to the same MariaDB with the same durability. Both in one run, turn about.
import { fork } from 'node:child_process';
import { io } from 'socket.io-client';
import { v7 as uuidv7 } from 'uuid';
import { median, once, openKivex, quantile } from './kivex.mjs';

const rounds = 400;
const warmUp = 60;

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

/** Kivex itself with its demo lesson: session, checks, log and all. */
async function kivex(url) {
  const own = await openKivex(url);
  const lesson = (await own.json('/api/lessons', own.staff)).find((l) => l.state === 'running');
  const { names } = await (await own.send('POST', '/api/join/names', { code: lesson.joinCode })).json();
  const student = await own.student(lesson.joinCode, names.find((n) => n.name === 'Aino Farrow').id, '2401');
  const board = own.socket('/board', own.staff, { lesson: lesson.id });
  await once(board, 'ready');
  return {
    tap: async () => {
      const entry = student.entry();
      const arrived = new Promise((resolve) =>
        board.on('lesson-event', function seen(e) {
          if (e.id === entry.id) {
            board.off('lesson-event', seen);
            resolve();
          }
        }),
      );
      const began = performance.now();
      const acknowledged = student.log(entry);
      await arrived;
      const ms = performance.now() - began;
      await acknowledged;
      return ms;
    },
    close: async () => {
      board.disconnect();
      student.wire.disconnect();
      await own.stop();
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
    `  ratio of medians ${ratio.toFixed(2)} (aim: 1.3 or less)`,
  ];
}
