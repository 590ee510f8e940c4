/** Which ion was taken for which. */
import { readIons } from '../reading/read-ions.js';
import type { Asked } from '../practicals/practical.js';
import { allMetals, anionIn, cationIn, ionOf, isGasId, isMetalId } from '../species/species.js';
import { readGroup, type LessonEvent } from '../lesson/record.js';

export interface Naming {
  readonly truth: string;
  /** Ion id named, or null where none could be read. */
  readonly named: string | null;
  readonly n: number;
}

/** What a name says, as the part that was asked: an id, or undefined where it says none or several. */
function namedIn(answer: string, asks: Asked): string | undefined {
  const { claims, gases } = readIons(answer);
  const ions = claims.filter((c) => !c.denied).flatMap((c) => c.ions);
  const only = (list: readonly string[]) => (new Set(list).size === 1 ? list[0] : undefined);
  switch (asks) {
    case 'gas':
      return only(gases.flatMap((g) => (g.denied || !g.gas ? [] : [g.gas])));
    case 'metal':
      return only(
        allMetals
          .filter((m) => ions.some((id) => Object.keys(ionOf(id).atoms).join() === m.id))
          .map((m) => m.id),
      );
    case 'anion':
      return only(ions.filter((id) => ionOf(id).charge < 0));
    default:
      return only(ions.filter((id) => ionOf(id).charge > 0));
  }
}
const truthIn = (ids: readonly string[], asks: Asked): string | undefined =>
  asks === 'gas'
    ? ids.find(isGasId)
    : asks === 'metal'
      ? ids.find(isMetalId)
      : asks === 'anion'
        ? anionIn(ids)
        : cationIn(ids);

/** The last name each student gave each unknown, counted against the truth; of a salt, its cation. */
export function namings(
  events: readonly LessonEvent[],
  unknowns: readonly { readonly id: string; readonly ions: readonly string[] }[],
  asks: Asked = 'cation',
): Naming[] {
  const last = new Map<string, { truth: string; named: string | null }>();
  // Names stand by themselves: the rest of a long log need not be folded for them.
  for (const entry of readGroup(events.filter((e) => e.body.type === 'naming')).namings) {
    const sample = unknowns.find((u) => u.id === entry.body.sample);
    const truth = sample && truthIn(sample.ions, asks);
    if (!truth) continue;
    last.set(`${entry.by} ${entry.body.sample}`, {
      truth,
      named: namedIn(entry.body.answer, asks) ?? null,
    });
  }
  const counts = new Map<string, Naming>();
  for (const { truth, named } of last.values()) {
    const key = `${truth} ${named ?? ''}`;
    counts.set(key, { truth, named, n: (counts.get(key)?.n ?? 0) + 1 });
  }
  return [...counts.values()].sort((a, b) => b.n - a.n);
}
