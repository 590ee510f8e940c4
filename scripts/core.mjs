// npm run -s core -- VERB: JSON Lines in on standard input, one JSON line out for each.
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { buildCore, root } from './built.mjs';

if (!existsSync(join(root, 'node_modules'))) {
  console.error('Run `npm ci` first: the packages are not installed.');
  process.exit(2);
}
buildCore();
const { useSolver } = await import('../packages/core/dist/planning/solver.js');
const { verbs, answerLine } = await import('../packages/core/dist/headless/verbs.js');
const name = process.argv[2] ?? '';
if (!Object.hasOwn(verbs, name)) {
  console.error(`Say which verb: npm run -s core -- ${Object.keys(verbs).join(' | ')}`);
  process.exit(2);
}
process.stdout.on('error', (error) => {
  if (error.code === 'EPIPE') process.exit(0);
  throw error;
});
if (name === 'allocate' || name === 'rota') {
  const { highsSolver } = await import('../packages/core/dist/planning/highs-adapter.js');
  const { default: load } = await import('highs');
  useSolver(await highsSolver(load));
}
let failed = false;
for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
  if (!line.trim()) continue;
  const answer = answerLine(verbs[name], line);
  failed ||= answer.failed;
  if (!process.stdout.write(`${answer.text}\n`))
    await new Promise((drained) => process.stdout.once('drain', drained));
}
process.exitCode = failed ? 1 : 0;
