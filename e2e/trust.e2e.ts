import { expect, test, type Page } from '@playwright/test';
import type { ClassHead, ClassRoster, LessonHead } from '@kivex/contract';
import { Secret, TOTP } from 'otpauth';
import { KivexServer } from './kivex-server.js';
import {
  allSaved,
  faults,
  goTo,
  joinLesson,
  laptop,
  logColour,
  phone,
  signIn,
  type Person,
  enterCode,
} from './people.js';

/** What is logged stays its owner's and counts only when it may; accounts are kept by the head of department. */
test.describe.serial('trust', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let head: Person;
  let device: Person;
  let lesson: LessonHead;
  const password = 'lamp-room-demo';
  const pin = (place: number) => String(2401 + place * 37);
  const api = { 'x-kivex': '1' };

  test.beforeAll(async ({ browser }) => {
    kivex = await KivexServer.start({ demo: true });
    [teacher, head, device] = await Promise.all([laptop(browser), laptop(browser), phone(browser)]);
    await signIn(teacher.page, kivex.base, 'orla.thresh@skerrin.example', password);
    await signIn(head.page, kivex.base, 'hesper.vyne@skerrin.example', password);
    const lessons = (await (
      await teacher.page.request.get(`${kivex.base}/api/lessons`)
    ).json()) as LessonHead[];
    lesson = lessons.find((l) => l.state === 'running')!;
  });
  test.afterAll(async () => {
    await Promise.all([teacher, head, device].map((p) => p?.context.close()));
    await kivex?.stop();
  });
  const fits = async (page: Page) =>
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      page.viewportSize()!.width,
    );

  test('entries of one who was cut off stay on the device, are told of, and never go up as the next one’s', async () => {
    const { page, context } = device;
    await joinLesson(page, kivex.base, lesson.joinCode, 'Edwin Marram', pin(4));
    await goTo(page, 'Log');
    await context.setOffline(true);
    await logColour(page, 'lithium chloride', 'apple-green');
    await expect(page.getByText('1 safe on this device, waiting for the network')).toBeVisible();
    const classes = (await (
      await teacher.page.request.get(`${kivex.base}/api/classes`)
    ).json()) as ClassHead[];
    const { id } = classes.find((c) => c.name === '10 Beacon')!;
    const roster = (await (
      await teacher.page.request.get(`${kivex.base}/api/classes/${id}`)
    ).json()) as ClassRoster;
    const edwin = roster.students.find((s) => s.name === 'Edwin Marram')!;
    const made = await teacher.page.request.post(`${kivex.base}/api/classes/${id}/pins`, {
      headers: api,
      data: { students: [edwin.id] },
    });
    expect(made.ok()).toBe(true);
    await context.setOffline(false);
    await expect(page.getByRole('heading', { name: 'Join your lesson' })).toBeVisible();
    await expect(page.getByText(/One entry of Edwin Marram .* still on this device only/)).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await fits(page);
    await joinLesson(page, kivex.base, lesson.joinCode, 'Sorrel Gannet', pin(18));
    await expect(page.getByText(/One entry of Edwin Marram/)).toBeVisible();
    await goTo(page, 'Log');
    await logColour(page, 'sodium chloride', 'yellow');
    await allSaved(page);
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Hand them to your teacher' }).click();
    await expect(page.getByText(/One entry of Edwin Marram/)).toHaveCount(0);
  });

  test('the teacher sees what was handed over, by whom and from whom, and takes it in', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson.id}/run`);
    const kept = page.getByRole('listitem').filter({ hasText: 'Edwin Marram' });
    await expect(kept.getByText(/handed over from another’s device, brought by Sorrel Gannet/)).toBeVisible();
    await expect(kept.getByText(/lithium chloride: .*apple-green/)).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await kept.getByRole('button', { name: 'Take in' }).click();
    await expect(page.getByText('kept apart')).toHaveCount(0);
  });

  test('with the network cut, ending the lesson is told as not done and is not done later by itself', async () => {
    const { page, context } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson.id}/run`);
    await expect(page.getByText('live', { exact: true })).toBeVisible();
    const end = page.getByRole('button', { name: 'End the lesson' });
    await context.setOffline(true);
    await end.click();
    await expect(page.getByText(/Kivex cannot be reached just now/)).toBeVisible();
    await expect(end).toBeEnabled();
    await context.setOffline(false);
    await expect(page.getByText('live', { exact: true })).toBeVisible({ timeout: 20_000 });
    const { state } = (await (
      await page.request.get(`${kivex.base}/api/lessons/${lesson.id}`)
    ).json()) as LessonHead;
    expect(state).toBe('running');
    await expect(end).toBeEnabled();
  });

  test('what is logged after the end waits for the teacher, who may leave it out', async () => {
    await teacher.page.getByRole('button', { name: 'End the lesson' }).click();
    const { page } = device;
    await expect(page.getByText(/The lesson is over/)).toBeVisible();
    await goTo(page, 'Log');
    await logColour(page, 'potassium chloride', 'lilac');
    await expect(page.getByText('All saved; 1 waits for your teacher')).toBeVisible();
    await expect(page.getByText(/waits for your teacher/).last()).toBeVisible();
    await teacher.page.getByRole('link', { name: 'Go to the marks' }).click();
    await expect(teacher.page.getByText('One entry is kept apart.')).toBeVisible();
    await expect(teacher.page.getByText(/Sorrel Gannet.*made after the end/)).toBeVisible();
    await teacher.page.getByRole('button', { name: 'Leave out' }).click();
    await expect(teacher.page.getByText('kept apart')).toHaveCount(0);
    await allSaved(page);
  });

  test('after the end the code gives no names: one types one’s own', async ({ browser }) => {
    const late = await phone(browser);
    await late.page.goto(kivex.base);
    await late.page.getByLabel('Lesson code').fill(lesson.joinCode);
    await late.page.getByRole('button', { name: 'Next' }).click();
    await expect(late.page.getByText(/This lesson has ended/)).toBeVisible();
    await expect(late.page.getByText('Aino Farrow')).toHaveCount(0);
    await late.page.getByLabel('Your name').fill('aino farrow');
    await late.page.getByLabel('Your PIN').fill(pin(0));
    await late.page.getByRole('button', { name: 'Join' }).click();
    await expect(late.page).toHaveURL(/\/bench$/);
    await late.context.close();
  });

  test('the head sets a new password, which its owner must change; the trail says so', async ({
    browser,
  }) => {
    const { page } = head;
    await page.goto(`${kivex.base}/school`);
    await page.getByRole('button', { name: 'New password for Bram Quillane' }).click();
    const shown = (
      await page
        .getByText(/password is/)
        .locator('b')
        .innerText()
    ).trim();
    expect(shown).toMatch(/^[a-z]+(-[a-z]+){3}$/);
    expect(await faults(page)).toEqual([]);
    await fits(page);
    const bram = await laptop(browser);
    await bram.page.goto(`${kivex.base}/sign-in`);
    await bram.page.getByLabel('E-mail address').fill('bram.quillane@skerrin.example');
    await bram.page.getByLabel('Password').fill(shown);
    await bram.page.getByRole('button', { name: 'Sign in' }).click();
    await expect(bram.page.getByText(/was set by somebody else/)).toBeVisible();
    await bram.page.getByLabel('Password now').fill(shown);
    await bram.page.getByLabel('New password').fill('my very own words');
    await bram.page.getByRole('button', { name: 'Change it', exact: true }).click();
    await expect(bram.page.getByRole('heading', { name: 'Lessons' })).toBeVisible();
    await page.getByRole('button', { name: 'Lock Bram Quillane' }).click();
    await expect(page.getByText('locked', { exact: true })).toBeVisible();
    await bram.page.reload();
    await expect(bram.page.getByRole('heading', { name: 'Staff sign in' })).toBeVisible();
    await bram.context.close();
    await page.getByRole('link', { name: 'What staff have done' }).click();
    await expect(
      page.getByRole('row', { name: /Hesper Vyne locked an account Bram Quillane/ }),
    ).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await fits(page);
  });

  test('a second factor is set up with an authenticator and asked for from then on', async ({ browser }) => {
    const { page } = head;
    await page.goto(`${kivex.base}/school`);
    await page.getByLabel('Your password').fill(password);
    await page.getByRole('button', { name: 'Set it up' }).click();
    await expect(page.getByAltText('QR code for your authenticator')).toBeVisible();
    expect(await faults(page)).toEqual([]);
    const secret = (await page.getByText(/^[A-Z2-7]{32}$/).innerText()).trim();
    const code = (at: number) => new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: at });
    await enterCode(page, 'The code it shows', code(Date.now() - 30_000));
    await page.getByRole('button', { name: 'Confirm' }).click();
    await expect(page.getByText(/asks for a code when you sign in/)).toBeVisible();
    const again = await laptop(browser);
    await again.page.goto(`${kivex.base}/sign-in`);
    await again.page.getByLabel('E-mail address').fill('hesper.vyne@skerrin.example');
    await again.page.getByLabel('Password').fill(password);
    await again.page.getByRole('button', { name: 'Sign in' }).click();
    await enterCode(again.page, 'Code', '000000');
    await again.page.getByRole('button', { name: 'Sign in' }).click();
    await expect(again.page.getByRole('alert')).toContainText('not the code of this moment');
    await enterCode(again.page, 'Code', code(Date.now()));
    await again.page.getByRole('button', { name: 'Sign in' }).click();
    await expect(again.page.getByRole('heading', { name: 'Lessons' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('listitem').filter({ hasText: 'this one' })).toHaveCount(1);
    await page.getByRole('button', { name: 'Sign out everywhere else' }).click();
    await expect(page.getByRole('button', { name: 'Sign out everywhere else' })).toHaveCount(0);
    await again.page.reload();
    await expect(again.page.getByRole('heading', { name: 'Staff sign in' })).toBeVisible();
    await again.context.close();
  });

  test('a device that cannot keep entries says so, and sends them at once', async ({ browser }) => {
    const other = (
      (await (await teacher.page.request.get(`${kivex.base}/api/lessons`)).json()) as LessonHead[]
    ).find((l) => l.id === lesson.id)!;
    await teacher.page.request.put(`${kivex.base}/api/lessons/${other.id}/state`, {
      headers: api,
      data: { state: 'running' },
    });
    const poor = await phone(browser);
    await poor.context.addInitScript(() => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('shut', 'SecurityError');
      };
    });
    await joinLesson(poor.page, kivex.base, other.joinCode, 'Aino Farrow', pin(0));
    await expect(poor.page.getByText(/This device cannot keep entries/)).toBeVisible();
    await goTo(poor.page, 'Log');
    await logColour(poor.page, 'lithium chloride', 'crimson');
    await allSaved(poor.page);
    await poor.context.setOffline(true);
    await logColour(poor.page, 'sodium chloride', 'yellow');
    await expect(poor.page.getByText('1 only in this page: leave it open')).toBeVisible();
    await expect(poor.page.getByText(/safe on this device/)).toHaveCount(0);
    await poor.context.setOffline(false);
    await allSaved(poor.page);
    await poor.context.close();
  });

  test('a page of staff stays with what is half entered while the server is away, says so, and goes on by itself', async () => {
    const { page } = teacher;
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${kivex.base}/classes`);
    await page.getByLabel('Name of the class').fill('8 Lantern');
    await kivex.kill();
    // What is older than a few seconds is asked anew when one comes back to the page.
    const comeBack = () => page.evaluate(() => dispatchEvent(new Event('visibilitychange')));
    await expect(async () => {
      await comeBack();
      await expect(
        page.getByText('Kivex cannot be reached just now. What is on screen may be old'),
      ).toBeVisible({
        timeout: 1000,
      });
    }).toPass();
    await expect(page.getByLabel('Name of the class')).toHaveValue('8 Lantern');
    expect(await faults(page)).toEqual([]);
    await kivex.up();
    await expect(page.getByText('What is on screen may be old')).toHaveCount(0, { timeout: 30_000 });
    await expect(page.getByLabel('Name of the class')).toHaveValue('8 Lantern');
  });
});
