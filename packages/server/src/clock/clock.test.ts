import { afterEach, describe, expect, jest, test } from '@jest/globals';
import type { Problem } from '@kivex/contract';
import { ownSchool } from '../testing/own-school.js';
import { join, makeLesson, move } from '../testing/test-server.js';
import { Clock } from './clock.js';

const world = ownSchool();
const minute = 60_000;
const day = 24 * 60 * minute;
/** Lets time pass for the whole server, and nothing else of it. */
function pass(ms: number): void {
  const then = Date.now() + ms;
  jest.spyOn(world.server.app.get(Clock), 'now').mockImplementation(() => new Date(then));
}
afterEach(() => {
  jest.restoreAllMocks();
});

describe('the server goes by one clock', () => {
  test('sessions of staff end after half a day, those of a bench after a day', async () => {
    const lesson = await makeLesson(world.teacher, world.school);
    const student = await join(world.server, world.school, lesson, 0);
    const signedIn = async () => (await world.teacher.get('/api/staff/me')).status;
    pass(day / 2 - minute);
    expect(await signedIn()).toBe(200);
    pass(day / 2 + minute);
    expect(await signedIn()).toBe(401);
    expect((await student.get('/api/bench')).status).toBe(200);
    pass(day + minute);
    expect((await student.get('/api/bench')).status).toBe(401);
  });
  test('a lesson’s code is good for sixty days after its end', async () => {
    const lesson = await makeLesson(world.teacher, world.school);
    await move(world.teacher, lesson, 'marking');
    const ask = () => world.server.client().post<Problem>('/api/join/names', { code: lesson.joinCode });
    pass(60 * day - minute);
    expect((await ask()).status).toBe(200);
    pass(60 * day + minute);
    expect((await ask()).body.detail).toMatch(/long over/);
  });
  test('wrong tries fade: who was shut out may try again later', async () => {
    const lesson = await makeLesson(world.teacher, world.school);
    const device = world.server.client();
    const enter = (pin: string) =>
      device.post<Problem>('/api/join', { code: lesson.joinCode, student: world.school.students[1], pin });
    await device.post('/api/join/names', { code: lesson.joinCode });
    const tried: number[] = [];
    for (let n = 0; n < 7; n++) tried.push((await enter('0000')).status);
    expect(tried.at(-1)).toBe(429);
    pass(10 * minute);
    expect((await enter('0000')).status).toBe(422);
    expect((await enter('2468')).status).toBe(204);
  });
  test('what is recorded bears its time', async () => {
    pass(day / 4);
    const lesson = await makeLesson(world.teacher, world.school);
    const { startedAt } = (await world.teacher.get<{ startedAt: string }>(`/api/lessons/${lesson.id}`)).body;
    expect(Date.parse(startedAt) - Date.now()).toBeGreaterThan(day / 5);
  });
});
