import { expect, test, type Page } from '@playwright/test';
import type { ClassHead, Lesson, PinCard, PracticalHead, WholePractical } from '@kivex/contract';
import { goodCamera, seededRandom, SimulatedCamera } from '@kivex/core';
import { KivexServer } from './kivex-server.js';
import { allSaved, faults, goTo, joinLesson, laptop, signIn, tablet, type Person } from './people.js';

/** One tablet for a group, with a practical that asks for everything: words, technique, equations, pictures. */
test.describe.serial('one tablet for a group', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let bench: Person;
  let lesson: Lesson;
  let cards: readonly PinCard[];
  const api = { 'x-kivex': '1' };
  const pinOf = (name: string) => cards.find((c) => c.name === name)!.pin;
  const first = 'Edwin Marram';
  let names: readonly string[];

  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start({ demo: true });
    teacher = await laptop(browser);
    await signIn(teacher.page, kivex.base, 'orla.thresh@skerrin.example', 'lamp-room-demo');
    const { request } = teacher.page;
    const get = async <T>(path: string) => (await (await request.get(kivex.base + path)).json()) as T;
    const post = async <T>(path: string, data: object) =>
      (await (await request.post(kivex.base + path, { headers: api, data })).json()) as T;
    const salt = (await get<PracticalHead[]>('/api/practicals')).find((p) =>
      /full unknown salt/.test(p.title),
    )!;
    const { document } = await get<WholePractical>(`/api/practicals/${salt.id}`);
    const own = await post<{ id: string }>('/api/practicals', {
      document: {
        ...document,
        title: 'A salt in words and equations',
        balance: 'checked',
        tests: document.tests.map((t) => ({
          ...t,
          ...(t.test === 'sulfate' ? { recorded: 'words' } : {}),
          ...(t.test === 'flame' ? { technique: true } : {}),
          ...(t.test === 'halide-silver' ? { equation: 'ionic' } : {}),
        })),
      },
    });
    const cls = (await get<ClassHead[]>('/api/classes'))[0]!;
    const { students } = await get<{ students: { id: string; name: string }[] }>(`/api/classes/${cls.id}`);
    const two = [students.find((s) => s.name === first)!, students.find((s) => s.name !== first)!];
    names = two.map((s) => s.name);
    cards = await post<PinCard[]>(`/api/classes/${cls.id}/pins`, { students: two.map((s) => s.id) });
    lesson = await post<Lesson>('/api/lessons', {
      practical: own.id,
      class: cls.id,
      startsAt: '2026-11-26T09:00:00.000Z',
      room: 'Lab 2',
      groups: [{ row: 0, column: 0, students: two.map((s) => s.id) }],
    });
    await request.put(`${kivex.base}/api/lessons/${lesson.id}/state`, {
      headers: api,
      data: { state: 'running' },
    });
    bench = await tablet(browser, { keeps: true });
    await joinLesson(bench.page, kivex.base, lesson.joinCode, names[0]!, pinOf(names[0]!));
  });
  test.afterAll(async () => {
    await bench?.context.close();
    await teacher?.context.close();
    await kivex?.stop();
  });
  const choose = (page: Page, label: string) =>
    page.getByRole('combobox', { name: 'Test', exact: true }).selectOption({ label });
  const pickJar = (page: Page) =>
    page.getByRole('group', { name: 'Samples' }).getByRole('button', { name: /^Jar/ }).first().click();

  test('a picture of a flame suggests a colour and logs none; the board has it', async () => {
    const { page } = bench;
    await goTo(page, 'Log');
    await choose(page, 'Flame test');
    await pickJar(page);
    const camera = new SimulatedCamera(seededRandom(4), () => ({ ions: { 'K+': 1 } }), goodCamera);
    camera.connect();
    const shot = camera.read()!;
    const png = await page.evaluate(
      async ({ data, width, height }) => {
        const canvas = document.createElement('canvas');
        Object.assign(canvas, { width, height });
        canvas
          .getContext('2d')!
          .putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
        return canvas.toDataURL('image/png').split(',')[1]!;
      },
      { ...shot, data: [...shot.data] },
    );
    await page
      .getByLabel('Picture', { exact: true })
      .setInputFiles({ name: 'flame.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') });
    await expect(page.getByText(/The picture looks lilac/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Log it' })).toBeDisabled();
    await page.getByRole('button', { name: 'lilac', exact: true }).first().click();
    await page.getByRole('button', { name: 'Weak' }).click();
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Log it' }).click();
    await expect(page.getByText(/Open the air hole/)).toBeVisible();
    await allSaved(page);
    const board = teacher.page;
    await board.goto(`${kivex.base}/lessons/${lesson.id}/run`);
    await board.getByRole('button', { name: 'Open Group 1' }).click();
    const picture = board.getByRole('img', { name: /Flame test/ }).last();
    await expect(picture).toBeVisible();
    await expect
      .poll(() => picture.evaluate((i) => (i as HTMLImageElement).naturalWidth))
      .toBeGreaterThan(100);
  });

  test('a technique is asked for at the bench and signed off at the board', async () => {
    const { page } = bench;
    await goTo(page, 'Method');
    await choose(page, 'Flame test');
    const next = page.getByRole('button', { name: /Next step|My teacher is here/ });
    await expect(next).toBeVisible();
    while (await next.isVisible()) await next.click();
    await page.getByRole('button', { name: 'Have it signed off' }).click();
    const board = teacher.page;
    await expect(board.getByText(/^asked for \d/)).toBeVisible();
    await board.getByRole('button', { name: 'Sign off: Flame test, technique' }).click();
    await expect(page.getByText(/Your technique is signed off/)).toBeVisible();
    await board.getByRole('button', { name: 'Close' }).click();
  });

  test('own words are drawn, not worded, on bench and tile', async () => {
    const { page } = bench;
    await goTo(page, 'Log');
    await choose(page, 'Sulfate');
    await pickJar(page);
    await page.getByRole('textbox', { name: /in your own words/ }).fill('a thick white precipitate');
    await expect(page.getByText('Kivex draws it so:')).toBeVisible();
    await page.getByRole('button', { name: 'Hydrochloric' }).click();
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Log it' }).click();
    await goTo(page, 'Tile');
    await expect(page.getByRole('button', { name: /Sulfate: “a thick white precipitate”/ })).toBeVisible();
  });

  test('another writes by PIN once; what is one’s own is shut, and opens by one’s PIN', async () => {
    const { page } = bench;
    await goTo(page, 'Name');
    const box = page.getByRole('textbox', { name: /Halides: an ionic/ }).first();
    await box.fill('Ag+ + I- → AgI');
    await expect(page.getByText('It balances.')).toBeVisible();
    await page.getByRole('button', { name: 'Save it' }).first().click();
    await allSaved(page);
    await page.getByRole('button', { name: /writes; change/ }).click();
    const who = page.getByRole('dialog', { name: 'Who is writing?' });
    expect(await faults(page)).toEqual([]);
    await who.getByRole('button', { name: names[1]! }).click();
    await page.getByLabel(`PIN of ${names[1]!}`).fill(pinOf(names[1]!));
    await page.getByRole('button', { name: 'Write here' }).click();
    await expect(page.getByRole('button', { name: `${names[1]!} writes; change` })).toBeVisible();
    await expect(page.getByRole('textbox', { name: /Halides: an ionic/ }).first()).toHaveValue('');
    await goTo(page, 'Log');
    await choose(page, 'Halides');
    await pickJar(page);
    await page.getByRole('button', { name: 'yellow', exact: true }).click();
    await page.getByRole('button', { name: 'Log it' }).click();
    await allSaved(page);
    await page.getByRole('button', { name: /writes; change/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: names[0]! }).click();
    await expect(page.getByRole('button', { name: `${names[0]!} writes; change` })).toBeVisible();
    await goTo(page, 'Name');
    await expect(page.getByText('Ag+ + I- → AgI')).toHaveCount(0);
    await page.getByLabel('Your PIN').fill(pinOf(names[0]!));
    await page.getByRole('button', { name: 'Open', exact: true }).click();
    await expect(page.getByRole('textbox', { name: /Halides: an ionic/ }).first()).toHaveValue(
      'Ag+ + I- → AgI',
    );
  });

  test('without a network both write by turns; all of it goes up as whose it is', async () => {
    const { page, context } = bench;
    await context.setOffline(true);
    await page.getByRole('button', { name: /writes; change/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: names[1]! }).click();
    await goTo(page, 'Log');
    await choose(page, 'Halides');
    await page.getByRole('button', { name: 'All side by side' }).click();
    const jars = page.getByRole('group', { name: /^Jar \d+: / });
    await jars.nth(0).getByRole('button', { name: 'yellow' }).click();
    await jars
      .nth(1)
      .getByRole('button', { name: /no precipitate/ })
      .click();
    await page.getByRole('button', { name: 'Log all 2' }).click();
    await expect(page.getByRole('heading', { name: /2 logged/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: `${names[1]!} writes; change` })).toBeVisible();
    await context.setOffline(false);
    await allSaved(page);
    const events = (await (
      await teacher.page.request.get(`${kivex.base}/api/lessons/${lesson.id}/events`)
    ).json()) as { by: string; body: { type: string; test?: string } }[];
    const halides = events.filter((e) => e.body.test === 'halide-silver' && e.body.type === 'observation');
    const id = (name: string) => lesson.groupList[0]!.students.find((s) => s.name === name)!.id;
    expect(halides.map((e) => e.by)).toEqual([id(names[1]!), id(names[1]!), id(names[1]!)]);
  });

  test('the bench is ended early, its sample kept with a code, an incident logged; the wall shows none of it', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson.id}/run`);
    await page.getByRole('button', { name: 'Open Group 1' }).click();
    await page.getByRole('button', { name: 'Splash' }).click();
    await page.getByLabel('What happened?').fill('Acid on a sleeve');
    await page.getByRole('button', { name: 'Log: Splash' }).click();
    await expect(page.getByText(/Splash: logged/)).toBeVisible();
    await page.getByLabel('Which', { exact: true }).selectOption({ index: 1 });
    await page.getByLabel('Where it stands').fill('Fridge 2');
    await page.getByRole('button', { name: 'Keep it' }).click();
    const code = /Write on it: (\w{4})/.exec(await page.getByText(/Write on it/).innerText())![1]!;
    await page.getByRole('button', { name: /End the work of/ }).click();
    await expect(bench.page.getByText(/ended the work at your bench/)).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.getByText('Incidents (1)')).toBeVisible();
    await page.getByRole('button', { name: 'Show the board for the wall' }).click();
    await expect(page.getByRole('button', { name: 'Leave the projector view' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await page.goto(`${kivex.base}/kept/${code}`);
    await expect(page.getByText('Fridge 2')).toBeVisible();
  });
});
