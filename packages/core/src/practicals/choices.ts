/** What students choose a name from. */
import { testOf } from '../identification-tests/tests.js';
import { allGases, standsForNone } from '../species/species.js';
import { syllabusFor, type Practical } from './practical.js';

/**
 * What students choose a name from: lists of ids of the syllabus, one list, or two for a salt. Ions that no
 * test of the lesson can show are left out; nothing depends on what the jars hold.
 */
export function choicesFor(practical: Practical): readonly (readonly string[])[] {
  const { cations, anions, gases, metals } = syllabusFor(practical);
  const shown = (ids: readonly string[]) =>
    ids.filter((id) =>
      practical.tests.some((t) =>
        testOf(t.test).outcomes.some((o) => o.of === id && !o.shows[t.attributes[0]!]?.includes('none')),
      ),
    );
  switch (practical.asks) {
    case 'cation':
      return [shown(cations)];
    case 'anion':
      return [anions];
    case 'salt':
      return [cations, anions];
    case 'gas':
      return [[...gases, ...allGases.map((g) => g.id).filter(standsForNone)]];
    case 'metal':
      return [metals];
  }
}
