// Taps while papers are printed, a sheet is read, a class joins and a lesson ends; the baseline is taps while nothing else goes on.
import { fullLesson, median, openKivex, quantile } from './kivex.mjs';

const between = 25;

export async function besideHeavyWork(url) {
  const kivex = await openKivex(url);
  const { staff, send, json, base } = kivex;
  const { students } = await fullLesson(kivex, 'H', 10);
  const ending = await fullLesson(kivex, 'E', 15, 15);
  const lessons = await json('/api/lessons', staff);
  const hydroxides = lessons.find((l) => l.title.startsWith('Hydroxide'));
  const taps = async (until) => {
    const times = [];
    let over = false;
    void until.then(() => (over = true));
    for (let i = 0; !over; i++) {
      const own = students[i % students.length];
      const began = performance.now();
      await own.log(own.entry());
      times.push(performance.now() - began);
      await new Promise((r) => setTimeout(r, between));
    }
    return times;
  };
  const idle = await taps(new Promise((r) => setTimeout(r, 6_000)));
  const get = (path) => fetch(base + path, { headers: { cookie: staff } }).then((r) => r.arrayBuffer());
  let skip = 0;
  const kinds = {
    'five label sheets of a big lesson': () =>
      Promise.all(
        Array.from({ length: 5 }, () =>
          get(`/api/lessons/${hydroxides.id}/preparation/labels.pdf?skip=${skip++}`),
        ),
      ),
    'prep and risk sheets': () =>
      Promise.all([
        get(`/api/lessons/${hydroxides.id}/preparation/sheet.pdf`),
        get(`/api/lessons/${hydroxides.id}/preparation/risk.pdf`),
      ]),
    'thirty joins at once': async () => {
      const { lesson, students: seated } = ending;
      await Promise.all(
        Array.from({ length: 30 }, (_, i) =>
          fetch(`${base}/api/join`, {
            method: 'POST',
            headers: { 'content-type': 'application/json', 'x-kivex': '1' },
            body: JSON.stringify({
              code: lesson.joinCode,
              student: seated[i % seated.length].bench.me.id,
              pin: '1111',
            }),
          }).then((r) => r.text()),
        ),
      );
    },
    'a big sheet read': () =>
      fetch(`${base}/api/store/sheet/preview`, {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream', 'x-kivex': '1', cookie: staff },
        body: `Name,Formula\n${'Sodium chloride,NaCl\n'.repeat(90_000)}`,
      }).then((r) => r.text()),
    'a lesson of 15 groups ends': () =>
      send('PUT', `/api/lessons/${ending.lesson.id}/state`, { state: 'marking' }, staff),
  };
  const lines = [
    `taps beside heavy work, 95 % (aim: at most 2 x of idle)`,
    `  nothing else: median ${median(idle).toFixed(2)} ms, 95 % ${quantile(idle, 0.95).toFixed(2)} ms (baseline)`,
  ];
  for (const [name, work] of Object.entries(kinds)) {
    const began = performance.now();
    const done = work();
    const times = await taps(done.then(() => new Promise((r) => setTimeout(r, 200))));
    const ratio = quantile(times, 0.95) / quantile(idle, 0.95);
    lines.push(
      `  ${name} (${((performance.now() - began) / 1000).toFixed(1)} s): median ${median(times).toFixed(2)} ms, 95 % ${quantile(times, 0.95).toFixed(2)} ms, ratio ${ratio.toFixed(2)}`,
    );
  }
  for (const { wire } of [...students, ...ending.students]) wire.disconnect();
  await kivex.stop();
  return lines;
}
