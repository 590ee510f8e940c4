/** Minutes each test took, from the log: what comes before an entry was spent on what the entry is of. */
import { groupedBy } from '../numbers/grouped.js';
import type { LessonEvent } from '../lesson/record.js';

export interface TestTime {
  readonly test: string;
  /** Groups of which it is known how long they took. */
  readonly groups: number;
  /** Minutes a group spent on it: the middle one of all, with the quickest and slowest quarter; null where none is known. */
  readonly minutes: { readonly median: number; readonly quarter: readonly [number, number] } | null;
  /** Entries a sample it was done on: 1 where nobody repeated it. */
  readonly attempts: number;
  /** Of all entries: corrected, weak, doubtful; and samples left for want of time. */
  readonly corrected: number;
  readonly weak: number;
  readonly doubtful: number;
  readonly notDone: number;
  readonly entries: number;
}

/** A longer gap was a break, or somebody else's business, and belongs to no test. */
const longestGap_min = 20;

const quantile = (sorted: readonly number[], q: number): number => {
  const at = (sorted.length - 1) * q;
  const low = sorted[Math.floor(at)]!;
  return low + (sorted[Math.ceil(at)]! - low) * (at - Math.floor(at));
};

const testIn = ({ body }: LessonEvent): string | undefined =>
  body.type === 'observation' || body.type === 'step' || body.type === 'equation' ? body.test : undefined;

type Look = LessonEvent & { readonly body: Extract<LessonEvent['body'], { readonly type: 'observation' }> };

/** @param events of a whole lesson. @param startedAt when it began, ISO 8601; the first entry's minutes count from there. */
export function testTimes(events: readonly LessonEvent[], startedAt: string | null): TestTime[] {
  const minutes = new Map<string, number[]>();
  for (const own of groupedBy(events, (e) => e.group).values()) {
    // Moments of one form sort as they are written; comparing them as words of a language takes ten times as long.
    const sorted = [...own].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
    const spent = new Map<string, number>();
    let before = startedAt ? Date.parse(startedAt) : undefined;
    for (const event of sorted) {
      const test = testIn(event);
      const at = Date.parse(event.at);
      if (test !== undefined) {
        if (!minutes.has(test)) minutes.set(test, []);
        const gap = before === undefined ? undefined : (at - before) / 60_000;
        if (gap !== undefined && gap >= 0 && gap <= longestGap_min)
          spent.set(test, (spent.get(test) ?? 0) + gap);
      }
      if (test !== undefined || event.body.type === 'naming') before = at;
    }
    for (const [test, took] of spent) minutes.get(test)!.push(took);
  }
  const looks = events.filter((e): e is Look => e.body.type === 'observation');
  const corrected = new Set(looks.flatMap((e) => e.body.corrects ?? []));
  const byTest = groupedBy(looks, (e) => e.body.test);
  return [...minutes].map(([test, took]): TestTime => {
    const sorted = [...took].sort((a, b) => a - b);
    const own = byTest.get(test) ?? [];
    const done = own.filter((e) => !e.body.notDone);
    const cells = new Set(done.map((e) => `${e.group} ${e.body.sample}`)).size;
    return {
      test,
      groups: sorted.length,
      minutes: sorted.length
        ? { median: quantile(sorted, 0.5), quarter: [quantile(sorted, 0.25), quantile(sorted, 0.75)] }
        : null,
      attempts: cells ? done.filter((e) => !e.body.corrects).length / cells : 0,
      corrected: own.filter((e) => corrected.has(e.id)).length,
      weak: done.filter((e) => e.body.weak).length,
      doubtful: done.filter((e) => e.body.doubtful).length,
      notDone: own.length - done.length,
      entries: own.length,
    };
  });
}
