// A constraint solver of a package (MiniZinc's Chuffed as WebAssembly, in a browser, as its Node side wants an installed program).
import { chromium } from 'playwright-core';
import { createServer } from 'node:http';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { needChromium } from '../scripts/prerequisites.mjs';
import { root } from '../scripts/built.mjs';

const types = { js: 'text/javascript', mjs: 'text/javascript', wasm: 'application/wasm' };

/** One rota as a model: whole minutes, stations and groups as cumulative resources, groups in order as they are all alike. */
export function modelOf({ groups, m, duration, attended, station, places, before }, horizon) {
  const list = (numbers) => `[${numbers.join(',')}]`;
  const ops = (keep) => `[s[g,i] | g in G, i in T where ${keep}]`;
  const lines = [
    'include "globals.mzn";',
    `set of int: G = 1..${groups}; set of int: T = 1..${m}; int: H = ${horizon};`,
    `array[T] of int: d = ${list(duration)}; array[T] of int: a = ${list(attended)}; array[T] of int: at = ${list(station.map((s) => s + 1))};`,
    'array[G,T] of var 0..H: s;',
    'constraint forall(g in G, i in T)(s[g,i] + d[i] <= H);',
    'constraint forall(g in G)(disjunctive([s[g,i] | i in T], a));',
    ...places.map(
      (n, k) =>
        `constraint cumulative(${ops(`at[i] = ${k + 1}`)}, [d[i] | g in G, i in T where at[i] = ${k + 1}], [1 | g in G, i in T where at[i] = ${k + 1}], ${n});`,
    ),
    ...before.flatMap((list, i) =>
      list.map((p) => `constraint forall(g in G)(s[g,${p + 1}] + d[${p + 1}] <= s[g,${i + 1}]);`),
    ),
    `constraint increasing([s[g,1] | g in G]);`,
    'solve :: int_search([s[g,i] | g in G, i in T], smallest, indomain_min) satisfy;',
  ];
  return lines.join('\n');
}

/** Opens a page with the solver. `settle(model, seconds)` gives 'there', 'none' or 'unknown' and the seconds taken. */
export async function constraintSolver(seconds) {
  const folder = join(root, 'node_modules/minizinc/dist');
  const server = createServer(async (request, response) => {
    if (request.url === '/') return response.setHeader('content-type', 'text/html').end('<!doctype html>');
    const name = request.url.slice(1).split('?')[0];
    const bytes = await readFile(join(folder, name)).catch(() => undefined);
    if (!bytes) return response.writeHead(404).end();
    response.setHeader('content-type', types[name.split('.').pop()] ?? 'application/octet-stream');
    response.end(bytes);
  });
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve));
  const browser = await chromium.launch({
    executablePath: needChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-dev-shm-usage'],
  });
  const page = await browser.newPage();
  await page.goto(`http://127.0.0.1:${server.address().port}/`);
  await page.evaluate(async () => {
    // The page's own address, no file of this folder.
    const served = '/minizinc.mjs';
    const { init, Model } = await import(served);
    await init();
    globalThis.settle = async (text, seconds) => {
      const model = new Model();
      model.addFile('rota.mzn', text);
      const began = performance.now();
      const { status } = await model.solve({
        options: { solver: 'chuffed', 'free-search': true, 'time-limit': seconds * 1000 },
      });
      return { status, ms: performance.now() - began };
    };
  });
  return {
    settle: (model) => page.evaluate(([text, s]) => globalThis.settle(text, s), [model, seconds]),
    close: async () => {
      await browser.close();
      server.close();
    },
  };
}
