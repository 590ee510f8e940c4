/** A lesson's log as records of a class: what each group saw of each sample, beside what that sample holds. */
import { readGroup, seenIn, type LessonEvent, type ObservationEntry } from '../lesson/record.js';
import { slipsSaid } from '../identification-tests/how-done.js';
import { metBy } from '../practicals/evidence.js';
import type { PracticalSample } from '../practicals/practical.js';
import type { BenchRecord, ClassRecord } from './analyse.js';

/** An entry with what its bench said of how it was come by. */
function accountIn(entry: ObservationEntry): BenchRecord {
  const { test, did, reagentWas } = entry.body;
  return {
    ...seenIn(entry),
    ...(did && Object.keys(did).length ? { slips: slipsSaid(test, did) } : {}),
    ...(reagentWas ? { reagentOff: true as const } : {}),
  };
}

/**
 * Records of each group and each sample it has logged something of, gas tests apart from the others. What was corrected, doubted, taken from another sample or put into words alone is left out:
 * a cause is looked for in what people were sure of.
 */
export function classRecords(
  events: readonly LessonEvent[],
  groups: readonly { readonly id: string; readonly name: string }[],
  samples: readonly ({ readonly id: string } & Pick<PracticalSample, 'ions' | 'form'>)[],
): ClassRecord[] {
  const known = new Map(samples.map((s) => [s.id, s]));
  const byGroup = new Map<string, LessonEvent[]>(groups.map((g) => [g.id, []]));
  for (const event of events) byGroup.get(event.group)?.push(event);
  return groups.flatMap(({ id, name }) => {
    const { observations } = readGroup(byGroup.get(id)!);
    const records = new Map<string, ClassRecord & { observations: BenchRecord[] }>();
    for (const entry of observations) {
      const { test, seen, doubtful, inferredFrom } = entry.body;
      const sample = known.get(entry.body.sample);
      if (entry.correctedBy || doubtful || inferredFrom !== undefined || !Object.keys(seen).length || !sample)
        continue;
      const met = metBy(test, sample);
      if (!met.length) continue;
      const key = `${sample.id} ${met.join()}`;
      const record = records.get(key) ?? { group: name, sample: met, observations: [] };
      record.observations.push(accountIn(entry));
      records.set(key, record);
    }
    return [...records.values()];
  });
}
