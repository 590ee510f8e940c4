// Frames of the bench on screen on a laptop four times slower, while a tube fizzes and while a flame is shown; baseline: an empty page of the same browser.
import { chromium } from 'playwright-core';
import { needChromium } from '../scripts/prerequisites.mjs';
import { openKivex, quantile } from './kivex.mjs';

const slower = 4;
const watched = 3_000;

/** @returns lines to print. */
export async function screenFrames(url) {
  const kivex = await openKivex(url);
  const browser = await chromium.launch({ executablePath: needChromium(), args: ['--no-sandbox'] });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const devtools = await page.context().newCDPSession(page);
    const slow = (rate) => devtools.send('Emulation.setCPUThrottlingRate', { rate });
    const press = (name) => page.getByRole('button', { name }).first().click();
    const frames = async () => {
      const times = await page.evaluate(
        (ms) =>
          new Promise((done) => {
            const at = [];
            const frame = (now) => {
              at.push(now);
              if (now - at[0] < ms) globalThis.requestAnimationFrame(frame);
              else done(at);
            };
            globalThis.requestAnimationFrame(frame);
          }),
        watched,
      );
      const gaps = times.slice(1).map((t, i) => t - times[i]);
      const perSecond = (1000 * gaps.length) / (times.at(-1) - times[0]);
      return `${perSecond.toFixed(0)} frames/s, 95 % within ${quantile(gaps, 0.95).toFixed(1)} ms`;
    };
    const start = async (asks) => {
      await slow(1);
      await page.goto(`${kivex.base}/practise`);
      await page.getByLabel('Syllabus').selectOption('senior');
      await page.getByLabel('Name').selectOption(asks);
      await page.getByLabel('Number').fill('15');
      await press('To the bench');
    };
    await page.goto('about:blank');
    await slow(slower);
    const empty = await frames();
    await start('anion');
    await page.getByText('Tubes', { exact: true }).click();
    await press('Limewater in a fresh tube');
    await press('1 cm³ into a fresh tube');
    await page.getByText('1 cm³', { exact: true }).click();
    await press(/Tube to tube 1/);
    await press('dilute hydrochloric acid');
    await slow(slower);
    const fizz = await frames();
    await start('cation');
    await page.getByText('Flame', { exact: true }).click();
    await press(/In fresh concentrated acid/);
    await press('From the tile');
    await slow(slower);
    await press('Three seconds more');
    const flame = await frames();
    return [
      `bench on screen, ${slower}× slower: a fizzing tube beside limewater ${fizz}; a flame ${flame}; baseline, an empty page: ${empty} (aim 60)`,
    ];
  } finally {
    await browser.close();
    await kivex.stop();
  }
}
