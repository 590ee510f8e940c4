/** A bench as a server or an older Kivex on the device hands it over, made into what this page works with. */
import type { Bench } from '@kivex/contract';

/** A bench as an older Kivex left it on the device: what it lacks is as where nothing was planned. */
export const broughtUp = (kept: Bench): Bench => ({
  ...kept,
  plan: (kept as Partial<Bench>).plan ?? [],
  here: (kept as Partial<Bench>).here ?? [],
  advice: (kept as Partial<Bench>).advice ?? true,
  lesson: {
    ...kept.lesson,
    startedAt: (kept.lesson as Partial<Bench['lesson']>).startedAt ?? null,
  },
});

/** The lesson's beginning as this device's clock has it, however wrong that is. */
export function byThisClock(bench: Bench, here: Date): Bench {
  const { startedAt } = bench.lesson;
  if (startedAt === null) return bench;
  const ago = Date.parse(bench.now) - Date.parse(startedAt);
  return {
    ...bench,
    lesson: { ...bench.lesson, startedAt: new Date(here.getTime() - ago).toISOString() },
  };
}
