import { expect, test, type Page } from '@playwright/test';
import type { ClassHead, ClassRoster, Lesson, LessonHead, PracticalHead } from '@kivex/contract';
import { KivexServer } from './kivex-server.js';
import {
  closeNews,
  device,
  drawnAnew,
  faults,
  goInside,
  goTo,
  joinLesson,
  laptop,
  quiet,
  type Person,
} from './people.js';

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

/** Every page there is, with a practical of six tests and a whole class where it can have one, at every size. */
test.describe('every page', () => {
  let kivex: KivexServer;
  let teacher: Person;
  /** Made here, of ten groups, and planned; the other three are the demo school's. */
  let lesson: Lesson;
  let running: LessonHead;
  let marking: LessonHead;
  let released: LessonHead;
  let salt: PracticalHead;
  /** The address of a syllabus of one's own. */
  let syllabus: string;
  test.beforeAll(async ({ browser }) => {
    test.setTimeout(120_000);
    kivex = await KivexServer.start({ demo: true });
    teacher = await laptop(browser);
    const { request } = teacher.page;
    const api = async <T>(method: 'GET' | 'POST' | 'PUT', path: string, data?: object): Promise<T> => {
      const answer = await request.fetch(kivex.base + path, { method, data, headers: { 'x-kivex': '1' } });
      expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true);
      const text = await answer.text();
      return (text ? JSON.parse(text) : undefined) as T;
    };
    await api('POST', '/api/staff/sign-in', {
      email: 'orla.thresh@skerrin.example',
      password: 'lamp-room-demo',
    });
    const practicals = await api<PracticalHead[]>('GET', '/api/practicals');
    salt = practicals.find((p) => p.title === 'A full unknown salt')!;
    const lessons = await api<LessonHead[]>('GET', '/api/lessons');
    expect(new Set(lessons.map((l) => l.state)).size).toBe(4);
    running = lessons.find((l) => l.state === 'running' && l.students > 30)!;
    marking = lessons.find((l) => l.state === 'marking')!;
    released = lessons.find((l) => l.state === 'released')!;
    const class9 = await api<ClassHead>('POST', '/api/classes', { name: '9 Foghorn' });
    const names = Array.from(
      { length: 30 },
      (_, i) => `Student Number ${String.fromCharCode(65 + (i % 26))} Quay${i < 26 ? '' : 'side'}`,
    );
    const { students } = await api<ClassRoster>('POST', `/api/classes/${class9.id}/roster`, {
      text: `Name\n${names.join('\n')}`,
    });
    const ids = students.map((s) => s.id);
    const made = await api<{ readonly id: string }>('POST', '/api/lessons', {
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
    lesson = await api<Lesson>('GET', `/api/lessons/${made.id}`);
    await teacher.page.goto(`${kivex.base}/syllabuses`);
    await teacher.page.getByRole('button', { name: 'Copy and edit' }).first().click();
    await expect(teacher.page.getByRole('heading', { name: 'Try an answer' })).toBeVisible();
    syllabus = new URL(teacher.page.url()).pathname;
  });
  test.afterAll(async () => {
    await teacher?.context.close();
    await kivex?.stop();
  });

  const of = (head: { readonly id: string }, ...faces: readonly string[]): string[] =>
    faces.map((face) => `/lessons/${head.id}/${face}`);
  const marks = [
    'mark',
    'mark?view=like',
    'mark?view=report',
    'mark?view=scheme',
    'mark?view=checks',
  ] as const;
  const reviews = ['review', 'review?part=items', 'review?part=strands', 'review?part=times'] as const;
  const groups: Readonly<Record<string, () => readonly string[]>> = {
    plan: () =>
      of(
        lesson,
        ...['plan', 'plan?part=evidence', 'plan?part=rota', 'plan?part=rehearsal', 'plan?part=on-screen'],
      ),
    prepare: () =>
      of(
        lesson,
        ...['', '?part=make', '?part=benches', '?part=labels', '?part=risk', '?part=waste'].map(
          (part) => `prepare${part}`,
        ),
      ),
    'run, mark and review of a full class': () => of(running, 'run', ...marks, ...reviews),
    'marks given and handed back': () => [...of(marking, ...marks), ...of(released, ...reviews)],
    'the practical': () =>
      ['about', 'samples', 'tests', 'evidence', 'rota', 'rehearsal', 'versions'].map(
        (part) => `/practicals/${salt.id}?part=${part}`,
      ),
    'the syllabus': () =>
      ['frame', 'species', 'tests', 'flames', 'words'].map((part) => `${syllabus}?part=${part}`),
    'the pages of a school': () => [
      '/lessons',
      '/lessons/new',
      '/classes',
      '/school',
      '/review',
      '/review?part=items',
      '/review?part=fairness',
      '/marking',
      '/practicals',
      '/syllabuses',
      '/rooms',
      '/store',
      '/store?part=moves',
      '/store?part=sheets',
      '/kept',
      '/devices',
      '/specimen',
    ],
    'practising and the doors': () => [
      '/practise',
      '/practise?part=recall',
      '/practise/class',
      '/practise/class?part=sets',
      '/practise/class?part=answers',
      '/practise/class?part=facts',
      '/practise/class?part=show',
      '/answer',
      '/nowhere',
      '/sign-in',
      '/',
    ],
  };
  for (const [name, paths] of Object.entries(groups))
    test(`${name}: open to everyone, no page wider than its window, nothing focused behind a bar`, async () => {
      const { page } = teacher;
      for (const [p, path] of paths().entries())
        // Opened at one size and turned to the others, as a tablet is turned; each size has its share of openings.
        for (const k of sizes.keys()) {
          const [size, width, height] = sizes[(p + k) % sizes.length]!;
          await page.setViewportSize({ width, height });
          // The first by its address, the others as a link leads to them.
          if (p + k === 0) await page.goto(kivex.base + path);
          else if (k === 0) await goInside(page, path);
          if (k === 0) {
            await expect(page.getByRole('heading').first()).toBeVisible();
            await quiet(page);
            expect([size, path, await faults(page)]).toEqual([size, path, []]);
          } else await drawnAnew(page);
          const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
          expect([size, path, wide <= 0 ? 0 : wide]).toEqual([size, path, 0]);
          // Something may be told at any moment, and lies over what is looked at then.
          await expect(async () => {
            await closeNews(page);
            expect([size, path, await hiddenWhenFocused(page)]).toEqual([size, path, []]);
          }).toPass({ timeout: 8_000 });
        }
    });

  for (const [size, width, height] of sizes.slice(1))
    test(`the bench on a ${size}: open to everyone, targets of 48 pixels, whatever has the focus is seen`, async ({
      browser,
    }) => {
      const student = await device(browser, width, height);
      const { page } = student;
      await joinLesson(page, kivex.base, running.joinCode, 'Fay Harrow', String(2401 + 5 * 37));
      // What the first load brings; the places gone to later come when the bench stands.
      await page.waitForFunction(() => performance.getEntriesByName('bench stands').length > 0);
      const kilobytes = await page.evaluate(
        () =>
          performance
            .getEntriesByType('resource')
            .filter(
              (r) =>
                r.name.endsWith('.js') &&
                r.startTime <= performance.getEntriesByName('bench stands')[0]!.startTime,
            )
            .reduce((sum, r) => sum + (r as PerformanceResourceTiming).encodedBodySize, 0) / 1000,
      );
      expect(kilobytes).toBeGreaterThan(20);
      expect(kilobytes).toBeLessThan(200);
      for (const place of ['Tile', 'Method', 'Log', 'Name', 'Hand in'] as const) {
        await goTo(page, place);
        await quiet(page);
        expect([place, await faults(page)]).toEqual([place, []]);
        expect([place, await hiddenWhenFocused(page)]).toEqual([place, []]);
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
        const small = await page
          .getByRole('button')
          .evaluateAll((buttons) =>
            buttons.filter((b) => b.getBoundingClientRect().height < 47.5).map((b) => b.textContent),
          );
        expect([place, small]).toEqual([place, []]);
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
