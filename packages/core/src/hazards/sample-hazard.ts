/** The hazard a sample bears, whatever it is called: as the substance it is, else as all its ions together. */
import { saltFormula } from '../formulas/salt-ions.js';
import type { SampleForm } from '../species/sample-form.js';
import { bandAt, elder, notKnown, worse, type HazardBand } from './hazard-band.js';
import { speciesHazards, type SpeciesHazard } from './species-hazards.js';
import { substanceHazard } from './substances.js';

const recordOf = (id: string): SpeciesHazard | undefined =>
  Object.hasOwn(speciesHazards, id) ? speciesHazards[id as keyof typeof speciesHazards] : undefined;

/** Graver words first; of two that begin alike the first stays. */
const together = (all: readonly HazardBand[]): HazardBand => {
  const level = all.reduce<HazardBand['level']>((worst, b) => worse(worst, b.level), 'low');
  const hands = all.reduce<HazardBand['hands']>((most, b) => elder(most, b.hands), undefined);
  const words = [...new Set(all.map((b) => b.words).filter(Boolean))];
  return {
    from_M: 0,
    level,
    words: words.join(' ') || 'Low hazard at this strength; wash your hands after use.',
    statements: [...new Set(all.flatMap((b) => b.statements))].sort(),
    ...(hands === undefined ? {} : { hands }),
  };
};

/**
 * The hazard a sample bears, of all it holds together.
 * @param ids ions of a salt, or a gas or metal; empty for deionised water.
 * @param molarity of the salt, mol/dm3; null for what is no solution.
 * @returns "not known: treat as hazardous" where a species has no record.
 */
export function sampleHazard(ids: readonly string[], form: SampleForm, molarity: number | null): HazardBand {
  const strength = form === 'solution' ? (molarity ?? 0) : null;
  const named = substanceHazard(saltFormula(ids));
  if (named) return strength === null ? named.neat : bandAt(named.bands, strength);
  return together(
    ids.map((id) => {
      const record = recordOf(id);
      if (!record) return notKnown;
      return strength === null ? record.neat : bandAt(record.bands ?? [record.neat], strength);
    }),
  );
}
