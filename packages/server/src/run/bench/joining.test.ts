import { DataSource } from 'typeorm';
import { beforeAll, describe, expect, jest, test } from '@jest/globals';
import type { JoinNames, Lesson, PinCard, Problem } from '@kivex/contract';
import { SecretsService } from '../../access/secrets.service.js';
import { ownSchool } from '../../testing/own-school.js';
import { join, makeLesson, makeSchool, move, pins, studentNames } from '../../testing/test-server.js';

const world = ownSchool();
let lesson: Lesson;

beforeAll(async () => {
  lesson = await makeLesson(world.teacher, world.school);
});

describe('joining a lesson', () => {
  test('the code brings the names of those who sit in it', async () => {
    const { body } = await world.server
      .client()
      .post<JoinNames>('/api/join/names', { code: lesson.joinCode });
    expect(body.names.map((n) => n.name)).toEqual([...studentNames]);
  });
  test.each<[string, object, string, RegExp]>([
    ['/api/join/names', { code: '12' }, 'code', /six digits/],
    ['/api/join/names', { code: '000000' }, 'code', /No lesson has this code/],
    ['/api/join', { code: 'CODE', student: 'nobody', pin: '1357' }, 'student', /Choose your name/],
    ['/api/join', { code: 'CODE', student: 'FIRST', pin: '13' }, 'pin', /four digits/],
    ['/api/join', { code: 'CODE', student: 'FIRST', pin: '9999' }, 'pin', /not the PIN/],
    ['/api/join', { code: 'CODE', student: 'STRANGER', pin: '1357' }, 'student', /not in a group/],
  ])('%s with %j says so at the field', async (path, body, field, detail) => {
    const filled = JSON.parse(
      JSON.stringify(body)
        .replace('CODE', lesson.joinCode)
        .replace('FIRST', world.school.students[0]!)
        .replace('STRANGER', '018f0000-0000-7000-8000-000000000000'),
    ) as object;
    const reply = await world.server.client().post<Problem>(path, filled);
    expect(reply.headers.get('content-type')).toContain('application/problem+json');
    expect(reply.body.errors?.[0]).toMatchObject({ field });
    expect(reply.body.errors?.[0]?.detail).toMatch(detail);
  });
  test('a new PIN ends what was joined with the old one', async () => {
    const student = await join(world.server, world.school, lesson, 1);
    const cards = await world.teacher.post<PinCard[]>(`/api/classes/${world.school.classId}/pins`, {
      students: [world.school.students[1]],
    });
    expect(cards.body).toHaveLength(1);
    expect(cards.body[0]!.pin).toMatch(/^\d{4}$/);
    expect((await student.get('/api/bench')).status).toBe(401);
    const again = await world.server.client().post('/api/join', {
      code: lesson.joinCode,
      student: world.school.students[1],
      pin: cards.body[0]!.pin,
    });
    expect(again.status).toBe(204);
  });
  test('one who has left the class is out at once', async () => {
    const student = await join(world.server, world.school, lesson, 2);
    await world.teacher.send('DELETE', `/api/students/${world.school.students[2]}`);
    expect((await student.get('/api/bench')).status).toBe(401);
  });
  test('once the lesson has ended its code gives no names; whoever was in it types their own', async () => {
    const own = await makeSchool(world.server, 'over');
    const staff = await own.signIn('teacher');
    const over = await makeLesson(staff, own);
    await move(staff, over, 'marking');
    const { body } = await world.server.client().post<JoinNames>('/api/join/names', { code: over.joinCode });
    expect(body).toMatchObject({ open: false, names: [] });
    const enter = (fields: object) =>
      world.server.client().post<Problem>('/api/join', { code: over.joinCode, pin: pins[3], ...fields });
    expect((await enter({ student: own.students[3] })).body.errors?.[0]?.field).toBe('name');
    expect((await enter({ name: '  dill   PIKE ' })).status).toBe(204);
    // A name that is not there is answered as a wrong PIN is.
    const wrong = await enter({ name: 'Dill Pike', pin: '0000' });
    const nobody = await enter({ name: 'No Body' });
    expect(nobody.body).toEqual(wrong.body);
  });
  test('a code is at an end long after its lesson', async () => {
    const own = await makeSchool(world.server, 'long');
    const staff = await own.signIn('teacher');
    const over = await makeLesson(staff, own);
    await move(staff, over, 'marking');
    await world.server.app
      .get(DataSource)
      .query('UPDATE lesson SET endedAt = ? WHERE id = ?', [new Date('2020-01-01'), over.id]);
    const reply = await world.server.client().post<Problem>('/api/join/names', { code: over.joinCode });
    expect(reply.body.errors?.[0]).toMatchObject({
      field: 'code',
      detail: expect.stringMatching(/long over/),
    });
  });
  test('a class that joins at once is let in two at a time, so that taps go between; everybody gets in', async () => {
    const own = await makeSchool(world.server, 'atonce');
    const started = await makeLesson(await own.signIn('teacher'), own);
    const secrets = world.server.app.get(SecretsService);
    const isRight = secrets.isRight.bind(secrets);
    let [within, most] = [0, 0];
    const watched = jest.spyOn(secrets, 'isRight').mockImplementation(async (secret, hash) => {
      most = Math.max(most, ++within);
      try {
        return await isRight(secret, hash);
      } finally {
        within--;
      }
    });
    const replies = await Promise.all(
      Array.from({ length: 9 }, (_, i) =>
        world.server.client().post('/api/join', {
          code: started.joinCode,
          student: own.students[i % own.students.length],
          pin: pins[i % own.students.length],
        }),
      ),
    );
    watched.mockRestore();
    expect(replies.map((r) => r.status)).toEqual(replies.map(() => 204));
    expect(most).toBe(2);
  });
});
