// npm run ordeal: what Kivex must come through. A storm of kills and faults under load, and rubbish to every route; about
// five minutes, all on loopback. --short is part of npm test. --seed N repeats a run.
import { buildAll } from '../scripts/built.mjs';
import { rubbish } from './rubbish.mjs';
import { storm } from './storm.mjs';
import { openWorld } from './world.mjs';

const options = process.argv.slice(2);
const short = options.includes('--short');
const at = options.indexOf('--seed');
const seed = at >= 0 ? Number(options[at + 1]) : short ? 11 : Math.floor(Math.random() * 1e6);
const unhandled = [];
process.on('unhandledRejection', (reason) => unhandled.push(reason));

await buildAll(console.log);
console.log(`seed ${seed}`);
const told = [];
const world = await openWorld((text) => told.push(text));
let ok = true;
const print = (part) => {
  for (const line of part.lines) console.log(line);
  ok &&= part.ok;
};
try {
  const first = await storm(world, {
    kills: short ? 8 : 100,
    devices: short ? 4 : 8,
    seed,
    say: (text) => console.log(text),
  });
  print(first);
  await world.well();
  print(await rubbish(world, first.school, { bodies: short ? 1_000 : 20_000, seed, timed: !short }));
} finally {
  await world.close();
}
console.log(`started again by themselves: ${told.filter((t) => / is back\.$/.test(t)).length} times`);
if (unhandled.length) {
  ok = false;
  console.log(`failures nobody looked after: ${unhandled.length}`, unhandled[0]);
}
console.log(ok ? 'the ordeal was come through' : 'THE ORDEAL WAS NOT COME THROUGH');
process.exit(ok ? 0 : 1);
