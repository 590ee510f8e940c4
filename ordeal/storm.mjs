// Benches log while everything they depend on is killed, held up, cut off or out of room, again and again. At the end all
// is well once more, everybody sends what their devices still keep, and the log is held against what was promised.
import { seededRandom } from '../packages/core/dist/index.js';
import { Device } from './device.mjs';
import { openSchool } from './people.mjs';
import { pause } from './world.mjs';

const colours = ['crimson', 'red', 'yellow', 'lilac', 'none', 'brick-red', 'blue-green'];

/**
 * @param kills how many programs and devices are killed.
 * @returns lines to print, and whether nothing was lost, doubled or under another's name.
 */
export async function storm(world, { kills, devices: count, seed, say }) {
  const random = seededRandom(seed);
  const pick = (list) => list[Math.floor(random() * list.length)];
  const school = await openSchool(() => `http://127.0.0.1:${pick(world.ports)}`, count * 2);
  const { lesson } = school;
  /** By id: who logged it, and what came of it. */
  const logged = new Map();
  const acknowledged = new Map();
  const devices = [];
  for (let i = 0; i < count; i++) {
    const device = new Device(
      `ordeal-${seed}-${i}`,
      () => pick(world.ports),
      (id, student, held) => acknowledged.set(id, { student, held: Boolean(held) }),
    );
    await device.open();
    await device.join(lesson.joinCode, school.students[i * 2], school.pins.get(school.students[i * 2]));
    devices.push(device);
  }

  let over = false;
  const workAt = async (device) => {
    while (!over) {
      await pause(60 + random() * 240);
      const { status, bench } = device.state;
      if (status !== 'joined' || !bench?.samples.length || !device.student || bench.me.id !== device.student)
        continue;
      const body = {
        type: 'observation',
        sample: pick(bench.samples).id,
        test: 'flame',
        variant: 'wire',
        seen: { colour: pick(colours) },
        words: `seen ${logged.size}`,
      };
      const start = device.start;
      try {
        const id = await device.state.log(body);
        const here = device.state.waiting.find((w) => w.event.id === id)?.onlyHere ?? false;
        logged.set(id, { student: bench.me.id, promised: start === device.start && !here });
      } catch {
        // The device was switched off under the finger: nothing was promised.
      }
    }
  };
  const working = devices.map(workAt);

  const counts = {};
  const faults = {
    server: async () => world.killServer(Math.floor(random() * 2)),
    mariadb: async () => world.killMariadb(),
    redis: () => world.restartRedis(300 + random() * 1500),
    device: () => pick(devices).restart(),
    'server held': () => world.holdServer(Math.floor(random() * 2), 400 + random() * 1500),
    'network cut': async () => {
      const device = pick(devices);
      device.network.cut();
      setTimeout(() => device.network.mend(), 500 + random() * 4000);
    },
    'no room': async () => {
      const device = pick(devices);
      device.setFull(true);
      setTimeout(() => device.setFull(false), 400 + random() * 1500);
    },
    'clock wrong': async () => {
      pick(devices).skew = pick([0, 86_400_000, -86_400_000, 3_000]);
    },
    'another joins': async () => {
      const i = Math.floor(random() * devices.length);
      const device = devices[i];
      const next = school.students[i * 2 + (device.student === school.students[i * 2] ? 1 : 0)];
      if (random() < 0.6) await device.leave();
      await device.join(lesson.joinCode, next, school.pins.get(next));
    },
    'new PIN': async () => {
      const device = pick(devices);
      const { student } = device;
      if (!student) return;
      await school.newPin(student);
      await pause(300);
      await device.join(lesson.joinCode, student, school.pins.get(student));
    },
  };
  const deadly = ['server', 'server', 'mariadb', 'redis', 'device', 'device'];
  const others = Object.keys(faults).filter((name) => !deadly.includes(name));
  for (let killed = 0; killed < kills;) {
    const name = random() < 0.5 ? pick(deadly) : pick(others);
    counts[name] = (counts[name] ?? 0) + 1;
    if (deadly.includes(name)) killed++;
    await faults[name]();
    await pause(100 + random() * 900);
    // A database or server killed again before it is back tells nothing new.
    if (name === 'mariadb' || name === 'server') await world.well();
  }
  say(`the storm is over: ${JSON.stringify(counts)}`);
  over = true;
  await Promise.all(working);
  await world.well();
  for (const device of devices) {
    device.network.mend();
    device.setFull(false);
    device.skew = 0;
  }
  // Everybody comes back to the devices they worked at, and waits until all is saved.
  for (const [i, device] of devices.entries())
    for (const student of [school.students[i * 2], school.students[i * 2 + 1]]) {
      for (let tries = 0; tries < 60; tries++) {
        if (await device.join(lesson.joinCode, student, school.pins.get(student))) break;
        await pause(250);
      }
      for (let tries = 0; tries < 240; tries++) {
        const { waiting, bench } = device.state;
        if (bench?.me.id === student && waiting.every((w) => w.refused)) break;
        device.state.wake();
        await pause(125);
      }
    }

  const held = (await school.head.surely('GET', `/api/lessons/${lesson.id}/held`)).body;
  const log = await school.log();
  const times = new Map();
  for (const event of log) times.set(event.id, (times.get(event.id) ?? 0) + 1);
  const apart = new Set(held.entries.map((e) => e.id));
  const by = new Map([...log.map((e) => [e.id, e.by]), ...held.entries.map((e) => [e.id, e.student])]);
  const lost = [...acknowledged.keys()].filter((id) => !times.has(id) && !apart.has(id));
  const broken = [...logged].filter(([id, { promised }]) => promised && !times.has(id) && !apart.has(id));
  const doubled = [...times.values()].filter((n) => n > 1).length;
  const misnamed = [...logged].filter(([id, { student }]) => by.has(id) && by.get(id) !== student);
  const strangers = log.filter(
    (e) => e.body.type === 'observation' && !logged.has(e.id) && !acknowledged.has(e.id),
  );
  for (const device of devices) device.close();
  return {
    school,
    ok: !lost.length && !broken.length && !doubled && !misnamed.length && logged.size > 0,
    lines: [
      `storm: ${kills} kills (${Object.entries(counts)
        .map(([k, n]) => `${n} ${k}`)
        .join(', ')})`,
      `  ${logged.size} entries logged on ${count} devices, ${acknowledged.size} acknowledged, ${log.length} in the log, ${held.count} kept apart`,
      `  acknowledged and lost: ${lost.length}; kept on a device and lost: ${broken.length}; doubled: ${doubled}; under another's name: ${misnamed.length}; in the log though the device was switched off under the finger: ${strangers.length}`,
    ],
  };
}
