// 40 lessons of 12 groups, each group logging every five seconds: how long until an entry is acknowledged. The baseline
// is one lesson at the same pace in the same run.
import { fullLesson, median, openKivex, quantile } from './kivex.mjs';

const lessons = 40;
const groups = 12;
const every = 5_000;
const lasts = 20_000;

/** Every bench logs at its own moment of the five seconds. @returns milliseconds of each entry. */
async function pace(students) {
  const times = [];
  const end = performance.now() + lasts;
  await Promise.all(
    students.map(async (student, i) => {
      await new Promise((r) => setTimeout(r, (i * every) / students.length));
      while (performance.now() < end) {
        const began = performance.now();
        await student.log(student.entry());
        times.push(performance.now() - began);
        await new Promise((r) => setTimeout(r, Math.max(0, every - (performance.now() - began))));
      }
    }),
  );
  return times;
}

export async function manyLessons(url) {
  const kivex = await openKivex(url);
  const all = [];
  for (let i = 0; i < lessons; i++) all.push((await fullLesson(kivex, `M${i}`, groups, groups)).students);
  const one = await pace(all[0]);
  const many = await pace(all.flat());
  for (const { wire } of all.flat()) wire.disconnect();
  await kivex.stop();
  return [
    `${lessons} lessons x ${groups} groups, an entry every ${every / 1000} s each, to its acknowledgement`,
    `  one lesson:   median ${median(one).toFixed(1)} ms, 95 % ${quantile(one, 0.95).toFixed(1)} ms (baseline)`,
    `  ${lessons} lessons: median ${median(many).toFixed(1)} ms, 95 % ${quantile(many, 0.95).toFixed(1)} ms (aim: 95 % at most 60 ms)`,
  ];
}
