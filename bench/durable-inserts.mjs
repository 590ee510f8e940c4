// Entries acknowledged a second, one at a time and from 32 benches at once, beside a bare driver loop that commits one
// row each to the same MariaDB with the same durability. In one run, turn about. Beside them, what a bare Socket.IO server
// reaches that does nothing but commit one row and say so: what the wire alone costs.
import { fork } from 'node:child_process';
import { io } from 'socket.io-client';
import mysql from 'mysql2';
import { v7 as uuidv7 } from 'uuid';
import { fullLesson, median, once, openKivex } from './kivex.mjs';

const rounds = 5;
const msEach = 1_200;

/** Runs `work` in `lanes` lanes for a while; how often a second it was done. */
async function rate(lanes, work) {
  const end = performance.now() + msEach;
  const began = performance.now();
  let done = 0;
  await Promise.all(
    Array.from({ length: lanes }, async (_, lane) => {
      while (performance.now() < end) {
        await work(lane);
        done++;
      }
    }),
  );
  return done / ((performance.now() - began) / 1000);
}

/** The same rows into the same table with nothing around them: no session, no checks, no wire. */
function bareLoop(url, connections, { lesson, group, student }) {
  const pool = mysql.createPool({ uri: url.replace(/^mariadb:/, 'mysql:'), connectionLimit: connections });
  const insert = () =>
    new Promise((resolve, reject) => {
      const now = new Date();
      pool.execute(
        'INSERT INTO lesson_event (id, lessonId, groupId, studentId, staffId, at, deviceAt, receivedAt, type, body) VALUES (?, ?, ?, ?, NULL, ?, ?, ?, ?, ?)',
        [
          uuidv7(),
          lesson,
          group,
          student,
          now,
          now,
          now,
          'observation',
          '{"type":"observation","seen":{"colour":"crimson"}}',
        ],
        (error) => (error ? reject(error) : resolve()),
      );
    });
  return { insert, end: () => new Promise((resolve) => pool.end(resolve)) };
}

/** A Socket.IO server with as many devices as ours has; each entry is one row and one acknowledgement. */
async function bareWire(url, devices) {
  const relay = fork(new URL('bare-relay.mjs', import.meta.url), [], {
    env: { ...process.env, BARE_RELAY_DATABASE: url },
  });
  const { port } = await once(relay, 'message');
  const wires = [];
  for (let i = 0; i < devices; i++) {
    const wire = io(`http://127.0.0.1:${port}`, { transports: ['websocket'], forceNew: true });
    await once(wire, 'connect');
    wires.push(wire);
  }
  let turn = 0;
  return {
    insert: () =>
      wires[turn++ % devices].emitWithAck('keep', { type: 'observation', seen: { colour: 'crimson' } }),
    end: () => {
      for (const wire of wires) wire.disconnect();
      relay.kill();
    },
  };
}

export async function durableInserts(url) {
  const kivex = await openKivex(url);
  // One device a bench; more benches than lanes: nobody comes near what one bench may log in a while.
  const lanes = [];
  for (let i = 0; i < 8; i++) lanes.push(...(await fullLesson(kivex, `I${i}`, 16, 16)).students);
  const { bench } = lanes[0];
  const bare = bareLoop(url, 32, { lesson: bench.lesson.id, group: bench.group.id, student: bench.me.id });
  const wire = await bareWire(url, lanes.length);
  let turn = 0;
  const tap = async () => {
    const own = lanes[turn++ % lanes.length];
    await own.log(own.entry());
  };
  const figures = { bare1: [], wire1: [], ours1: [], bare32: [], wire32: [], ours32: [] };
  await rate(8, tap);
  await rate(8, bare.insert);
  await rate(8, wire.insert);
  for (let i = 0; i < rounds; i++) {
    figures.bare1.push(await rate(1, bare.insert));
    figures.wire1.push(await rate(1, wire.insert));
    figures.ours1.push(await rate(1, tap));
    figures.bare32.push(await rate(32, bare.insert));
    figures.wire32.push(await rate(32, wire.insert));
    figures.ours32.push(await rate(32, tap));
  }
  for (const { wire } of lanes) wire.disconnect();
  wire.end();
  await bare.end();
  await kivex.stop();
  const m = Object.fromEntries(Object.entries(figures).map(([k, v]) => [k, median(v)]));
  return [
    `durable entries a second, ${rounds} rounds of ${msEach / 1000} s, turn about (baseline: a bare driver loop)`,
    `  one at a time: bare ${m.bare1.toFixed(0)}, bare wire ${m.wire1.toFixed(0)} (${(m.wire1 / m.bare1).toFixed(2)}), Kivex ${m.ours1.toFixed(0)}, ratio ${(m.ours1 / m.bare1).toFixed(2)} (aim: 0.3 or more)`,
    `  32 at once:    bare ${m.bare32.toFixed(0)}, bare wire ${m.wire32.toFixed(0)} (${(m.wire32 / m.bare32).toFixed(2)}), Kivex ${m.ours32.toFixed(0)}, ratio ${(m.ours32 / m.bare32).toFixed(2)} (aim: 0.6 or more)`,
  ];
}
