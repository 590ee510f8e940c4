// Bodies nobody would send, to every route by everybody, and over the wires: none is answered by a fault of the server, none
// takes a second, and memory stays as it was.
import { readFileSync } from 'node:fs';
import { seededRandom } from '../packages/core/dist/index.js';
import { fuzzRequest, fuzzRoutes } from '../packages/server/dist/testing/fuzz.js';
import { Browser } from './people.mjs';
import { pause } from './world.mjs';

const lanes = 8;
const slowAfter = 1_000;
/** What would end the account or session that the rest goes on with. */
const without =
  /sign-out|sign-in|join|first-school|DELETE|PATCH \/api\/people|people\/staff\/\{person\}|staff\/(password|sessions|second-factor)|pins|openapi|PUT \/api\/lessons\/\{lesson\}\/(seats|state)/;
const resident = (pid) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;

/** @param timed does it count how long an answer takes? Not beside other work, as in npm test. */
export async function rubbish(world, school, { bodies, seed, timed }) {
  const base = () => `http://127.0.0.1:${world.ports[0]}`;
  const student = new Browser(base);
  await student.surely('POST', '/api/join', {
    code: school.lesson.joinCode,
    student: school.students[0],
    pin: school.pins.get(school.students[0]),
  });
  const nobody = new Browser(base);
  school.head.base = base;
  const api = (await school.head.surely('GET', '/api/openapi.json')).body;
  const routes = fuzzRoutes(api, without);
  const random = seededRandom(seed);
  const ids = {
    lesson: [school.lesson.id],
    class: [school.classId],
    practical: [school.practical],
    jar: school.lesson.samples.map((s) => s.id),
    group: school.lesson.groupList.map((g) => g.id),
    kind: ['csv', 'xlsx', 'ods'],
    number: ['1'],
  };
  const faults = [];
  const slow = [];
  const statuses = {};
  let left = bodies;
  const run = async () => {
    while (left-- > 0) {
      const route = routes[Math.floor(random() * routes.length)];
      // Mostly by those who are let in: what stops a stranger at the door is never read.
      const own = route.path.startsWith('/api/bench') ? student : school.head;
      const caller = random() < 0.9 ? own : random() < 0.5 ? nobody : own === student ? school.head : student;
      const { method, path, body } = fuzzRequest(route, api, ids, random);
      const began = performance.now();
      const reply = await caller
        .send(method, path, body)
        .catch((error) => ({ status: 0, text: String(error) }));
      const ms = performance.now() - began;
      statuses[reply.status] = (statuses[reply.status] ?? 0) + 1;
      if (reply.status >= 500 || reply.status === 0)
        faults.push(
          `${method} ${path}: ${reply.status} ${reply.text.slice(0, 200)} for ${JSON.stringify(body)?.slice(0, 200)}`,
        );
      // Papers take as long as they take, in a worker; nobody else waits for them.
      if (ms > slowAfter && !/\.pdf|sheet/.test(path)) slow.push(`${method} ${path}: ${ms.toFixed(0)} ms`);
    }
  };
  const pid = world.pidOf(0);
  left = Math.min(bodies, 500);
  await Promise.all(Array.from({ length: lanes }, run));
  await pause(1_000);
  const before = resident(pid);
  left = Math.max(0, bodies - 500);
  await Promise.all(Array.from({ length: lanes }, run));
  await pause(12_000);
  const after = resident(pid);
  const same = world.pidOf(0) === pid;
  const grown = after - before;
  return {
    ok: !faults.length && !(timed && slow.length) && same && grown < 60,
    lines: [
      `rubbish: ${bodies} bodies to ${routes.length} routes, answered ${Object.entries(statuses)
        .map(([s, n]) => `${s}: ${n}`)
        .join(', ')}`,
      `  faults of the server: ${faults.length}; over ${slowAfter / 1000} s: ${slow.length}; crashed: ${same ? 'no' : 'yes'}; resident ${before.toFixed(0)} to ${after.toFixed(0)} MB`,
      ...faults.slice(0, 8).map((f) => `  ${f}`),
      ...slow.slice(0, 8).map((f) => `  ${f}`),
    ],
  };
}
