/** Lists of species for data that say "all the others". */
import { allAnions, allCations, allGases, allMetals, type SpeciesId } from '../species/species.js';

export const cationIds: readonly SpeciesId[] = allCations.map((i) => i.id);
export const anionIds: readonly SpeciesId[] = allAnions.map((i) => i.id);
export const gasIds: readonly SpeciesId[] = allGases.map((g) => g.id);
export const metalIds: readonly SpeciesId[] = allMetals.map((m) => m.id);

/** Those of `all` that are not among `listed`. */
export const others = (all: readonly SpeciesId[], ...listed: readonly SpeciesId[]): SpeciesId[] =>
  all.filter((id) => !listed.includes(id));
