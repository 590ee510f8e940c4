import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { request as httpRequest } from 'node:http';
import type { ClassHead, ClassRoster, Problem } from '@kivex/contract';
import { syllabusOf } from '@kivex/core';
import { depthOf } from './input/json-body.js';
import { ownSchool } from './testing/own-school.js';
import { makeLesson } from './testing/test-server.js';

/** What comes in at the edges: headers, bodies and methods that no page of ours would send. */
const world = ownSchool();

/** A request with headers that fetch would not let through. */
const raw = (path: string, headers: Record<string, string>) =>
  new Promise<number>((resolve, reject) =>
    httpRequest(world.server.base + path, { headers }, (response) => {
      response.resume();
      resolve(response.statusCode ?? 0);
    })
      .on('error', reject)
      .end(),
  );

describe('a body', () => {
  test.each([
    ['lists in lists', `${'['.repeat(5_000)}${']'.repeat(5_000)}`],
    ['objects in objects', `${'{"a":'.repeat(20_000)}1${'}'.repeat(20_000)}`],
    ['a form deep within', `{"name":${'{"name":'.repeat(3_000)}1${'}'.repeat(3_000)}}`],
  ])('of %s is refused with a sentence', async (_, body) => {
    const reply = await world.teacher.send<Problem>('POST', '/api/classes', body);
    expect(reply.status).toBe(400);
    expect(reply.body.detail).toMatch(/nested too deeply/);
  });
  test('is measured by its brackets alone, not by those in its texts', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), (value) => {
        const depth = (v: unknown): number =>
          typeof v === 'object' && v !== null ? 1 + Math.max(0, ...Object.values(v).map(depth)) : 0;
        return depthOf(Buffer.from(JSON.stringify(value))) === depth(value);
      }),
    );
  });
  test('that changes nothing of a practical or a syllabus is told so', async () => {
    const made = await world.teacher.post<{ id: string }>('/api/syllabuses', {
      document: { ...syllabusOf('core'), id: 'own', name: 'Ours' },
    });
    for (const path of [`practicals/${world.school.practical}`, `syllabuses/${made.body.id}`])
      expect((await world.teacher.send('PATCH', `/api/${path}`, {})).status).toBe(400);
  });
});

describe('half a letter', () => {
  test.each(['email', 'name', 'password'])('in %s is told like every wrong text', async (field) => {
    const head = await world.school.signIn('head');
    const person = {
      name: 'Wil Sand',
      email: 'wil@test.example',
      password: 'a long enough one',
      role: 'teacher',
    };
    const body = JSON.stringify({ ...person, [field]: 'x' }).replace('"x"', '"\\ud800"');
    const reply = await head.send<Problem>('POST', '/api/people/staff', body);
    expect([reply.status, reply.body.errors?.[0]?.field]).toEqual([422, field]);
  });
});

describe('headers', () => {
  test.each(['x'.repeat(6_000), 'a b', 'evil.example/path', `${'a.'.repeat(200)}example`])(
    'a host that is none (%#) does not become a label',
    async (host) => {
      const lesson = await makeLesson(world.teacher, world.school, { begin: false });
      expect(
        await raw(`/api/lessons/${lesson.id}/preparation/labels.pdf`, { host, cookie: world.teacher.cookie }),
      ).toBe(400);
    },
  );
  test('answers of the API are kept by nobody on the way', async () => {
    for (const path of ['/api/lessons', '/api/staff/me', '/api/health/live', '/api/nothing'])
      expect((await world.teacher.get(path)).headers.get('cache-control')).toBe('no-store');
  });
  test('HEAD is answered as GET is, without a body', async () => {
    for (const path of ['/api/health/live', '/api/lessons']) {
      const reply = await world.teacher.send('HEAD', path, undefined);
      expect([reply.status, reply.text]).toEqual([200, '']);
    }
  });
});

describe('names', () => {
  test('carry no signs that would turn them round or hide in them', async () => {
    const { body: made } = await world.teacher.post<ClassHead>('/api/classes', {
      name: '9 \u202ELamp\u202C\u200F',
    });
    expect(made.name).toBe('9 Lamp');
    const { body } = await world.teacher.post<ClassRoster>(`/api/classes/${made.id}/roster`, {
      text: '\u2067Ebb\u2069 Tide\n\u202ENeap\u202C Flow\nŁucja Żuraw\nמרים כהן\n',
    });
    expect(body.students.map((s) => s.name).sort()).toEqual(
      ['Ebb Tide', 'Neap Flow', 'Łucja Żuraw', 'מרים כהן'].sort(),
    );
    expect((await world.teacher.post<Problem>('/api/classes', { name: '\u202E\u200F ' })).status).toBe(422);
  });
});

describe('an address that is none', () => {
  test.each([
    ['practicals/nonsense', 404, /no such practical/],
    ['lessons/%00/marks', 404, /no such lesson/],
    ['classes/1/roster/sheet/csv', 404, /no such class/],
    ['store/sheet/docx', 400, /address/],
  ])('%s is told as what it is, not as a fault of a body', async (path, status, words) => {
    const reply = await world.teacher.get<Problem>(`/api/${path}`);
    expect(reply.status).toBe(status);
    expect(reply.body.detail).toMatch(words);
  });
});
