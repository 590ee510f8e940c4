/** What wants a person in all lessons one is marking, put together. */
import { describe, expect, test } from '@jest/globals';
import type { OpenAnswers } from '@kivex/contract';
import { ownSchool } from '../testing/own-school.js';
import { benchOf, entry, join, makeLesson, makeSchool, move, send } from '../testing/test-server.js';

const world = ownSchool();
const open = async (client = world.teacher) => (await client.get<OpenAnswers>('/api/marks/open')).body;
/** A lesson in which Ash wrote something of lithium that wants a person; over where it is to be. */
async function wrote(words: string, over = true) {
  const lesson = await makeLesson(world.teacher, world.school);
  const ash = await join(world.server, world.school, lesson, 0);
  const known = (await benchOf(ash)).samples.find((s) => s.label === 'lithium chloride')!.id;
  await send(ash, [
    entry({ type: 'observation', sample: known, test: 'flame', variant: 'wire', seen: {}, words }),
    entry({ type: 'hand-in' }),
  ]);
  if (over) await move(world.teacher, lesson, 'marking');
  return lesson;
}

describe('answers that want a person, of all lessons', () => {
  test('are those of lessons one teaches that are being marked, and no others', async () => {
    expect(await open()).toEqual({ lessons: [], answers: [] });
    const first = await wrote('crimson, then later it was yellow for a long time');
    const second = await wrote('Crimson then later it was yellow for a long time');
    await wrote('crimson, then later it was yellow for a long time', false);
    const found = await open();
    expect(found.lessons.map((l) => l.id).sort()).toEqual([first.id, second.id].sort());
    expect(found.lessons[0]).toMatchObject({ title: expect.any(String), class: expect.any(String) });
    const mine = found.answers.filter((a) => a.lesson === first.id);
    // Ash's record is Birch's too.
    expect(mine.map((a) => a.student).sort()).toEqual(['Ash Tern', 'Birch Sole']);
    expect(mine[0]).toMatchObject({ strand: 'observation', test: 'flame', open: true, max: 1 });
    // Decided, it is gone from the list.
    await world.teacher.post(`/api/lessons/${first.id}/marks/decisions`, {
      marks: mine.map((a) => a.id),
      points: 1,
      reason: 'crimson it was',
    });
    expect((await open()).lessons.map((l) => l.id)).toEqual([second.id]);
    // A colleague, and another school, see nothing of them.
    expect((await open(await world.school.signIn('head'))).answers).toEqual([]);
    const stranger = await (await makeSchool(world.server, 'together')).signIn('teacher');
    expect((await open(stranger)).answers).toEqual([]);
  });
});
