// The marking desk of a whole class's full salt: a key to the next group of like answers, and a decision to the next,
// each until it is on the screen. The baseline is a frame of the same page with nothing to do, in the same run.
import { chromium } from 'playwright-core';
import { needChromium } from '../scripts/prerequisites.mjs';
import { median, openKivex } from './kivex.mjs';

const steps = 20;
const decisions = 10;

/** @returns lines to print. */
export async function markingDesk(url) {
  const kivex = await openKivex(url);
  const browser = await chromium.launch({ executablePath: needChromium(), args: ['--no-sandbox'] });
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const [name, value] = kivex.staff.split('=');
    await context.addCookies([{ name, value, url: kivex.base }]);
    const lessons = await kivex.json('/api/lessons', kivex.staff);
    const lesson = lessons.find((l) => l.state === 'marking' && /own words/.test(l.title));
    const page = await context.newPage();
    await page.goto(`${kivex.base}/lessons/${lesson.id}/mark?view=like`);
    const rows = page.getByRole('list', { name: 'Like answers' }).getByRole('listitem');
    await rows.first().waitFor();
    /** How long until the screen has been drawn after a key, in milliseconds; of no key, a frame alone. */
    const drawn = (key) =>
      page.evaluate(
        (pressed) =>
          new Promise((done) => {
            const began = performance.now();
            if (pressed) globalThis.dispatchEvent(new globalThis.KeyboardEvent('keydown', { key: pressed }));
            globalThis.requestAnimationFrame(() => {
              const after = new globalThis.MessageChannel();
              after.port1.onmessage = () => done(performance.now() - began);
              after.port2.postMessage(0);
            });
          }),
        key,
      );
    const times = async (key) => {
      const all = [];
      for (let i = 0; i < steps; i++) {
        all.push(await drawn(key));
        await page.waitForTimeout(150);
      }
      return all;
    };
    const told = (all) => `${median(all).toFixed(0)} ms (first ${all[0].toFixed(0)})`;
    const frame = await times(undefined);
    const next = await times('n');
    const along = await times('ArrowDown');
    const decided = [];
    await page.keyboard.press('n');
    for (let i = 0; i < decisions; i++) {
      await page.getByRole('button', { name: 'Too vague' }).click();
      decided.push(
        await page.evaluate(
          () =>
            new Promise((done) => {
              const { document } = globalThis;
              const now = () =>
                document.querySelector('[aria-label="Like answers"] [aria-pressed=true]')?.id ?? '';
              const was = now();
              const began = performance.now();
              document.querySelector('[aria-label="Marking desk"] [type=submit]').click();
              const look = () =>
                now() === was ? globalThis.requestAnimationFrame(look) : done(performance.now() - began);
              look();
            }),
        ),
      );
      await page.waitForTimeout(600);
    }
    return [
      `the marking desk, ${await rows.count()} groups of like answers`,
      `  a frame with nothing to do:      ${told(frame)} (baseline)`,
      `  n to the next group:             ${told(next)} (aim: 50 ms)`,
      `  along the list:                  ${told(along)} (aim: 50 ms)`,
      `  a decision kept, and the next:   ${told(decided)}`,
    ];
  } finally {
    await browser.close();
    await kivex.stop();
  }
}
