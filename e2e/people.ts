/** What people do in the browser, in their words. */
import { expect, type Browser, type BrowserContext, type Page, type Request } from '@playwright/test';
import axe from 'axe-core/axe.min.js';

export interface Person {
  readonly page: Page;
  readonly context: BrowserContext;
}

/** Types digits into their boxes, over what stands there. */
export async function enterCode(page: Page, label: string, digits: string): Promise<void> {
  const boxes = page.getByLabel(new RegExp(`^${label}: digit`));
  await expect(boxes).toHaveCount(digits.length);
  for (let i = digits.length - 1; i >= 0; i--) {
    await boxes.nth(i).focus();
    await page.keyboard.press('Backspace');
  }
  await boxes.first().focus();
  await page.keyboard.type(digits);
}

interface Keeping {
  /** Does it keep Kivex for when it is opened without a network? Seconds of work, which few stories need. */
  readonly keeps?: boolean;
}

/** A device of its own: its own cookies, its own size. */
export async function device(
  browser: Browser,
  width: number,
  height: number,
  { keeps = false }: Keeping = {},
): Promise<Person> {
  const context = await browser.newContext({
    viewport: { width, height },
    locale: 'en-GB',
    serviceWorkers: keeps ? 'allow' : 'block',
  });
  const page = await context.newPage();
  watchRequests(page);
  return { context, page };
}

const underWay = new WeakMap<Page, Set<Request>>();
function watchRequests(page: Page): void {
  const asked = new Set<Request>();
  underWay.set(page, asked);
  page.on('request', (request) => asked.add(request));
  const over = (request: Request) => void asked.delete(request);
  page.on('requestfinished', over);
  page.on('requestfailed', over);
}
/** Milliseconds without a request after which nothing more is asked for what is on the page. */
const quietFor = 60;

/** Waits until all that a page of a `device` fetches is there and drawn. */
export async function quiet(page: Page): Promise<void> {
  const asked = underWay.get(page)!;
  let since = Date.now();
  await expect
    .poll(
      () => {
        if (asked.size) since = Date.now();
        return Date.now() - since;
      },
      { intervals: [20] },
    )
    .toBeGreaterThan(quietFor);
  await expect(page.getByText(/Fetching/)).toHaveCount(0);
  await drawnAnew(page);
}
/** Waits until a page whose window has another size stands as it then does: told, drawn, measured. */
export const drawnAnew = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((done) => {
        requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 60)));
      }),
  );

/** Puts away what is told in the corner now: it lies over the page until it goes by itself. */
export async function closeNews(page: Page): Promise<void> {
  const close = page.getByRole('region', { name: /^Notifications/ }).getByRole('button', { name: 'Close' });
  await expect(async () => {
    if (await close.count()) await close.first().click({ timeout: 1000 });
    expect(await close.count()).toBe(0);
  }).toPass({ intervals: [50] });
}

/** Goes to another page of the opened one, as a link on it does. */
export async function goInside(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
}
export const laptop = (browser: Browser, keeping?: Keeping) => device(browser, 1280, 800, keeping);
export const phone = (browser: Browser, keeping?: Keeping) => device(browser, 390, 844, keeping);
export const tablet = (browser: Browser, keeping?: Keeping) => device(browser, 820, 1180, keeping);

/** Waits until the device keeps Kivex. @returns the names of the files kept. */
export async function kept(page: Page): Promise<string[]> {
  await page.evaluate(() => navigator.serviceWorker.ready);
  const files = () =>
    page.evaluate(async () => {
      const caught = await Promise.all(
        (await caches.keys()).map(async (name) => (await caches.open(name)).keys()),
      );
      return caught.flat().map(({ url }) => new URL(url).pathname);
    });
  await expect.poll(async () => (await files()).length, { timeout: 30_000 }).toBeGreaterThan(40);
  return files();
}

export async function signIn(page: Page, base: string, email: string, password: string): Promise<void> {
  await page.goto(`${base}/sign-in`);
  await page.getByLabel('E-mail address').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Lessons' })).toBeVisible();
}

export async function joinLesson(
  page: Page,
  base: string,
  code: string,
  name: string,
  pin: string,
): Promise<void> {
  await page.goto(base);
  await page.getByLabel('Lesson code').fill(code);
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByLabel('Who are you?').selectOption({ label: name });
  await page.getByLabel('Your PIN').fill(pin);
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(page).toHaveURL(/\/bench$/);
}

export async function goTo(page: Page, place: 'Tile' | 'Method' | 'Log' | 'Name' | 'Hand in'): Promise<void> {
  await page.getByRole('navigation', { name: 'Bench' }).getByRole('button', { name: place }).click();
  // A place gone to for the first time may still be on its way.
  await expect(page.getByText(/Fetching/)).toHaveCount(0);
}

/** Logs a colour for a sample: three taps from the log. */
export async function logColour(page: Page, sample: string, colour: string): Promise<void> {
  const other = page.getByRole('button', { name: 'Other sample' });
  if (await other.isVisible()) await other.click();
  await page.getByRole('group', { name: 'Samples' }).getByRole('button', { name: sample }).click();
  await page
    .getByRole('group', { name: 'What colour was the flame?' })
    .getByRole('button', { name: colour, exact: true })
    .click();
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('heading', { name: `Logged for ${sample}.` })).toBeVisible();
}

export const allSaved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: /^\s*All saved/ })).toBeVisible();

/** Faults of the page against WCAG 2.2 A and AA, as axe finds them. */
export async function faults(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  return page.evaluate(async () => {
    interface Violation {
      readonly id: string;
      readonly nodes: readonly { readonly target: readonly string[] }[];
    }
    const { axe } = window as unknown as {
      axe: {
        run: (context: Document | Element, options: object) => Promise<{ violations: readonly Violation[] }>;
      };
    };
    const { violations } = await axe.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
    });
    /** Half under a bar as one happens to have scrolled is not too small: it is measured again in mid-page. */
    const isTooSmall = async (target: string): Promise<boolean> => {
      const element = document.querySelector(target);
      if (!element) return true;
      element.scrollIntoView({ block: 'center', behavior: 'instant' });
      const again = await axe.run(element, { runOnly: { type: 'rule', values: ['target-size'] } });
      return again.violations.length > 0;
    };
    const found: string[] = [];
    for (const { id, nodes } of violations) {
      const targets: string[] = [];
      for (const { target } of nodes) {
        const own = target.join(' ');
        if (id !== 'target-size' || (await isTooSmall(own))) targets.push(own);
      }
      if (targets.length) found.push(`${id}: ${targets.slice(0, 3).join(', ')}`);
    }
    return found;
  });
}
