import { expect, test } from '@playwright/test';
import type { ClassHead, Lesson, PracticalHead } from '@kivex/contract';
import { KivexServer } from './kivex-server.js';
import { allSaved, faults, goTo, joinLesson, laptop, phone, signIn, type Person } from './people.js';

/** Metal, gas, and the ion in the liquid: what one test leaves is looked at by the next. */
test.describe.serial('a liquid that is kept', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let student: Person;
  let lesson: Lesson;
  const api = { 'x-kivex': '1' };
  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start({ demo: true });
    teacher = await laptop(browser);
    await signIn(teacher.page, kivex.base, 'orla.thresh@skerrin.example', 'lamp-room-demo');
  });
  test.afterAll(async () => {
    await student?.context.close();
    await teacher?.context.close();
    await kivex?.stop();
  });

  test('is switched on and off at its test; the samples follow', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/practicals`);
    await page.getByRole('link', { name: 'Metal, gas and the ion in the liquid' }).click();
    const part = (name: RegExp) =>
      page.getByRole('tablist', { name: 'Parts of the practical' }).getByRole('tab', { name }).click();
    await part(/Samples/);
    await expect(page.getByRole('cell', { name: 'Liquid from zinc' })).toBeVisible();
    await part(/Tests/);
    const kept = page.getByRole('button', { name: 'Its liquid is kept for later tests' });
    await expect(kept).toHaveAttribute('aria-pressed', 'true');
    await kept.click();
    await part(/Samples/);
    await expect(page.getByRole('cell', { name: 'Liquid from zinc' })).toHaveCount(0);
    await expect(page.getByLabel('What follows')).toContainText('stay alike');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('cell', { name: 'Liquid from zinc' })).toBeVisible();
    await expect(page.getByLabel('What follows')).toContainText('can be told from every other');
  });

  test('stands beside its jar at the bench, and waits for the test that leaves it', async ({ browser }) => {
    const { page } = teacher;
    const get = async <T>(path: string) => (await (await page.request.get(kivex.base + path)).json()) as T;
    const practical = (await get<PracticalHead[]>('/api/practicals')).find((p) =>
      p.title.startsWith('Metal, gas'),
    )!;
    const own = (await get<ClassHead[]>('/api/classes'))[0]!;
    const { students } = await get<{ students: { id: string; name: string }[] }>(`/api/classes/${own.id}`);
    const edwin = students.find((s) => s.name === 'Edwin Marram')!;
    const made = await page.request.post(`${kivex.base}/api/lessons`, {
      headers: api,
      data: {
        practical: practical.id,
        class: own.id,
        startsAt: '2026-11-26T09:00:00.000Z',
        room: 'Lab 2',
        groups: [{ row: 0, column: 0, students: [edwin.id] }],
      },
    });
    lesson = (await made.json()) as Lesson;
    await page.request.put(`${kivex.base}/api/lessons/${lesson.id}/state`, {
      headers: api,
      data: { state: 'running' },
    });
    student = await phone(browser);
    await joinLesson(student.page, kivex.base, lesson.joinCode, 'Edwin Marram', String(2401 + 4 * 37));
    await goTo(student.page, 'Method');
    const tests = student.page.getByRole('combobox', { name: 'Test', exact: true });
    await tests.selectOption({ label: 'Sodium hydroxide' });
    await goTo(student.page, 'Log');
    // The test chosen at the method is the one logged for.
    await expect(tests).toHaveValue('naoh');
    const liquid = student.page
      .getByRole('group', { name: 'Samples' })
      .getByRole('button', { name: /^Liquid from Jar/ });
    await expect(liquid.first()).toContainText('after: Metal and dilute acid');
    expect(await faults(student.page)).toEqual([]);
  });

  test('is tested, pointed at as evidence for the jar’s name, and marked', async () => {
    const { page } = student;
    const pick = (name: RegExp | string) =>
      page.getByRole('group', { name: 'Samples' }).getByRole('button', { name }).first().click();
    const tap = (question: RegExp, value: string) =>
      page.getByRole('group', { name: question }).getByRole('button', { name: value, exact: true }).click();
    const choose = (name: string) =>
      page.getByRole('combobox', { name: 'Test', exact: true }).selectOption({ label: name });
    await choose('Metal and dilute acid');
    await pick(/^Jar/);
    await tap(/fizz/, 'steady bubbles');
    await page.getByRole('button', { name: 'Log it' }).click();
    await choose('Sodium hydroxide');
    await expect(page.getByRole('button', { name: /^Liquid from Jar/ }).first()).not.toContainText('after:');
    await pick(/^Liquid from Jar/);
    await tap(/few drops/, 'white');
    await tap(/much more/, 'dissolves');
    await page.getByRole('button', { name: 'Log it' }).click();
    await allSaved(page);
    await goTo(page, 'Name');
    const evidence = page.getByRole('button', { name: /the liquid.*Sodium hydroxide.*white/ });
    await evidence.click();
    await page
      .getByRole('group', { name: /^Ions for/ })
      .first()
      .getByRole('button', { name: 'zinc' })
      .click();
    await page.getByRole('button', { name: 'This is my answer' }).first().click();
    await expect(page.getByText(/you said zinc/)).toBeVisible();
    await allSaved(page);
    await goTo(page, 'Hand in');
    await page.getByRole('button', { name: 'Hand in my work' }).click();
    await expect(page.getByRole('heading', { name: 'Handed in' })).toBeVisible();
    await allSaved(page);
    await teacher.page.goto(`${kivex.base}/lessons/${lesson.id}/mark`);
    await expect(
      teacher.page.getByRole('columnheader', { name: /Sodium hydroxide: precipitate, jar 1, its liquid/ }),
    ).toBeVisible();
    await expect(teacher.page.getByRole('columnheader', { name: /Named, jar 1/ }).first()).toBeVisible();
  });
});
