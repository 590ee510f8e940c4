// Resident memory of the server and of MariaDB with the demo lesson running and its pages asked for.
import { readFileSync } from 'node:fs';
import { freePort } from '../scripts/prerequisites.mjs';
import { startServer } from '../scripts/serve.mjs';

const resident = (pid) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;

/** Measures after `requests` requests for a class's boards and marks; returns lines to print. */
export async function memory(url, mariadbPid, requests = 600) {
  const port = await freePort();
  const server = await startServer({
    KIVEX_DATABASE_URL: url,
    KIVEX_PORT: String(port),
    KIVEX_DEMO: '1',
    KIVEX_LOG: 'error',
  });
  const base = `http://127.0.0.1:${port}`;
  const idle = resident(server.child.pid);
  const signedIn = await fetch(`${base}/api/staff/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-kivex': '1' },
    body: JSON.stringify({ email: 'orla.thresh@skerrin.example', password: 'lamp-room-demo' }),
  });
  const cookie = signedIn.headers.getSetCookie()[0].split(';')[0];
  const lessons = await (await fetch(`${base}/api/lessons`, { headers: { cookie } })).json();
  for (let i = 0; i < requests; i++) {
    const { id } = lessons[i % lessons.length];
    await (
      await fetch(`${base}/api/lessons/${id}/${['events', 'marks', ''][i % 3]}`, { headers: { cookie } })
    ).text();
  }
  const lines = [
    `memory, resident, demo running, after ${requests} requests`,
    `  server ${resident(server.child.pid).toFixed(0)} MB (at start ${idle.toFixed(0)}; aim: under 200)`,
    `  MariaDB ${resident(mariadbPid).toFixed(0)} MB (aim: under 300)`,
  ];
  await server.stop();
  return lines;
}
