import { expect, test } from '@playwright/test';
import type { LessonHead, MarkTable } from '@kivex/contract';
import { KivexServer } from './kivex-server.js';
import { faults, kept, laptop, signIn, type Person } from './people.js';

/** What the pages of staff do, told of the demo school. */
test.describe('pages of staff', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let lessons: LessonHead[];
  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start({ demo: true });
    teacher = await laptop(browser);
    await signIn(teacher.page, kivex.base, 'orla.thresh@skerrin.example', 'lamp-room-demo');
    lessons = (await (await teacher.page.request.get(`${kivex.base}/api/lessons`)).json()) as LessonHead[];
  });
  test.afterAll(async () => {
    await teacher?.context.close();
    await kivex?.stop();
  });
  const lesson = (state: LessonHead['state']) => lessons.find((l) => l.state === state)!;

  const flames = () => lessons.find((l) => l.state === 'planned' && l.title.startsWith('Flame'))!;

  test('a page that cannot be fetched is a sentence; the bar stays, and the other pages open', async ({
    browser,
  }) => {
    // Without the pages kept on the device: they would hide that one is missing.
    const context = await browser.newContext({
      serviceWorkers: 'block',
      storageState: await teacher.page.context().storageState(),
    });
    const page = await context.newPage();
    await page.route('**/assets/RoomsPage-*.js', (route) => route.abort());
    await page.goto(kivex.base + '/lessons');
    await page.getByRole('link', { name: 'Rooms' }).click();
    await expect(page.getByRole('alert')).toContainText('This page could not be shown');
    // The pointer still lies on the place one is at.
    await expect.poll(() => faults(page)).toEqual([]);
    await page.getByRole('link', { name: 'Store' }).click();
    await expect(page.getByRole('alert')).toHaveCount(0);
    await expect(page).toHaveURL(/store/);
    await page.unroute('**/assets/RoomsPage-*.js');
    await page.getByRole('link', { name: 'Rooms' }).click();
    await page.getByRole('button', { name: 'Load again' }).click();
    await expect(page.getByRole('heading', { name: /Rooms/ }).first()).toBeVisible();
    await context.close();
  });

  test('a device keeps the pages of students, and of staff what says that there is no network', async ({
    browser,
  }) => {
    const { page, context } = await laptop(browser, { keeps: true });
    await page.goto(`${kivex.base}/lessons`);
    await expect(page).toHaveURL(/sign-in/);
    const files = (await kept(page)).filter((file) => file.endsWith('.js')).join(' ');
    for (const name of ['first-bench', 'bench-places', 'PhotoPart', 'PractisePage', 'SetPage', 'staff'])
      expect(files).toContain(`/${name}-`);
    for (const name of ['RunPage', 'MarkPage', 'PlanPage', 'LessonsPage', 'StorePage', 'planning-worker'])
      expect(files).not.toContain(`/${name}-`);
    await context.setOffline(true);
    await page.goto(`${kivex.base}/store`);
    await expect(page.getByRole('alert')).toContainText(/network|server/);
    await page.goto(kivex.base);
    await expect(page.getByLabel('Lesson code')).toBeVisible();
    await context.close();
  });

  test('plan names the jars that stay alike, the cheapest test that parts them, and a key that reaches every jar', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${flames().id}/plan?part=evidence`);
    const heading = page.getByRole('heading', { name: 'Telling the unknowns apart' });
    await expect(heading).toBeVisible();
    const tile = heading.locator('..');
    await expect(
      tile.getByText(/potassium (sulfate|chloride).*and.*potassium (sulfate|chloride).*stay alike/),
    ).toBeVisible();
    await expect(tile.getByText(/Cheapest way out: Sulfate.*\(2 minutes\) would part them/)).toBeVisible();
    for (const salt of ['lithium carbonate', 'sodium sulfate', 'calcium carbonate', 'copper(II) carbonate'])
      await expect(
        tile
          .getByRole('listitem')
          .filter({ hasText: `(${salt})` })
          .first(),
      ).toBeVisible();
  });

  test('the dark prep-room theme keeps its contrast', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson('planned').id}/prepare`);
    await page.getByRole('button', { name: /^Theme/ }).click();
    await page.getByRole('button', { name: /^Theme/ }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'prep');
    await expect(page.getByRole('heading', { name: 'What follows' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: /^Theme/ }).click();
  });

  test('the technician sees plan and prepare, no marks', async ({ browser }) => {
    const technician = await laptop(browser);
    await signIn(technician.page, kivex.base, 'bram.quillane@skerrin.example', 'lamp-room-demo');
    await technician.page.getByRole('link', { name: /10 Harbour.*planned/ }).click();
    await expect(technician.page.getByRole('heading', { name: 'What to do when' })).toBeVisible();
    await expect(technician.page.getByRole('link', { name: 'Mark', exact: true })).toHaveCount(0);
    await technician.context.close();
  });

  test('marks can be gone through with the keyboard alone', async () => {
    const { page } = teacher;
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${kivex.base}/lessons/${lesson('marking').id}/mark`);
    const open = page.getByRole('button', { name: /to look at/ });
    await expect(open.first()).toBeVisible();
    const before = await open.count();
    await page.keyboard.press('n');
    await expect(page.getByLabel('Marking desk')).toBeVisible();
    await page.keyboard.press('1');
    await page.keyboard.type('Right flame, careless word');
    await page.keyboard.press('Enter');
    await expect(open).toHaveCount(before - 1);
  });

  test('what several wrote alike is decided once from the keyboard, and taken back as one', async () => {
    const { page } = teacher;
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${kivex.base}/lessons/${lesson('marking').id}/mark?view=like`);
    const list = page.getByRole('list', { name: 'Like answers' });
    const rows = list.getByRole('button');
    await expect(rows.first()).toBeVisible();
    const several = list.getByRole('button', { name: /^(?:[2-9]|\d\d+) × .*1 of 1$/ }).first();
    const before = (await several.textContent())!;
    await several.click();
    const desk = page.getByLabel('Marking desk');
    const n = Number(/^\d+/.exec(before)![0]);
    await page.keyboard.press('0');
    await expect(desk.getByRole('textbox', { name: 'Why' })).toHaveValue('Not what is seen here');
    await page.keyboard.press('Enter');
    const back = desk.getByRole('button', { name: `Take the last back (${n})` });
    // With nothing left to look at, the desk stays at what was decided.
    await expect(list.getByRole('button', { name: new RegExp(`^${n} × .*0 of 1$`) }).first()).toBeVisible();
    await back.click();
    await expect(back).toHaveCount(0);
    const marks = (await (
      await page.request.get(`${kivex.base}/api/lessons/${lesson('marking').id}/marks`)
    ).json()) as MarkTable;
    const decided = marks.rows.flatMap((r) => r.cells).filter((c) => c.changes.length === 2);
    expect(decided.map((c) => [c.changes[0]!.points, c.changes[1]!.reason, c.points])).toEqual(
      decided.map(() => [0, 'Taken back', 1]),
    );
    expect(decided.length).toBe(n);
  });
});
