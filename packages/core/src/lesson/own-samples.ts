/** The samples of a lesson that are on one group's bench. */
import type { Practical, SampleRole } from '../practicals/practical.js';

interface Placed {
  readonly id: string;
  /** Place in the practical's list of samples. */
  readonly position: number;
}

/** By id of a kept liquid: the id of the sample it comes from. */
export function sourcesOf(
  samples: readonly Placed[],
  { samples: written }: Pick<Practical, 'samples'>,
): ReadonlyMap<string, string> {
  const idOf = new Map(samples.map((s) => [written[s.position]?.key, s.id]));
  return new Map(
    samples.flatMap(({ id, position }) => {
      const source = idOf.get(written[position]?.from?.sample);
      return source === undefined ? [] : [[id, source] as const];
    }),
  );
}

/**
 * Of a lesson's samples those one group works on: every known, the unknowns it was dealt, and the liquids kept of both.
 * @param unknowns ids dealt. @param sources as `sourcesOf` gives them.
 */
export function samplesOfGroup<S extends { readonly id: string; readonly role: SampleRole }>(
  samples: readonly S[],
  unknowns: Iterable<string>,
  sources: ReadonlyMap<string, string>,
): S[] {
  const dealt = new Set(unknowns);
  const here = new Set(samples.filter((s) => s.role === 'known' || dealt.has(s.id)).map((s) => s.id));
  return samples.filter((s) => here.has(s.role === 'kept' ? (sources.get(s.id) ?? '') : s.id));
}
