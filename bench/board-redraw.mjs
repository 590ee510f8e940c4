// What one entry costs a board of sixteen groups and six tests on a slow laptop: work of the page's main thread, less what it does idle.
import { chromium } from 'playwright-core';
import { v7 as uuidv7 } from 'uuid';
import { needChromium } from '../scripts/prerequisites.mjs';
import { fullLesson, openKivex } from './kivex.mjs';

const slower = 4;
const groups = 16;
const events = 40;
/** Milliseconds between entries: each is drawn before the next comes. */
const between = 250;

/** @returns lines to print. */
export async function boardRedraw(url) {
  const kivex = await openKivex(url);
  const browser = await chromium.launch({
    executablePath: needChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const { lesson, students } = await fullLesson(kivex, 'Board', groups, groups, /full unknown salt/);
    const entriesOf = ({ bench }) =>
      bench.samples.flatMap((s) =>
        s.tests.flatMap((test) => {
          const planned = bench.tests.find((t) => t.test === test);
          const looked = { flame: { colour: 'yellow' }, sulfate: { precipitate: 'white' } }[test];
          return looked
            ? [
                {
                  id: uuidv7(),
                  at: new Date().toISOString(),
                  body: { type: 'observation', sample: s.id, test, variant: planned.variant, seen: looked },
                },
              ]
            : [];
        }),
      );
    for (const student of students) await student.log(...entriesOf(student));
    const context = await browser.newContext({
      serviceWorkers: 'block',
      viewport: { width: 1280, height: 800 },
    });
    await context.addCookies([
      {
        name: kivex.staff.split('=')[0],
        value: kivex.staff.slice(kivex.staff.indexOf('=') + 1),
        url: kivex.base,
      },
    ]);
    const page = await context.newPage();
    const devtools = await context.newCDPSession(page);
    await page.goto(`${kivex.base}/lessons/${lesson.id}/run`);
    await page.getByText('live', { exact: true }).waitFor();
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: slower });
    await devtools.send('Performance.enable');
    const busy = async () =>
      (await devtools.send('Performance.getMetrics')).metrics.find((m) => m.name === 'TaskDuration').value *
      1000;
    const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
    const during = async (work) => {
      const before = await busy();
      for (let n = 0; n < events; n++) {
        await work(n);
        await pause(between);
      }
      return (await busy()) - before;
    };
    await during(async (n) => students[n % groups].log(entriesOf(students[n % groups])[0]));
    const idle = await during(async () => undefined);
    const worked = await during(async (n) => students[n % groups].log(entriesOf(students[n % groups])[0]));
    const each = (worked - idle) / events;
    return [
      `board of ${groups} groups and six tests, one entry more, on a CPU ${slower} times slower: ${each.toFixed(1)} ms of the main thread (idle, the same time: ${(idle / events).toFixed(1)} ms); aim 16 ms`,
    ];
  } finally {
    await browser.close();
    await kivex.stop();
  }
}
