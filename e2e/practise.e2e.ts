import { expect, test, type Page } from '@playwright/test';
import type { ClassHead, Lesson, PinCard, PracticalHead } from '@kivex/contract';
import { speciesName, syllabusOf, unknownExercise } from '@kivex/core';
import { KivexServer } from './kivex-server.js';
import { faults, joinLesson, kept, laptop, phone, signIn, tablet, type Person } from './people.js';

const core = syllabusOf('core');
/** A number whose unknown holds this ion. */
const numberOf = (asks: 'cation' | 'anion', ion: string): number => {
  for (let n = 1; n < 500; n += 1) if (unknownExercise(core, asks, n).ions.includes(ion)) return n;
  throw new Error(`no number below 500 has ${ion}`);
};
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();
const stage = (page: Page, says: RegExp) => expect(page.getByRole('img', { name: says })).toBeVisible();

async function toBench(page: Page, base: string, asks: 'cation' | 'anion', number: number): Promise<void> {
  await page.goto(`${base}/practise`);
  await page.getByLabel('Name').selectOption(asks);
  await page.getByLabel('Number').fill(String(number));
  await press(page, 'To the bench');
  await page.getByText('Tubes', { exact: true }).click();
}

test.describe.serial('practising', () => {
  let kivex: KivexServer;
  let teacher: Person;
  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start({ demo: true });
    teacher = await laptop(browser);
    await signIn(teacher.page, kivex.base, 'orla.thresh@skerrin.example', 'lamp-room-demo');
  });
  test.afterAll(async () => {
    await teacher?.context.close();
    await kivex?.stop();
  });

  test('an unknown is named on screen by somebody who has never been here, on a phone, with the network gone', async ({
    browser,
  }) => {
    const { page, context } = await phone(browser, { keeps: true });
    await page.goto(kivex.base);
    await page.getByRole('link', { name: 'Practise on screen' }).click();
    await expect(page.getByRole('heading', { name: 'An unknown on the bench' })).toBeVisible();
    // The shell is kept on the device a moment after the first visit.
    await kept(page);
    await context.setOffline(true);
    await toBench(page, kivex.base, 'cation', numberOf('cation', 'Cu2+'));
    await press(page, 'Goggles');
    await press(page, '1 cm³ into a fresh tube');
    await stage(page, /A blue liquid/);
    await press(page, 'dilute sodium hydroxide');
    await stage(page, /A blue precipitate/);
    await press(page, 'strong sodium hydroxide');
    expect(await faults(page)).toEqual([]);
    await page.getByText('Log', { exact: true }).click();
    await page.getByRole('button', { name: 'Sodium hydroxide', exact: true }).click();
    await press(page, /^blue/);
    await press(page, 'does not dissolve');
    await press(page, 'Log it');
    await page.getByText('Name it', { exact: true }).click();
    await press(page, /Sodium hydroxide: blue/);
    await press(page, /^copper\(II\)/);
    await press(page, 'This is my answer');
    await press(page, 'Look back');
    await expect(page.getByText(/It was copper\(II\) chloride/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'The run, step by step' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    // Recall, offline too.
    await page.getByRole('tab', { name: 'Quick recall' }).click();
    await page.getByLabel('Your answer').fill('no idea');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/Model answer:/)).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page.getByText(/kept up/)).toBeVisible();
    await context.close();
  });

  test('slips happen as they would, and are told in looking back', async ({ browser }) => {
    const { page, context } = await tablet(browser);
    await toBench(page, kivex.base, 'anion', numberOf('anion', 'CO3^2-'));
    await press(page, '1 cm³ into a fresh tube');
    await press(page, 'silver nitrate');
    await stage(page, /yellow precipitate/);
    await press(page, 'Limewater in a fresh tube');
    await press(page, '1 cm³ into a fresh tube');
    await press(page, /Tube to tube 2/);
    await page.getByText('1 cm³', { exact: true }).click();
    await press(page, 'dilute hydrochloric acid');
    await stage(page, /fizzes: vigorous bubbles/);
    await press(page, '10 s');
    await press(page, /^tube 2$/);
    await stage(page, /limewater is cloudy/);
    await press(page, /^tube 3$/);
    await press(page, 'Red litmus');
    await expect(
      page.getByRole('status').filter({ hasText: 'The dry paper does not change.' }),
    ).toBeVisible();
    await expect(page.getByText(/No acid went in first/)).toHaveCount(0);
    await page.getByText('Log', { exact: true }).click();
    await press(page, /^vigorous/);
    await press(page, /cloudy/i);
    await press(page, 'Log it');
    await page.getByText('Name it', { exact: true }).click();
    await press(page, /Dilute acid/);
    await press(page, /^carbonate/);
    await press(page, 'This is my answer');
    await press(page, 'Look back');
    await expect(page.getByText(/No acid went in first/)).toBeVisible();
    await expect(page.getByText(/Eyes were not covered/)).toBeVisible();
    await context.close();
  });

  test('the flame: a dirty wire is yellow, a clean one tells, blue glass too; by keys alone', async ({
    browser,
  }) => {
    const { page, context } = await laptop(browser);
    await toBench(page, kivex.base, 'cation', numberOf('cation', 'K+'));
    await page.getByText('Flame', { exact: true }).click();
    const key = async (name: string | RegExp) => {
      await page.getByRole('button', { name }).first().focus();
      await page.keyboard.press('Enter');
    };
    await key('From the tile');
    await key('One second');
    await stage(page, /flame is yellow/);
    await key(/In fresh concentrated acid/);
    await key('From the tile');
    await key('One second');
    await stage(page, /flame is lilac/);
    await key('Through blue glass');
    await key('From the tile');
    await key('One second');
    await stage(page, /crimson.*blue glass/);
    await key('Close the air hole');
    await key('Through blue glass');
    await key('From the tile');
    await key('One second');
    await stage(page, /flame is yellow/);
    expect(await faults(page)).toEqual([]);
    await context.close();
  });

  test('one question, four devices: gathered, closed, told, asked again', async ({ browser }) => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/practise/class`);
    await page.getByRole('combobox', { name: 'Question' }).fill('how do you test for oxygen');
    await page.getByRole('option', { name: /^How do you test for oxygen/ }).click();
    await press(page, 'Ask it');
    const code = (await page.getByText(/^\d{6}$/).textContent())!;
    const devices = await Promise.all([phone(browser), phone(browser), tablet(browser), laptop(browser)]);
    const answers = [
      'A glowing splint relights',
      'it relights a glowing splint',
      'a lit splint pops',
      'limewater goes cloudy',
    ];
    for (const [i, { page: device }] of devices.entries()) {
      await device.goto(`${kivex.base}/answer`);
      await device.getByLabel('Code').fill(code);
      await press(device, 'Next');
      await device.getByLabel('Your answer').fill(answers[i]!);
      await press(device, 'Send it');
      await expect(device.getByRole('button', { name: 'Sent' })).toBeVisible();
    }
    await expect(page.getByText('4 answers')).toBeVisible();
    await press(page, 'Show the answers');
    const gathered = page.getByRole('list', { name: 'Answers' }).getByRole('listitem');
    await expect(gathered).toHaveCount(3);
    await expect(gathered.first()).toContainText('2 ×');
    await expect(gathered.first()).toContainText('right, 2 of 2');
    expect(await faults(page)).toEqual([]);
    await press(page, 'Close it');
    await expect(devices[3].page.getByText(/Model answer:/)).toBeVisible();
    await press(page, 'Ask again');
    await expect(devices[2].page.getByRole('button', { name: 'Send it' })).toBeVisible();
    await devices[2].page.getByLabel('Your answer').fill('a glowing splint relights');
    await press(devices[2].page, 'Send it');
    await expect(page.getByText('1 answer to round 2')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Round by round' })).toContainText('1 (100 %)');
    for (const { context } of devices) await context.close();
  });

  test('a set given out: found by its code, answered through a lost network, gathered question by question', async ({
    browser,
  }) => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/practise/class?part=sets`);
    await page.getByLabel('Test', { exact: true }).selectOption('flame');
    await page.getByLabel('How many').selectOption('10');
    await page.getByLabel('Name of the set').fill('Flames by Tuesday');
    await press(page, 'Give it out and gather answers');
    await expect(page.getByRole('heading', { name: 'Flames by Tuesday' })).toBeVisible();
    const code = (await page.getByText(/^\d{6}$/).textContent())!;
    const { page: device, context } = await phone(browser, { keeps: true });
    await device.goto(`${kivex.base}/answer`);
    await device.getByLabel('Code').fill(code);
    await press(device, 'Next');
    await expect(device.getByRole('heading', { name: 'Flames by Tuesday' })).toBeVisible();
    // What is to open without a network must be on the device first.
    await kept(device);
    expect(await faults(device)).toEqual([]);
    expect(await device.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const answer = async (text: string) => {
      await device.getByLabel('Your answer').fill(text);
      await press(device, 'Mark it');
      await expect(device.getByText(/Model answer:/)).toBeVisible();
      await device.getByRole('button', { name: /^(Next|It does not)$/ }).click();
    };
    await answer('lilac');
    await expect(page.getByText('1 device has answered')).toBeVisible();
    await context.setOffline(true);
    await answer('crimson');
    await answer('green');
    await expect(device.getByText('2 answers wait for the network, kept on this device.')).toBeVisible();
    await device.reload();
    await expect(device.getByText('2 answers wait for the network, kept on this device.')).toBeVisible();
    await context.setOffline(false);
    await expect(device.getByText(/have gone to your teacher, without your name/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Show answers/ })).toHaveCount(3);
    await page
      .getByRole('button', { name: /^Show answers/ })
      .first()
      .click();
    await expect(page.getByRole('list', { name: 'Answers', exact: true })).toContainText(
      /1 × (lilac|crimson|green)/,
    );
    expect(await faults(page)).toEqual([]);
    await press(page, 'Take no more answers');
    await device.reload();
    await expect(device.getByText(/no longer gathered/)).toBeVisible();
    await context.close();
  });

  test('a test is shown to the class by keys, side by side, what it holds hidden until it is told', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/practise/class?part=show`);
    await page.getByLabel('Test', { exact: true }).selectOption('halide-silver');
    await page.getByLabel('Of', { exact: true }).selectOption('Br-');
    await page.getByLabel('Beside it').selectOption('I-');
    await page.getByRole('heading', { name: 'Practise with a class' }).click();
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('img', { name: /cream precipitate/ })).toBeVisible();
    await expect(page.getByRole('img', { name: /yellow precipitate/ })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'bromide' })).toHaveCount(0);
    await page.keyboard.press('t');
    await expect(page.getByRole('heading', { name: 'bromide' })).toBeVisible();
    await page.keyboard.press('Home');
    await expect(page.getByText(/^1 of 8/)).toBeVisible();
    expect(await faults(page)).toEqual([]);
  });

  test('a pre-lab comes before the bench: set, done on screen, seen by the teacher; another is let off', async ({
    browser,
  }) => {
    const { request } = teacher.page;
    const api = { 'x-kivex': '1' };
    const get = async <T>(path: string) => (await (await request.get(kivex.base + path)).json()) as T;
    const post = async <T>(path: string, data: object) =>
      (await (await request.post(kivex.base + path, { headers: api, data })).json()) as T;
    const practical = (await get<PracticalHead[]>('/api/practicals')).find((p) =>
      /^Hydroxide/.test(p.title),
    )!;
    const cls = (await get<ClassHead[]>('/api/classes'))[0]!;
    const { students } = await get<{ students: { id: string; name: string }[] }>(`/api/classes/${cls.id}`);
    const two = students.slice(0, 2);
    const cards = await post<PinCard[]>(`/api/classes/${cls.id}/pins`, { students: two.map((s) => s.id) });
    const lesson = await post<Lesson>('/api/lessons', {
      practical: practical.id,
      class: cls.id,
      startsAt: '2026-11-27T09:00:00.000Z',
      room: 'Lab 2',
      groups: two.map((s, i) => ({ row: 0, column: i, students: [s.id] })),
    });
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson.id}/plan?part=on-screen`);
    const number = numberOf('cation', 'Fe3+');
    await page.getByLabel('Number').fill(String(number));
    await press(page, 'Set it');
    await expect(page.getByText('0 of 2 have passed or are let off.')).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await request.put(`${kivex.base}/api/lessons/${lesson.id}/state`, {
      headers: api,
      data: { state: 'running' },
    });

    const student = await tablet(browser);
    const pin = (name: string) => cards.find((c) => c.name === name)!.pin;
    await joinLesson(student.page, kivex.base, lesson.joinCode, two[0]!.name, pin(two[0]!.name));
    await expect(student.page.getByText(/wants this passed before you work at the bench/)).toBeVisible();
    await expect(student.page.getByRole('heading', { name: /^Your tile/ })).toHaveCount(0);
    await student.page.getByRole('link', { name: 'Do it now' }).click();
    await press(student.page, 'To the bench on screen');
    await student.page.getByText('Tubes', { exact: true }).click();
    await press(student.page, 'Goggles');
    await press(student.page, '1 cm³ into a fresh tube');
    await press(student.page, 'dilute sodium hydroxide');
    await stage(student.page, /brown precipitate/);
    await student.page.getByText('Log', { exact: true }).click();
    await press(student.page, /^The unknown, Sodium hydroxide/);
    await press(student.page, /^brown/);
    await press(student.page, 'does not dissolve');
    await press(student.page, 'Log it');
    await student.page.getByText('Name it', { exact: true }).click();
    await press(student.page, /Sodium hydroxide: brown/);
    await press(student.page, new RegExp(`^${speciesName('Fe3+').replace(/[()]/g, '\\$&')}`));
    await press(student.page, 'This is my answer');
    await press(student.page, 'Look back');
    await expect(student.page.getByText('Passed; your teacher sees it.')).toBeVisible();
    await student.page.getByRole('link', { name: 'To my bench', exact: true }).click();
    await expect(student.page.getByRole('heading', { name: /^Your tile/ })).toBeVisible();

    await page.reload();
    await expect(page.getByText('1 of 2 have passed or are let off.')).toBeVisible();
    await press(page, `Let off ${two[1]!.name}`);
    await expect(page.getByText('2 of 2 have passed or are let off.')).toBeVisible();
    await student.context.close();
  });
});
