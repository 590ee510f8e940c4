import { expect, test, type Page } from '@playwright/test';
import type { ClassHead, ClassRoster, Lesson, PinCard, PracticalHead } from '@kivex/contract';
import { KivexServer } from './kivex-server.js';
import { device, faults, goTo, joinLesson, laptop, type Person } from './people.js';

const sizes = [
  ['laptop', 1280, 800],
  ['tablet', 820, 1180],
  ['phone', 390, 844],
] as const;

/** What one gets to with the keyboard and cannot see then, because a bar that stays lies over it. */
const hiddenWhenFocused = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const mostEachEnd = 30;
    const all = [
      ...document.querySelectorAll<HTMLElement>(
        'a[href], button:not(:disabled), input:not([type=hidden], :disabled), select, textarea, [tabindex="0"]',
      ),
    ].filter((e) => e.checkVisibility());
    const some =
      all.length > 2 * mostEachEnd ? [...all.slice(0, mostEachEnd), ...all.slice(-mostEachEnd)] : all;
    return some.flatMap((element) => {
      element.focus();
      // A tick box is as large as what is drawn for it.
      const seen = element.closest<HTMLElement>('label') ?? element;
      const box = seen.getBoundingClientRect();
      if (box.width < 4 || box.height > innerHeight / 2) return [];
      // Not hidden whole, as WCAG 2.4.11 has it: a wide one may reach beyond its window.
      const spots = [0.15, 0.5, 0.85].map(
        (share) => [box.x + box.width * share, box.y + box.height / 2] as const,
      );
      const isSeen = spots.some(([x, y]) => {
        const top = document.elementFromPoint(x, y);
        return top !== null && (seen.contains(top) || top.contains(seen));
      });
      return isSeen
        ? []
        : [
            `${element.tagName} ${element.textContent || element.ariaLabel} at ${Math.round(box.x)},${Math.round(box.y)}`,
          ];
    });
  });

/** Opens a page and waits until all it fetches is there. */
async function openWhole(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await page.waitForLoadState('networkidle');
}
/** Waits until a page whose window has another size stands as it then does: told, drawn, measured. */
const drawnAnew = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((done) => {
        requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 60)));
      }),
  );

/** A practical of six tests for a whole class, on every page, at every size. */
test.describe.serial('a practical of six tests', () => {
  let kivex: KivexServer;
  let teacher: Person;
  let lesson: Lesson;
  let salt: PracticalHead;
  let cards: readonly PinCard[];
  test.beforeAll(async ({ browser }) => {
    test.setTimeout(120_000);
    kivex = await KivexServer.start({ demo: true });
    teacher = await laptop(browser);
    const { request } = teacher.page;
    const api = async <T>(method: 'GET' | 'POST' | 'PUT', path: string, data?: object): Promise<T> => {
      const answer = await request.fetch(kivex.base + path, { method, data, headers: { 'x-kivex': '1' } });
      expect([path, answer.status()]).toEqual([path, expect.any(Number)]);
      expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true);
      const text = await answer.text();
      return (text ? JSON.parse(text) : undefined) as T;
    };
    await api('POST', '/api/staff/sign-in', {
      email: 'orla.thresh@skerrin.example',
      password: 'lamp-room-demo',
    });
    salt = (await api<PracticalHead[]>('GET', '/api/practicals')).find(
      (p) => p.title === 'A full unknown salt',
    )!;
    const class9 = await api<ClassHead>('POST', '/api/classes', { name: '9 Foghorn' });
    const names = Array.from(
      { length: 30 },
      (_, i) => `Student Number ${String.fromCharCode(65 + (i % 26))} Quay${i < 26 ? '' : 'side'}`,
    );
    const { students } = await api<ClassRoster>('POST', `/api/classes/${class9.id}/roster`, {
      text: `Name\n${names.join('\n')}`,
    });
    const ids = students.map((s) => s.id);
    cards = await api<PinCard[]>('POST', `/api/classes/${class9.id}/pins`, { students: ids });
    const made = await api<{ id: string }>('POST', '/api/lessons', {
      practical: salt.id,
      class: class9.id,
      startsAt: '2026-12-01T09:00:00.000Z',
      room: 'Lab 2',
      groups: Array.from({ length: 10 }, (_, g) => ({
        row: Math.floor(g / 4),
        column: g % 4,
        students: ids.slice(g * 3, g * 3 + 3),
      })),
    });
    await api('PUT', `/api/lessons/${made.id}/state`, { state: 'running' });
    lesson = await api<Lesson>('GET', `/api/lessons/${made.id}`);
  });
  test.afterAll(async () => {
    await teacher.context.close();
    await kivex.stop();
  });

  const parts: readonly (readonly [name: string, paths: () => readonly string[]])[] = [
    [
      'plan',
      () =>
        ['plan', 'plan?part=evidence', 'plan?part=rota', 'plan?part=rehearsal'].map(
          (p) => `/lessons/${lesson.id}/${p}`,
        ),
    ],
    [
      'prepare',
      () =>
        ['', '?part=make', '?part=benches', '?part=labels', '?part=risk', '?part=waste'].map(
          (p) => `/lessons/${lesson.id}/prepare${p}`,
        ),
    ],
    [
      'run, mark and review',
      () =>
        [
          'run',
          'mark',
          'mark?view=like',
          'mark?view=report',
          'mark?view=scheme',
          'mark?view=checks',
          'review',
          'review?part=items',
        ].map((p) => `/lessons/${lesson.id}/${p}`),
    ],
    [
      'the practical',
      () =>
        ['about', 'samples', 'tests', 'evidence', 'versions'].map((p) => `/practicals/${salt.id}?part=${p}`),
    ],
    [
      'the other pages',
      () => [
        '/lessons',
        '/lessons/new',
        '/practicals',
        '/syllabuses',
        '/marking',
        '/review?part=fairness',
        '/store',
        '/rooms',
        '/kept',
        '/devices',
        '/classes',
        '/school',
      ],
    ],
  ];
  for (const [name, paths] of parts)
    test(`${name}: no page wider than its window, nothing focused behind a bar`, async () => {
      const { page } = teacher;
      for (const [p, path] of paths().entries())
        // Opened at one size and turned to the others, as a tablet is turned; each size has its share of openings.
        for (const k of sizes.keys()) {
          const [size, width, height] = sizes[(p + k) % sizes.length]!;
          await page.setViewportSize({ width, height });
          await (k === 0 ? openWhole(page, kivex.base + path) : drawnAnew(page));
          const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
          expect([size, path, wide <= 0 ? 0 : wide]).toEqual([size, path, 0]);
          expect([size, path, await hiddenWhenFocused(page)]).toEqual([size, path, []]);
        }
    });

  for (const [size, width, height] of sizes.slice(1))
    test(`the bench on a ${size}: whatever has the focus is seen`, async ({ browser }) => {
      const student = await device(browser, width, height);
      const { page } = student;
      const own = cards[0]!;
      await joinLesson(page, kivex.base, lesson.joinCode, own.name, own.pin);
      for (const place of ['Tile', 'Method', 'Log', 'Name', 'Hand in'] as const) {
        await goTo(page, place);
        expect([place, await hiddenWhenFocused(page)]).toEqual([place, []]);
        expect(await faults(page)).toEqual([]);
      }
      await student.context.close();
    });

  test('Ctrl+K goes to a lesson, a face of it and a practical without the pointer', async () => {
    const { page } = teacher;
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${kivex.base}/store`);
    await expect(page.getByRole('heading', { name: 'Store' })).toBeVisible();
    const find = async (words: string, option: RegExp) => {
      await page.keyboard.press('Control+k');
      await expect(page.getByRole('combobox', { name: 'Go to' })).toBeFocused();
      await page.keyboard.type(words, { delay: 20 });
      await expect(page.getByRole('option', { name: option }).first()).toHaveAttribute(
        'data-highlighted',
        '',
      );
      await page.keyboard.press('Enter');
    };
    await find('foghorn', /9 Foghorn: A full unknown salt/);
    await expect(page).toHaveURL(new RegExp(`/lessons/${lesson.id}/plan`));
    await find('mark', /^Mark$/);
    await expect(page).toHaveURL(new RegExp(`/lessons/${lesson.id}/mark`));
    await find('unknown salt flame', /^A full unknown salt$/);
    await expect(page).toHaveURL(new RegExp(`/practicals/${salt.id}`));
  });

  test('a student is dragged to another group', async () => {
    const { page } = teacher;
    await page.goto(`${kivex.base}/lessons/${lesson.id}/plan`);
    const chip = page.getByRole('button', { name: /^Student Number A Quay: move/ });
    const from = (await chip.boundingBox())!;
    const to = (await page.getByRole('button', { name: 'Move Group 2 to another bench' }).boundingBox())!;
    await page.mouse.move(from.x + 30, from.y + 10);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y + 14, { steps: 3 });
    await page.mouse.move(to.x + 60, to.y + 60, { steps: 8 });
    const [moved] = await Promise.all([
      page.waitForRequest((r) => r.method() === 'PUT' && r.url().includes('/seats/')),
      page.mouse.up(),
    ]);
    expect(moved.postDataJSON()).toEqual({ group: lesson.groupList[1]!.id });
  });
});
