// How long a bench takes until it can be used on a slow tablet, beside an empty page on the same parts, in one run.
import { chromium } from 'playwright-core';
import { createServer } from 'node:http';
import { readFileSync, rmSync } from 'node:fs';
import { extname, join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';
import { needChromium } from '../scripts/prerequisites.mjs';
import { root } from '../scripts/built.mjs';
import { fullLesson, median, openKivex } from './kivex.mjs';

const slower = 4;
const runs = 9;
const types = { '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css' };

/** The empty page, built and served gzipped as Kivex's own pages are. */
async function emptyPage() {
  const outDir = join(root, '.data', 'empty-page');
  rmSync(outDir, { recursive: true, force: true });
  await build({
    root: join(root, 'bench/empty-page'),
    configFile: false,
    logLevel: 'error',
    build: { outDir, target: 'es2022', assetsInlineLimit: 0, emptyOutDir: true },
    esbuild: { jsx: 'automatic' },
  });
  const server = createServer((request, response) => {
    const name = extname(request.url) ? request.url : '/index.html';
    try {
      const bytes = gzipSync(readFileSync(join(outDir, name)));
      response.writeHead(200, {
        'content-type': types[extname(name)] ?? 'text/plain',
        'content-encoding': 'gzip',
      });
      response.end(bytes);
    } catch {
      response.writeHead(404).end();
    }
  });
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve));
  return { address: `http://127.0.0.1:${server.address().port}/`, close: () => server.close() };
}

/** @returns lines to print. */
export async function firstLoad(url) {
  const kivex = await openKivex(url);
  const empty = await emptyPage();
  const browser = await chromium.launch({
    executablePath: needChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const { lesson, students } = await fullLesson(kivex, 'Slow', 2);
    const [{ bench }] = students;
    students.forEach((s) => s.wire.disconnect());
    const pin = (
      await (
        await kivex.send(
          'POST',
          `/api/classes/${(await kivex.json('/api/classes', kivex.staff)).find((c) => c.name === 'Slow').id}/pins`,
          { students: [bench.me.id] },
          kivex.staff,
        )
      ).json()
    )[0].pin;
    const time = async (address, mark, before) => {
      const context = await browser.newContext({
        serviceWorkers: 'block',
        viewport: { width: 820, height: 1180 },
      });
      const page = await context.newPage();
      await before?.(context);
      const devtools = await context.newCDPSession(page);
      await devtools.send('Emulation.setCPUThrottlingRate', { rate: slower });
      await page.goto(address);
      await page.waitForFunction((name) => performance.getEntriesByName(name).length > 0, mark);
      const at = await page.evaluate((name) => performance.getEntriesByName(name)[0].startTime, mark);
      await context.close();
      return at;
    };
    const join = (context) =>
      context.request.post(`${kivex.base}/api/join`, {
        data: { code: lesson.joinCode, student: bench.me.id, pin },
        headers: { 'x-kivex': '1' },
      });
    const [own, least] = [[], []];
    for (let n = 0; n < runs; n++) {
      least.push(await time(empty.address, 'stands'));
      own.push(await time(`${kivex.base}/bench`, 'bench stands', join));
    }
    const ratio = median(own) / median(least);
    return [
      `bench usable on a CPU ${slower} times slower: ${median(own).toFixed(0)} ms, ${ratio.toFixed(2)} × an empty Chakra + React Router page (${median(least).toFixed(0)} ms); aim 1.3 ×`,
    ];
  } finally {
    await browser.close();
    empty.close();
    await kivex.stop();
  }
}
