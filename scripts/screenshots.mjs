// npm run screenshots: one current picture of each main view in docs/screenshots, from the demo school.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, root } from './built.mjs';
import { startMariadb } from './mariadb.mjs';
import { freePort, needChromium, needNode, needPackages } from './prerequisites.mjs';
import { startServer } from './serve.mjs';

needNode();
const executablePath = needChromium();
needPackages();
await buildAll(console.log);
const { chromium } = await import('@playwright/test');
const { chromium: settings } = await import('../e2e/build/chromium.js');
const out = join(root, 'docs', 'screenshots');
mkdirSync(out, { recursive: true });
const data = join(root, '.data', 'screenshots-database');
rmSync(data, { recursive: true, force: true });

const mariadb = await startMariadb(data);
const port = await freePort();
const server = await startServer({
  KIVEX_DATABASE_URL: mariadb.url,
  KIVEX_PORT: String(port),
  KIVEX_DEMO: '1',
  KIVEX_LOG: 'warn',
});
const base = `http://localhost:${port}`;
const browser = await chromium.launch({ executablePath, args: settings.args });
const device = async (width, height) =>
  (
    await browser.newContext({
      viewport: { width, height },
      locale: 'en-GB',
      timezoneId: 'Europe/London',
      reducedMotion: 'reduce',
    })
  ).newPage();
const settle = async (page) => {
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
};
const shot = async (page, name) => {
  await settle(page);
  await page.getByText(/Fetching/).waitFor({ state: 'detached' });
  await page.screenshot({ path: join(out, `${name}.png`) });
  console.log(`docs/screenshots/${name}.png`);
};

try {
  const staff = await device(1280, 800);
  await staff.request.post(`${base}/api/staff/sign-in`, {
    data: { email: 'orla.thresh@skerrin.example', password: 'lamp-room-demo' },
    headers: { 'x-kivex': '1' },
  });
  const lessons = await (await staff.request.get(`${base}/api/lessons`)).json();
  const lesson = (state) => lessons.find((l) => l.state === state);
  /** The full board: sixteen benches at six tests. */
  const full = lessons.find((l) => l.state === 'running' && l.students === 32);
  const visit = async (path, name, then = async () => undefined) => {
    await staff.goto(base + path);
    await settle(staff);
    await then();
    await shot(staff, name);
  };

  // Devices at the benches, so that the board shows them.
  const joined = async ({ state, joinCode }, width, height, student, place) => {
    const page = await device(width, height);
    await page.goto(base);
    await page.getByLabel('Lesson code').fill(joinCode);
    await page.getByRole('button', { name: 'Next' }).click();
    if (state === 'released') await page.getByLabel('Your name').fill(student);
    else await page.getByLabel('Who are you?').selectOption({ label: student });
    await page.getByLabel('Your PIN').fill(String(2401 + place * 37));
    await page.getByRole('button', { name: 'Join' }).click();
    await page.waitForURL('**/bench');
    await settle(page);
    return page;
  };
  const goTo = (page, place) =>
    page.getByRole('navigation', { name: 'Bench' }).getByRole('button', { name: place }).click();
  // The bench on screen: nobody signs in there.
  const screenBench = async (width, height, asks, number, station) => {
    const page = await device(width, height);
    await page.goto(`${base}/practise`);
    await page.getByLabel('Syllabus').selectOption('senior');
    await page.getByLabel('Name').selectOption(asks);
    await page.getByLabel('Number').fill(String(number));
    await page.getByRole('button', { name: 'To the bench' }).click();
    await page.getByText(station, { exact: true }).click();
    const press = (name) => page.getByRole('button', { name }).first().click();
    await press('Goggles');
    return { page, press };
  };
  const tubes = await screenBench(1280, 800, 'anion', 15, 'Tubes');
  await tubes.press('Limewater in a fresh tube');
  await tubes.press('1 cm³ into a fresh tube');
  await tubes.page.getByText('1 cm³', { exact: true }).click();
  await tubes.press(/Tube to tube 1/);
  await tubes.press('dilute hydrochloric acid');
  await shot(tubes.page, 'practise-tubes');
  const flame = await screenBench(390, 844, 'cation', 1, 'Flame');
  await flame.press(/In fresh concentrated acid/);
  await flame.press('From the tile');
  await flame.press('One second');
  await flame.page.evaluate(() => globalThis.scrollTo(0, 0));
  await shot(flame.page, 'practise-flame-phone');
  await visit('/practise/class?part=show', 'practise-class', async () => {
    await staff.getByLabel('Test', { exact: true }).selectOption('halide-silver');
    await staff.getByLabel('Of', { exact: true }).selectOption('Cl-');
    await staff.getByLabel('Beside it').selectOption('I-');
    await staff.getByRole('heading', { name: 'Practise with a class' }).click();
    for (let i = 0; i < 5; i += 1) await staff.keyboard.press('ArrowRight');
  });
  const phone = await joined(lesson('running'), 390, 844, 'Edwin Marram', 4);
  await goTo(phone, 'Method');
  await phone.getByRole('button', { name: 'Next step' }).click();
  await shot(phone, 'bench-method-phone');
  await goTo(phone, 'Log');
  await phone.getByRole('group', { name: 'Samples' }).getByRole('button', { name: /Jar/ }).first().click();
  await phone.getByRole('button', { name: 'lilac', exact: true }).click();
  await shot(phone, 'bench-log-phone');
  const tablet = await joined(full, 820, 1180, 'Fay Harrow', 5);
  await tablet.getByRole('table', { name: 'Your tile' }).waitFor();
  await shot(tablet, 'bench-tile-tablet');
  await goTo(tablet, 'Name');
  await tablet
    .getByRole('heading', { name: /^So it holds/ })
    .first()
    .waitFor();
  await shot(tablet, 'bench-name-tablet');
  const marks = await joined(lesson('released'), 390, 844, 'Aino Farrow', 0);
  await shot(marks, 'feedback-phone');

  const hydroxides = lessons.find((l) => l.state === 'planned' && l.title.startsWith('Hydroxide'));
  await visit(`/lessons/${hydroxides.id}/plan?part=evidence`, 'plan');
  await visit(`/lessons/${hydroxides.id}/prepare?part=make`, 'prepare');
  const practicals = await (await staff.request.get(`${base}/api/practicals`)).json();
  const salt = practicals.find((p) => p.title === 'A full unknown salt');
  await visit(`/practicals/${salt.id}?part=tests`, 'practical');
  await visit(`/practicals/${salt.id}?part=rota`, 'rota', () =>
    staff.getByText(/No shorter rota exists|None shorter was found/).waitFor(),
  );
  await visit(`/practicals/${salt.id}?part=rehearsal`, 'rehearsal', async () => {
    await staff.getByRole('button', { name: /^Rehearse/ }).click();
    await staff.getByText('Single changes, best first').waitFor({ timeout: 60_000 });
    await staff.getByText(/^Trying/).waitFor({ state: 'detached', timeout: 120_000 });
  });
  await visit('/syllabuses', 'syllabus', async () => {
    await staff.getByRole('button', { name: 'Copy and edit' }).nth(1).click();
    await staff.getByRole('tab', { name: 'Flame words' }).click();
    await staff.getByLabel('Question').selectOption('flame');
    await staff.getByRole('combobox', { name: /^Of/ }).fill('potass');
    await staff.getByRole('option', { name: /^potassium/ }).click();
    await staff.getByLabel('A student writes').fill('purple flame');
    await staff.getByText(/is near, but the word wanted/).waitFor();
  });
  await visit('/store', 'store');
  await visit(`/lessons/${full.id}/run`, 'run', () => staff.getByText('live', { exact: true }).waitFor());
  const biggest = lessons.find((l) => l.state === 'marking' && l.students === 32);
  await visit(`/lessons/${biggest.id}/mark?view=like`, 'mark', async () => {
    await staff.getByText(/answers want a person:/).waitFor();
    await staff.keyboard.press('n');
    await staff.getByLabel('Marking desk').waitFor();
  });
  await visit(`/lessons/${biggest.id}/review?part=items`, 'review', () =>
    staff.getByRole('img', { name: /Share of points earned/ }).waitFor(),
  );
  await visit('/classes', 'class', async () => {
    await staff.getByRole('link', { name: /10 Beacon/ }).click();
    await staff.getByLabel(/Paste one name a line/).fill('Name\nUlla Brine\nAino Farrow');
    await staff.getByText('Already in the class').waitFor();
  });
} finally {
  await browser.close();
  await server.stop();
  await mariadb.stop();
}
