// The people of the ordeal: a school, a class with PINs, a lesson that runs; and whoever asks the servers for something.
import { pause } from './world.mjs';

/** A browser of its own: keeps its cookies, and asks again while the servers are away, when told to. */
export class Browser {
  cookies = new Map();

  constructor(base) {
    this.base = base;
  }

  get cookie() {
    return [...this.cookies].map(([k, v]) => `${k}=${v}`).join('; ');
  }

  async send(method, path, body) {
    const response = await fetch(this.base() + path, {
      method,
      headers: {
        'x-kivex': '1',
        cookie: this.cookie,
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
      signal: AbortSignal.timeout(15_000),
    });
    for (const set of response.headers.getSetCookie()) {
      const [name, value] = set.split(';')[0].split('=');
      if (value) this.cookies.set(name, value);
      else this.cookies.delete(name);
    }
    const text = await response.text();
    let json;
    try {
      json = JSON.parse(text);
    } catch {
      json = undefined;
    }
    return { status: response.status, body: json, text, headers: response.headers };
  }

  /** Asks until it is answered: for what the ordeal itself needs, whatever is down at the moment. */
  async surely(method, path, body) {
    for (let tries = 0; ; tries++) {
      const reply = await this.send(method, path, body).catch((error) => ({
        status: 0,
        text: String(error),
      }));
      if (reply.status >= 200 && reply.status < 300) return reply;
      if (tries > 150) throw new Error(`${method} ${path}: ${reply.status} ${reply.text.slice(0, 300)}`);
      await pause(200);
    }
  }
}

const password = 'a long enough password';

/** @param students how many; two to a group. */
export async function openSchool(base, students) {
  const head = new Browser(base);
  await head.surely('POST', '/api/first-school', {
    school: 'Skerrin Ordeal',
    name: 'Orla Thresh',
    email: 'orla@skerrin.example',
    password,
    setUpCode: '12345678',
  });
  await head.surely('POST', '/api/staff/sign-in', { email: 'orla@skerrin.example', password });
  const made = (await head.surely('POST', '/api/classes', { name: '9 Storm' })).body;
  const names = Array.from({ length: students }, (_, i) => `Student ${String.fromCharCode(65 + i)}`);
  const roster = (
    await head.surely('POST', `/api/classes/${made.id}/roster`, { text: `Name\n${names.join('\n')}` })
  ).body;
  const ids = roster.students.map((s) => s.id);
  const cards = (await head.surely('POST', `/api/classes/${made.id}/pins`, { students: ids })).body;
  const practical = (await head.surely('GET', '/api/practicals')).body.find((p) =>
    p.title.startsWith('Flame colours'),
  );
  const lesson = (
    await head.surely('POST', '/api/lessons', {
      practical: practical.id,
      class: made.id,
      startsAt: new Date().toISOString(),
      room: 'Lab 1',
      groups: Array.from({ length: students / 2 }, (_, g) => ({
        row: Math.floor(g / 4),
        column: g % 4,
        students: ids.slice(g * 2, g * 2 + 2),
      })),
    })
  ).body;
  await head.surely('PUT', `/api/lessons/${lesson.id}/state`, { state: 'running' });
  const pins = new Map(cards.map((c) => [c.student, c.pin]));
  return {
    head,
    classId: made.id,
    lesson,
    practical: practical.id,
    students: ids,
    pins,
    newPin: async (student) => {
      const [card] = (await head.surely('POST', `/api/classes/${made.id}/pins`, { students: [student] }))
        .body;
      pins.set(student, card.pin);
    },
    /** The whole log of the lesson, page by page. */
    log: async () => {
      const all = [];
      for (let path = `/api/lessons/${lesson.id}/events`; path;) {
        const reply = await head.surely('GET', path);
        all.push(...reply.body);
        path = /<([^>]+)>; rel="next"/.exec(reply.headers.get('link') ?? '')?.[1];
      }
      return all;
    },
  };
}
