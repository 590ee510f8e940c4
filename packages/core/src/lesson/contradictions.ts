/** Where a group's record speaks against itself: repeats that differ, records no ion explains, names that do not follow. */
import { listed } from '../reading/listed.js';
import { readIons } from '../reading/read-ions.js';
import { explains, likeliestSlip } from '../reasoning/likelihood.js';
import { ionOf } from '../species/species.js';
import { attributeOf, testOf } from '../identification-tests/tests.js';
import { decisive, seenIn, standing, type GroupRecord } from './record.js';

export interface Contradiction {
  readonly sample: string;
  readonly kind: 'repeats-differ' | 'no-ion-fits' | 'name-does-not-follow';
  /** For the teacher: what is odd and what to do. */
  readonly text: string;
}

const label = (test: string, attribute: string, value: string): string =>
  attributeOf(testOf(test), attribute).values.find((v) => v.id === value)?.label ?? value;

/**
 * The contradictions of one group's record about its samples.
 * @param samples ids of the group's unknowns.
 * @param cations ions the unknowns may hold (the syllabus's).
 */
export function contradictionsOf(
  record: GroupRecord,
  samples: readonly string[],
  cations: readonly string[],
): Contradiction[] {
  return samples.flatMap((sample): Contradiction[] => {
    const entries = standing(record, sample).filter(
      ({ body }) => !body.doubtful && body.inferredFrom === undefined && Object.keys(body.seen).length > 0,
    );
    const found: Contradiction[] = [];
    const values = new Map<string, Set<string>>();
    for (const entry of entries) {
      for (const [attribute, value] of Object.entries(entry.body.seen)) {
        const key = `${entry.body.test}\n${attribute}`;
        values.set(key, (values.get(key) ?? new Set()).add(value));
      }
    }
    for (const [key, seen] of values) {
      if (seen.size < 2) continue;
      const [test, attribute] = key.split('\n') as [string, string];
      const compatible = cations.some((ion) =>
        [...seen].every((value) => explains({ test, seen: { [attribute]: value } }, ion) === 'plain'),
      );
      if (!compatible) {
        const words = listed([...seen].map((value) => label(test, attribute, value)));
        found.push({
          sample,
          kind: 'repeats-differ',
          text: `${testOf(test).name} of one jar: ${words} are recorded. Ask which they trust, and have it repeated.`,
        });
      }
    }
    const last = decisive(entries);
    if (!last) return found;
    const seen = seenIn(last);
    const fits = cations.filter((ion) => explains(seen, ion) !== 'none');
    if (fits.length === 0) {
      const slip = cations.map((ion) => likeliestSlip(seen, ion)).find(Boolean);
      found.push({
        sample,
        kind: 'no-ion-fits',
        text: `No ion of the course shows this record. ${slip?.advice ?? 'Have it repeated.'}`,
      });
    }
    const naming = record.namings.findLast((entry) => entry.body.sample === sample);
    const named = naming
      ? readIons(naming.body.answer)
          .claims.filter((c) => !c.denied)
          .flatMap((c) => c.ions)
          .filter((id) => ionOf(id).charge > 0)
      : [];
    if (named.length && fits.length && !named.some((id) => fits.includes(id))) {
      const words = Object.entries(seen.seen)
        .map(([attribute, value]) => label(seen.test, attribute, value))
        .join(', ');
      found.push({
        sample,
        kind: 'name-does-not-follow',
        text: `Named ${ionOf(named[0]!).name} from a record of ${words}: ask what their evidence is.`,
      });
    }
    return found;
  });
}
