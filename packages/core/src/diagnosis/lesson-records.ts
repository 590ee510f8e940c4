/** A lesson's log as records of a class: what each group saw of each sample, beside what that sample holds. */
import { readGroup, seenIn, type LessonEvent } from '../lesson/record.js';
import type { SeenRecord } from '../reasoning/likelihood.js';
import { metBy } from '../practicals/evidence.js';
import type { PracticalSample } from '../practicals/practical.js';
import type { ClassRecord } from './analyse.js';

/**
 * Records of each group and each sample it has logged something of, gas tests apart from the others. What was corrected, doubted or put into words alone is left out:
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
    const records = new Map<string, ClassRecord & { observations: SeenRecord[] }>();
    for (const entry of observations) {
      const { test, seen, doubtful } = entry.body;
      const sample = known.get(entry.body.sample);
      if (entry.correctedBy || doubtful || !Object.keys(seen).length || !sample) continue;
      const met = metBy(test, sample);
      if (!met.length) continue;
      const key = `${sample.id} ${met.join()}`;
      const record = records.get(key) ?? { group: name, sample: met, observations: [] };
      record.observations.push(seenIn(entry));
      records.set(key, record);
    }
    return [...records.values()];
  });
}
